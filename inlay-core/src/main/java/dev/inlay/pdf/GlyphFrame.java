package dev.inlay.pdf;

import dev.inlay.geom.Box;
import dev.inlay.page.Glyph;
import dev.inlay.page.Turn;
import java.awt.geom.Point2D;
import org.apache.pdfbox.util.Matrix;

/** What the glyphs of one shown text have in common: their size, and where right and up are. */
final class GlyphFrame {

  /** Text leaning by more than this sine runs in no direction of the page's edges. */
  private static final double SLANT = 0.05;

  private final PageSpace space;
  private final FontShape shape;
  private final double rightX;
  private final double rightY;
  private final double size;
  private final Turn turn;

  /** How far a glyph reaches from its baseline to the left, right, top and bottom of the page. */
  private final double left;

  private final double right;
  private final double top;
  private final double bottom;

  /**
   * @param toUser the way from a glyph's own space to user space, wherever it begins
   */
  GlyphFrame(PageSpace space, Matrix toUser, FontShape shape) {
    this.space = space;
    this.shape = shape;
    rightX = space.directionX(toUser.getScaleX(), toUser.getShearY());
    rightY = space.directionY(toUser.getScaleX(), toUser.getShearY());
    double upX = space.directionX(toUser.getShearX(), toUser.getScaleY());
    double upY = space.directionY(toUser.getShearX(), toUser.getScaleY());
    left = Math.min(upX * shape.ascent(), -upX * shape.descent());
    right = Math.max(upX * shape.ascent(), -upX * shape.descent());
    top = Math.min(upY * shape.ascent(), -upY * shape.descent());
    bottom = Math.max(upY * shape.ascent(), -upY * shape.descent());
    size = Math.max(Math.sqrt(upX * upX + upY * upY) * shape.height(), Double.MIN_NORMAL);
    turn = turn(rightX, rightY);
  }

  private static Turn turn(double x, double y) {
    double length = Math.sqrt(x * x + y * y);
    if (Math.abs(y) <= SLANT * length) {
      return x >= 0 ? Turn.UPRIGHT : Turn.UPSIDE_DOWN;
    }
    if (Math.abs(x) <= SLANT * length) {
      return y < 0 ? Turn.UPWARDS : Turn.DOWNWARDS;
    }
    return Turn.SLANTED;
  }

  /** The glyph of a character that begins at a place of user space. */
  Glyph at(double userX, double userY, FontCodes.Sign sign) {
    Point2D.Double origin = space.point(userX, userY);
    double endX = origin.x + sign.advance() * rightX;
    double endY = origin.y + sign.advance() * rightY;
    Box box =
        Box.ofCorners(
            Math.min(origin.x, endX) + left,
            Math.min(origin.y, endY) + top,
            Math.max(origin.x, endX) + right,
            Math.max(origin.y, endY) + bottom);
    boolean sideways = turn == Turn.UPWARDS || turn == Turn.DOWNWARDS;
    return new Glyph(sign.text(), box, sideways ? origin.x : origin.y, size, turn, shape.face());
  }
}
