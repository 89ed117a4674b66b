package dev.inlay.draw;

import dev.inlay.geom.Box;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;

/** Draws marks in the places of a page: points, origin at the upper left. */
final class Canvas {

  /** A way of drawing a line. */
  enum Pen {
    SOLID(new float[0]),
    DASHED(new float[] {5, 2.5f}),
    DOTTED(new float[] {1, 2});

    private final float[] pattern;

    Pen(float[] pattern) {
      this.pattern = pattern;
    }
  }

  private static final PDFont PLAIN = new PDType1Font(FontName.HELVETICA);
  private static final PDFont BOLD = new PDType1Font(FontName.HELVETICA_BOLD);

  /** Hatching lines are this far apart, in points. */
  private static final double HATCH_STEP = 5;

  /** Hatching covers this much of what lies below, so that text in it can be read. */
  private static final float HATCH_SHARE = 0.5f;

  private final PDPageContentStream out;
  private final double left;
  private final double top;

  /**
   * Begins to draw.
   *
   * @param left x of the page's left edge on the sheet that is drawn on
   * @param top y of the page's upper edge on that sheet, counted upwards as PDF does
   */
  Canvas(PDPageContentStream out, double left, double top) {
    this.out = out;
    this.left = left;
    this.top = top;
  }

  private float x(double x) {
    return (float) (left + x);
  }

  private float y(double y) {
    return (float) (top - y);
  }

  void line(double x1, double y1, double x2, double y2, ProofColour ink, double width, Pen pen)
      throws IOException {
    out.setStrokingColor(ink.colour());
    out.setLineWidth((float) width);
    out.setLineDashPattern(pen.pattern, 0);
    out.moveTo(x(x1), y(y1));
    out.lineTo(x(x2), y(y2));
    out.stroke();
  }

  void outline(Box box, ProofColour ink, double width, Pen pen) throws IOException {
    out.setStrokingColor(ink.colour());
    out.setLineWidth((float) width);
    out.setLineDashPattern(pen.pattern, 0);
    addBox(box);
    out.stroke();
  }

  private void addBox(Box box) throws IOException {
    out.addRect(x(box.left()), y(box.bottom()), (float) box.width(), (float) box.height());
  }

  /**
   * Fills a box.
   *
   * @param share how much of what lies below is covered, 0 to 1
   */
  void tint(Box box, ProofColour ink, double share) throws IOException {
    out.saveGraphicsState();
    PDExtendedGraphicsState state = new PDExtendedGraphicsState();
    state.setNonStrokingAlphaConstant((float) share);
    out.setGraphicsStateParameters(state);
    out.setNonStrokingColor(ink.colour());
    addBox(box);
    out.fill();
    out.restoreGraphicsState();
  }

  /** Fills a box with slanting lines. */
  void hatch(Box box, ProofColour ink) throws IOException {
    out.saveGraphicsState();
    addBox(box);
    out.clip();
    PDExtendedGraphicsState state = new PDExtendedGraphicsState();
    state.setStrokingAlphaConstant(HATCH_SHARE);
    out.setGraphicsStateParameters(state);
    for (double d = -box.height(); d < box.width(); d += HATCH_STEP) {
      double from = box.left() + d;
      line(from, box.bottom(), from + box.height(), box.top(), ink, 0.5, Pen.SOLID);
    }
    out.restoreGraphicsState();
  }

  /** Crosses a box out. */
  void cross(Box box, ProofColour ink) throws IOException {
    outline(box, ink, 0.6, Pen.SOLID);
    line(box.left(), box.top(), box.right(), box.bottom(), ink, 0.6, Pen.SOLID);
    line(box.left(), box.bottom(), box.right(), box.top(), ink, 0.6, Pen.SOLID);
  }

  /** A triangle that points down at a place, with a number in it. */
  void flag(double atX, double atY, String number, ProofColour ink) throws IOException {
    out.setNonStrokingColor(ink.colour());
    out.moveTo(x(atX), y(atY));
    out.lineTo(x(atX - 6), y(atY - 11));
    out.lineTo(x(atX + 6), y(atY - 11));
    out.closePath();
    out.fill();
    text(number, atX - width(number, 6, true) / 2, atY - 5.5, 6, ProofColour.PAPER, true);
  }

  void text(String text, double atX, double baseline, double size, ProofColour ink, boolean bold)
      throws IOException {
    out.beginText();
    out.setFont(bold ? BOLD : PLAIN, (float) size);
    out.setNonStrokingColor(ink.colour());
    out.newLineAtOffset(x(atX), y(baseline));
    out.showText(printable(text));
    out.endText();
  }

  static double width(String text, double size, boolean bold) throws IOException {
    return (bold ? BOLD : PLAIN).getStringWidth(printable(text)) / 1000 * size;
  }

  /** The built-in fonts hold the letters of western Europe; others are shown as question marks. */
  private static String printable(String text) {
    StringBuilder result = new StringBuilder();
    text.codePoints()
        .forEach(
            c -> {
              boolean known = c >= ' ' && c <= '~' || c >= 0xA0 && c <= 0xFF;
              result.append(known ? (char) c : c == '\u2026' || c == '\u2013' ? '-' : '?');
            });
    return result.toString();
  }
}
