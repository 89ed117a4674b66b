package dev.inlay.page;

import dev.inlay.geom.Box;

/**
 * One printed character (or ligature) at its place.
 *
 * @param text the Unicode text it stands for; {@code U+FFFD} where the file does not say
 * @param box the box from ascent to descent over its advance width, in points
 * @param baseline y of the baseline for upright text, in points; x for text turned by a quarter
 * @param size the height of its font, in points, greater than 0
 * @param turn the direction in which its text runs
 * @param face the look of its font
 */
public record Glyph(String text, Box box, double baseline, double size, Turn turn, Typeface face) {

  /** What stands for a character whose meaning the file does not give. */
  public static final String UNKNOWN = "\uFFFD";

  /** Whether nothing is seen of it: it only keeps others apart. */
  public boolean isBlank() {
    if (!text.isEmpty() && text.charAt(0) > ' ' && text.charAt(0) <= '~') {
      return false; // most characters of most pages
    }
    for (int i = 0; i < text.length(); i += Character.charCount(text.codePointAt(i))) {
      if (!isSpace(text.codePointAt(i)) && !CharacterForms.isWidthless(text.codePointAt(i))) {
        return false;
      }
    }
    return true;
  }

  private static boolean isSpace(int codePoint) {
    return Character.isWhitespace(codePoint) || Character.isSpaceChar(codePoint);
  }
}
