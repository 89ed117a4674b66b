package dev.inlay.page;

import dev.inlay.geom.Box;
import java.util.List;

/**
 * Characters that stand together without a space.
 *
 * @param text what they read
 * @param box the box around them, in points
 * @param glyphs the characters, from left to right
 */
public record Word(String text, Box box, List<Glyph> glyphs) {

  /** Keeps a copy of the glyphs that cannot change. */
  public Word {
    glyphs = List.copyOf(glyphs);
  }
}
