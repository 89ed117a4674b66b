package dev.inlay.page;

import java.text.Normalizer;

/**
 * Letters with accents that a file draws as two signs, one over the other, as older typesetting
 * programs do: they become the one character that a reader sees.
 */
final class Accents {

  /** An accent lies over its letter with at least this share of its width. */
  private static final double LEAST_OVER = 0.5;

  private static final String SIGNS =
      "`\u00B4^\u02C6~\u02DC\u00AF\u02D8\u02D9\u00A8\u02DA\u02DD\u02C7\u00B8\u02DB";

  /** The marks that combine with a letter, in the order of the signs. */
  private static final String MARKS =
      "\u0300\u0301\u0302\u0302\u0303\u0303\u0304\u0306\u0307\u0308\u030A\u030B\u030C\u0327\u0328";

  private Accents() {}

  /** Whether a glyph is an accent alone. */
  static boolean isAccent(Placed one) {
    String text = one.glyph().text();
    return text.length() == 1
        && (SIGNS.indexOf(text.charAt(0)) >= 0 || isCombining(text.charAt(0)));
  }

  /** Whether an accent lies over a glyph, and there is a character of both. */
  static boolean isOver(Placed accent, Placed letter) {
    double over = Math.min(accent.to(), letter.to()) - Math.max(accent.from(), letter.from());
    String base = letter.glyph().text();
    if (over < LEAST_OVER * (accent.to() - accent.from())
        || base.isEmpty()
        || !Character.isLetter(base.codePointAt(0))) {
      return false;
    }
    String both = composed(base, accent);
    return both.codePointCount(0, both.length()) == 1;
  }

  /** A letter with an accent. */
  static String composed(String letter, Placed accent) {
    char sign = accent.glyph().text().charAt(0);
    char mark = isCombining(sign) ? sign : MARKS.charAt(SIGNS.indexOf(sign));
    String dotted = letter.replace('\u0131', 'i').replace('\u0237', 'j');
    return Normalizer.normalize(dotted + mark, Normalizer.Form.NFC);
  }

  private static boolean isCombining(char c) {
    return c >= '\u0300' && c <= '\u036F';
  }
}
