package dev.inlay.geom;

import java.util.Collection;
import java.util.function.Function;

/**
 * An axis-parallel box in PDF points; the origin is the upper left of the page, y grows downwards.
 *
 * @param left smaller x
 * @param top smaller y
 * @param right larger x
 * @param bottom larger y
 */
public record Box(double left, double top, double right, double bottom) {

  /**
   * Checks the order of the edges.
   *
   * @throws IllegalArgumentException if an edge lies on the wrong side of its opposite
   */
  public Box {
    if (!(left <= right) || !(top <= bottom)) {
      throw new IllegalArgumentException(
          "not a box: " + left + " " + top + " " + right + " " + bottom);
    }
  }

  /** The box over two opposite corners, given in any order. */
  public static Box ofCorners(double x1, double y1, double x2, double y2) {
    return new Box(Math.min(x1, x2), Math.min(y1, y2), Math.max(x1, x2), Math.max(y1, y2));
  }

  /** The width, in points. */
  public double width() {
    return right - left;
  }

  /** The height, in points. */
  public double height() {
    return bottom - top;
  }

  /** The x of the centre. */
  public double centreX() {
    return (left + right) / 2;
  }

  /** The y of the centre. */
  public double centreY() {
    return (top + bottom) / 2;
  }

  /** The box's stretch of the x axis. */
  public Interval horizontal() {
    return new Interval(left, right);
  }

  /** The box's stretch of the y axis. */
  public Interval vertical() {
    return new Interval(top, bottom);
  }

  /** Whether the point lies in the box or on its edge. */
  public boolean contains(double x, double y) {
    return x >= left && x <= right && y >= top && y <= bottom;
  }

  /**
   * The smallest box that holds the boxes of all things.
   *
   * @param things at least one
   * @throws java.util.NoSuchElementException if there is none
   */
  public static <T> Box around(Collection<T> things, Function<T, Box> boxOf) {
    Box first = boxOf.apply(things.iterator().next());
    double left = first.left;
    double top = first.top;
    double right = first.right;
    double bottom = first.bottom;
    for (T thing : things) {
      Box box = boxOf.apply(thing);
      left = box.left < left ? box.left : left;
      top = box.top < top ? box.top : top;
      right = box.right > right ? box.right : right;
      bottom = box.bottom > bottom ? box.bottom : bottom;
    }
    return new Box(left, top, right, bottom);
  }

  /** The smallest box that holds both. */
  public Box union(Box other) {
    return new Box(
        Math.min(left, other.left),
        Math.min(top, other.top),
        Math.max(right, other.right),
        Math.max(bottom, other.bottom));
  }

  /** Whether the boxes share at least a point. */
  public boolean meets(Box other) {
    return left <= other.right && other.left <= right && top <= other.bottom && other.top <= bottom;
  }

  /**
   * What both boxes cover.
   *
   * @throws IllegalArgumentException if they do not meet
   */
  public Box intersection(Box other) {
    return new Box(
        Math.max(left, other.left),
        Math.max(top, other.top),
        Math.min(right, other.right),
        Math.min(bottom, other.bottom));
  }
}
