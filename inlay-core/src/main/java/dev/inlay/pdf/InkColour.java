package dev.inlay.pdf;

import dev.inlay.page.Fill;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;

/**
 * Colours near enough to tell one shade from another. Exact ones need colour management, which
 * takes long to load and says nothing about tables.
 */
final class InkColour {

  /** Stands for patterns and what else has no single colour. */
  private static final int MIDDLE_GREY = 0x808080;

  /** Stands for ground of no one colour. */
  static final int UNKNOWN = -1;

  private InkColour() {}

  static int of(PDColor colour) {
    float[] c = colour.getComponents();
    return switch (c.length) {
      case 1 -> colour.getColorSpace() instanceof PDSeparation ? grey(1 - c[0]) : grey(c[0]);
      case 3 -> rgb(c[0], c[1], c[2]);
      case 4 -> rgb(inked(c[0], c[3]), inked(c[1], c[3]), inked(c[2], c[3]));
      default -> MIDDLE_GREY;
    };
  }

  private static double inked(double ink, double black) {
    return (1 - ink) * (1 - black);
  }

  private static int grey(double level) {
    return rgb(level, level, level);
  }

  private static int rgb(double red, double green, double blue) {
    return (channel(red) << 16 | channel(green) << 8 | channel(blue)) & Fill.WHITE;
  }

  private static int channel(double level) {
    return (int) Math.round(255 * Math.max(0, Math.min(1, level)));
  }
}
