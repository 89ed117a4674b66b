package dev.inlay.pdf;

import dev.inlay.geom.Box;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * The way from a PDF's user space to the page as a reader sees it: cropped, turned upright, in
 * points, with the origin at the upper left.
 */
final class PageSpace {

  private final AffineTransform toPage;
  private final double width;
  private final double height;

  PageSpace(PDPage page) {
    PDRectangle crop = page.getCropBox();
    double unit = page.getUserUnit();
    int rotation = Math.floorMod(page.getRotation(), 360);
    boolean sideways = rotation == 90 || rotation == 270;
    width = (sideways ? crop.getHeight() : crop.getWidth()) * unit;
    height = (sideways ? crop.getWidth() : crop.getHeight()) * unit;

    // Read from the last line upwards: crop, scale, flip, turn, and shift back into view.
    AffineTransform t = new AffineTransform();
    switch (rotation) {
      case 90 -> t.translate(width, 0);
      case 180 -> t.translate(width, height);
      case 270 -> t.translate(0, height);
      default -> {
        // upright already
      }
    }
    t.rotate(Math.toRadians(rotation));
    t.translate(0, crop.getHeight() * unit);
    t.scale(unit, -unit);
    t.translate(-crop.getLowerLeftX(), -crop.getLowerLeftY());
    toPage = t;
  }

  double width() {
    return width;
  }

  double height() {
    return height;
  }

  /** The whole page. */
  Box sheet() {
    return new Box(0, 0, width, height);
  }

  Point2D.Double point(double x, double y) {
    Point2D.Double p = new Point2D.Double(x, y);
    toPage.transform(p, p);
    return p;
  }

  /** How far a direction in user space runs to the right on the page. */
  double directionX(double x, double y) {
    return toPage.getScaleX() * x + toPage.getShearX() * y;
  }

  /** How far a direction in user space runs down the page. */
  double directionY(double x, double y) {
    return toPage.getShearY() * x + toPage.getScaleY() * y;
  }

  /** How many points of the page one unit of user space is long. */
  double scale() {
    return Math.sqrt(Math.abs(toPage.getDeterminant()));
  }
}
