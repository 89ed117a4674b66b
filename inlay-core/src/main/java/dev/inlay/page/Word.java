package dev.inlay.page;

import dev.inlay.geom.Box;
import dev.inlay.text.RightToLeft;
import java.util.List;
import java.util.StringJoiner;

/**
 * Characters that stand together without a space.
 *
 * @param text what they read, in the order of reading
 * @param box the box around them, in points
 * @param glyphs the characters, from left to right
 */
public record Word(String text, Box box, List<Glyph> glyphs) {

  /** Keeps a copy of the glyphs that cannot change. */
  public Word {
    glyphs = List.copyOf(glyphs);
  }

  /**
   * Words of one line as they are read, with one space between them.
   *
   * @param words from left to right
   */
  public static String join(List<Word> words) {
    StringJoiner text = new StringJoiner(" ");
    RightToLeft.words(words, Word::text).forEach(w -> text.add(w.text()));
    return text.toString();
  }
}
