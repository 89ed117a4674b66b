package dev.inlay.pdf;

import dev.inlay.page.Typeface;
import java.util.Locale;
import org.apache.fontbox.util.BoundingBox;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDFontDescriptor;
import org.apache.pdfbox.pdmodel.font.PDType3Font;

/**
 * What is needed of a font to place its characters.
 *
 * @param face its look
 * @param ascent how far its characters reach above the baseline, in text space units
 * @param descent how far they reach below it, in text space units, not negative
 * @param height the height of its type, in text space units: 1 but for fonts drawn by the page
 */
record FontShape(Typeface face, double ascent, double descent, double height) {

  /** Ascent and descent of ordinary Latin type, for fonts that do not tell or tell nonsense. */
  private static final double USUAL_ASCENT = 0.75;

  private static final double USUAL_DESCENT = 0.22;

  /** No ordinary font reaches less far above the baseline, in type sizes. */
  private static final double LEAST_ASCENT = 0.4;

  /** Nor farther: more is room for accents, which would make lines of text overlap. */
  private static final double MOST_ASCENT = 1.0;

  private static final double MOST_DESCENT = 0.4;

  /** The weight from which the open type formats call a font bold. */
  private static final int BOLD_WEIGHT = 600;

  static FontShape of(PDFont font) {
    Typeface face = face(font);
    if (font instanceof PDType3Font drawn) {
      return drawnShape(face, drawn);
    }
    PDFontDescriptor descriptor = font.getFontDescriptor();
    double ascent = descriptor == null ? 0 : descriptor.getAscent() / 1000;
    double descent = descriptor == null ? 0 : Math.abs(descriptor.getDescent()) / 1000;
    boolean stated = ascent >= LEAST_ASCENT && ascent <= MOST_ASCENT && descent <= MOST_DESCENT;
    return stated
        ? new FontShape(face, ascent, descent, 1)
        : new FontShape(face, USUAL_ASCENT, USUAL_DESCENT, 1);
  }

  /**
   * A font whose characters are drawings has its own unit, which may point down; its box says how
   * large it is.
   */
  private static FontShape drawnShape(Typeface face, PDType3Font font) {
    boolean down = font.getFontMatrix().getScaleY() < 0;
    double unit = (down ? -1 : 1) * Math.abs(font.getFontMatrix().getScalingFactorY());
    double ascent = 0;
    double descent = 0;
    try {
      BoundingBox box = font.getBoundingBox();
      if (box != null) {
        double end = box.getUpperRightY() * unit;
        double otherEnd = box.getLowerLeftY() * unit;
        ascent = Math.max(end, otherEnd);
        descent = -Math.min(end, otherEnd);
      }
    } catch (IllegalArgumentException e) {
      ascent = 0; // a box without sense is as good as none
    }
    double height = ascent + descent;
    if (!(ascent > 0) || !(height > 0)) {
      return new FontShape(face, USUAL_ASCENT, USUAL_DESCENT, 1);
    }
    return new FontShape(face, ascent, Math.max(0, descent), height);
  }

  private static Typeface face(PDFont font) {
    String name = font.getName() == null ? "" : font.getName();
    if (name.length() > 7 && name.charAt(6) == '+') {
      name = name.substring(7);
    }
    String lower = name.toLowerCase(Locale.ROOT);
    PDFontDescriptor descriptor = font.getFontDescriptor();
    boolean bold = saysBold(lower);
    boolean italic = lower.contains("italic") || lower.contains("oblique");
    if (descriptor != null) {
      bold |= descriptor.getFontWeight() >= BOLD_WEIGHT || descriptor.isForceBold();
      italic |= descriptor.isItalic();
    }
    return new Typeface(name, bold, italic);
  }

  private static boolean saysBold(String name) {
    return name.contains("bold")
        || name.contains("black")
        || name.contains("heavy")
        || name.endsWith("-bd")
        || name.startsWith("cmbx")
        || name.startsWith("cmssbx");
  }
}
