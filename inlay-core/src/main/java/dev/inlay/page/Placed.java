package dev.inlay.page;

import dev.inlay.geom.Box;

/**
 * A glyph in the frame of its own text: {@code from} and {@code to} along the direction of reading,
 * {@code baseline} across it and growing downwards, whatever way the text is turned on the page.
 */
record Placed(Glyph glyph, double from, double to, double baseline) {

  static Placed of(Glyph glyph) {
    Box box = glyph.box();
    return switch (glyph.turn()) {
      case UPRIGHT, SLANTED -> new Placed(glyph, box.left(), box.right(), glyph.baseline());
      case UPWARDS -> new Placed(glyph, -box.bottom(), -box.top(), glyph.baseline());
      case UPSIDE_DOWN -> new Placed(glyph, -box.right(), -box.left(), -glyph.baseline());
      case DOWNWARDS -> new Placed(glyph, box.top(), box.bottom(), -glyph.baseline());
    };
  }

  double size() {
    return glyph.size();
  }
}
