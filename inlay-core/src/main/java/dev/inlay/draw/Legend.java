package dev.inlay.draw;

import dev.inlay.draw.Canvas.Pen;
import dev.inlay.geom.Box;
import java.io.IOException;
import java.util.List;

/** Draws below a page what its marks mean, and the warnings that its flags stand for. */
final class Legend {

  private static final double LINE = 13;
  private static final double TYPE = 7;
  private static final int ENTRIES = 11;
  private static final double ENTRY_WIDTH = 112;

  /** More warnings than this are counted. */
  private static final int MOST_WARNINGS = 8;

  private Legend() {}

  /** How high it is on a page of this width, in points. */
  static double height(double width, int warnings) {
    int lines = (ENTRIES + perLine(width) - 1) / perLine(width);
    int reported = Math.min(warnings, MOST_WARNINGS + 1);
    return (lines + reported + 1) * LINE;
  }

  private static int perLine(double width) {
    return Math.max(1, (int) (width / ENTRY_WIDTH));
  }

  /** Draws one entry's mark into a small box. */
  private interface Mark {
    void draw(Box box) throws IOException;
  }

  /**
   * Draws the legend.
   *
   * @param canvas with the page's own places
   * @param width of the page, in points
   * @param top where it begins, in points
   */
  static void draw(Canvas canvas, double width, double top, List<String> warnings)
      throws IOException {
    List<String> names =
        List.of(
            "frame of a table",
            "ruling",
            "gutter, row edge",
            "header",
            "merged cell",
            "group heading",
            "subtotal, total",
            "text outside",
            "furniture",
            "dropped text",
            "or: next likely");
    List<Mark> marks =
        List.of(
            b -> canvas.outline(b, ProofColour.FRAME, 1.4, Pen.SOLID),
            b -> middle(canvas, b, ProofColour.RULING, Pen.SOLID),
            b -> middle(canvas, b, ProofColour.GUTTER, Pen.DASHED),
            b -> canvas.tint(b, ProofColour.FRAME, 0.16),
            b -> canvas.hatch(b, ProofColour.RULING),
            b -> bars(canvas, b, ProofColour.GROUP, 1),
            b -> bars(canvas, b, ProofColour.TOTAL, 2),
            b -> middle(canvas, b, ProofColour.OUTSIDE, Pen.DOTTED),
            b -> canvas.hatch(b, ProofColour.OUTSIDE),
            b -> canvas.cross(b, ProofColour.OUTSIDE),
            b -> canvas.outline(b, ProofColour.DOUBT, 0.6, Pen.DASHED));
    int perLine = perLine(width);
    for (int i = 0; i < names.size(); i++) {
      double x = ENTRY_WIDTH * (i % perLine);
      double y = top + LINE * (i / perLine + 1);
      marks.get(i).draw(new Box(x, y - 8, x + 18, y));
      canvas.text(names.get(i), x + 23, y - 1.5, TYPE, ProofColour.TEXT, false);
    }
    double y = top + LINE * ((names.size() + perLine - 1) / perLine + 1);
    for (int i = 0; i < Math.min(warnings.size(), MOST_WARNINGS); i++) {
      canvas.flag(6, y, String.valueOf(i + 1), ProofColour.WARNING);
      canvas.text(warnings.get(i), 16, y - 2, TYPE, ProofColour.WARNING, false);
      y += LINE;
    }
    if (warnings.size() > MOST_WARNINGS) {
      String more = (warnings.size() - MOST_WARNINGS) + " more warnings on this page";
      canvas.text(more, 16, y - 2, TYPE, ProofColour.WARNING, false);
    }
  }

  private static void middle(Canvas canvas, Box box, ProofColour ink, Pen pen) throws IOException {
    canvas.line(box.left(), box.centreY(), box.right(), box.centreY(), ink, 1.2, pen);
  }

  private static void bars(Canvas canvas, Box box, ProofColour ink, int count) throws IOException {
    canvas.tint(box, ink, 0.12);
    for (int i = 0; i < count; i++) {
      double left = box.left() + 4.0 * i;
      canvas.tint(new Box(left, box.top(), left + 2.5, box.bottom()), ink, 1);
    }
  }
}
