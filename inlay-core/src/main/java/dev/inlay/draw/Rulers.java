package dev.inlay.draw;

import dev.inlay.draw.Canvas.Pen;
import dev.inlay.page.Page;
import java.io.IOException;

/** Draws rulers along a page: points above and at the left, percent below and at the right. */
final class Rulers {

  /** The strip that a ruler takes, in points. */
  static final double STRIP = 26;

  private static final int SMALL_STEP = 10;
  private static final int LARGE_STEP = 50;
  private static final int PERCENT_STEP = 5;
  private static final double TYPE = 6;

  private Rulers() {}

  static void draw(Canvas canvas, Page page) throws IOException {
    for (int p = 0; p <= page.width(); p += SMALL_STEP) {
      boolean large = p % LARGE_STEP == 0;
      canvas.line(p, -(large ? 9 : 5), p, 0, ProofColour.TEXT, 0.5, Pen.SOLID);
      if (large) {
        canvas.text(String.valueOf(p), p + 1.5, -11, TYPE, ProofColour.TEXT, false);
      }
    }
    for (int p = 0; p <= page.height(); p += SMALL_STEP) {
      boolean large = p % LARGE_STEP == 0;
      canvas.line(-(large ? 9 : 5), p, 0, p, ProofColour.TEXT, 0.5, Pen.SOLID);
      if (large) {
        canvas.text(String.valueOf(p), -STRIP + 2, p + 6, TYPE, ProofColour.TEXT, false);
      }
    }
    canvas.text("pt", -STRIP + 2, -14, TYPE, ProofColour.TEXT, true);
    for (int percent = 0; percent <= 100; percent += PERCENT_STEP) {
      boolean large = percent % (2 * PERCENT_STEP) == 0;
      double x = page.width() * percent / 100;
      double y = page.height() * percent / 100;
      double tick = large ? 9 : 5;
      canvas.line(x, page.height(), x, page.height() + tick, ProofColour.TEXT, 0.5, Pen.SOLID);
      canvas.line(page.width(), y, page.width() + tick, y, ProofColour.TEXT, 0.5, Pen.SOLID);
      if (large) {
        canvas.text(percent + "%", x + 1.5, page.height() + 15, TYPE, ProofColour.TEXT, false);
        canvas.text(percent + "%", page.width() + 10, y + 2, TYPE, ProofColour.TEXT, false);
      }
    }
  }
}
