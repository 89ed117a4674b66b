package dev.inlay.page;

import java.text.Normalizer;
import java.util.Map;

/**
 * Letters with accents that a file draws as two signs, one over the other, as older typesetting
 * programs do: they become the one character that a reader sees.
 */
final class Accents {

  /** An accent lies over its letter with at least this share of its width. */
  private static final double LEAST_OVER = 0.5;

  /** Accents as signs of their own, and as marks that combine with a letter. */
  private static final Map<Character, Character> COMBINING =
      Map.ofEntries(
          Map.entry('`', '\u0300'),
          Map.entry('\u00B4', '\u0301'),
          Map.entry('^', '\u0302'),
          Map.entry('\u02C6', '\u0302'),
          Map.entry('~', '\u0303'),
          Map.entry('\u02DC', '\u0303'),
          Map.entry('\u00AF', '\u0304'),
          Map.entry('\u02D8', '\u0306'),
          Map.entry('\u02D9', '\u0307'),
          Map.entry('\u00A8', '\u0308'),
          Map.entry('\u02DA', '\u030A'),
          Map.entry('\u02DD', '\u030B'),
          Map.entry('\u02C7', '\u030C'),
          Map.entry('\u00B8', '\u0327'),
          Map.entry('\u02DB', '\u0328'));

  private Accents() {}

  /** Whether a glyph is an accent alone. */
  static boolean isAccent(Placed one) {
    String text = one.glyph().text();
    return text.length() == 1
        && (COMBINING.containsKey(text.charAt(0)) || isCombining(text.charAt(0)));
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
    char mark = isCombining(sign) ? sign : COMBINING.get(sign);
    String dotted = letter.replace('\u0131', 'i').replace('\u0237', 'j');
    return Normalizer.normalize(dotted + mark, Normalizer.Form.NFC);
  }

  private static boolean isCombining(char c) {
    return c >= '\u0300' && c <= '\u036F';
  }
}
