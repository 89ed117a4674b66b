package dev.inlay.page;

import java.text.Normalizer;

/**
 * Plain forms of characters that a font has as one sign, and raised and lowered forms of small
 * ones.
 *
 * <p>A raised {@code 1} behind {@code 1,204.5} must not become a digit of the number, so small
 * characters keep their place as Unicode superscripts and subscripts, which every reader of Unicode
 * folds back to the plain digits where it wants them.
 */
final class CharacterForms {

  private static final String PLAIN = "0123456789+-=()n";
  private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹⁺⁻⁼⁽⁾ⁿ";
  private static final String LOWERED = "₀₁₂₃₄₅₆₇₈₉₊₋₌₍₎ₙ";
  private static final char MINUS = '\u2212';
  private static final char SOFT_HYPHEN = '\u00AD';

  private CharacterForms() {}

  /**
   * Opens ligatures, takes out characters without width, and shows a printed soft hyphen as one.
   */
  static String plain(String text) {
    if (text.length() == 1 && text.charAt(0) >= ' ' && text.charAt(0) < 0x7F) {
      return text;
    }
    StringBuilder plain = new StringBuilder(text.length());
    text.codePoints().forEach(c -> appendPlain(plain, c));
    return plain.toString();
  }

  private static void appendPlain(StringBuilder to, int c) {
    if (c == SOFT_HYPHEN) {
      to.append('-');
    } else if (isLigature(c)) {
      to.append(Normalizer.normalize(Character.toString(c), Normalizer.Form.NFKC));
    } else if (!isWidthless(c)) {
      to.appendCodePoint(c);
    }
  }

  private static boolean isLigature(int c) {
    return c >= 0xFB00 && c <= 0xFB17;
  }

  /** Characters that print nothing, among them those that would steer a terminal. */
  static boolean isWidthless(int c) {
    boolean control = c < ' ' || c >= 0x7F && c <= 0x9F;
    boolean joinerOrMark = c >= 0x200B && c <= 0x200F || c == 0x2060 || c == 0xFEFF;
    boolean direction = c >= 0x202A && c <= 0x202E || c >= 0x2066 && c <= 0x2069;
    return control || joinerOrMark || direction;
  }

  /** The text in raised characters, or as it is where one of them has no raised form. */
  static String raised(String text) {
    return mapped(text, RAISED);
  }

  /** The text in lowered characters, or as it is where one of them has no lowered form. */
  static String lowered(String text) {
    return mapped(text, LOWERED);
  }

  private static String mapped(String text, String forms) {
    StringBuilder mapped = new StringBuilder(text.length());
    for (char c : text.toCharArray()) {
      int at = PLAIN.indexOf(c == MINUS ? '-' : c);
      if (at < 0) {
        return text;
      }
      mapped.append(forms.charAt(at));
    }
    return mapped.toString();
  }
}
