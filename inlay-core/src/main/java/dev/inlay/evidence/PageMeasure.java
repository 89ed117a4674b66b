package dev.inlay.evidence;

import dev.inlay.page.Page;

/**
 * Distances that depend on how large a page is printed. All are shares of the height of its
 * ordinary type, so that a page means the same at any scale.
 *
 * @param typeSize the height of ordinary type, in points, greater than 0
 * @param snapShare positions this near are one, as a share of the type's height
 */
public record PageMeasure(double typeSize, double snapShare) {

  /** Stands for the type of a page that has none. */
  private static final double USUAL_TYPE = 10;

  /** Lines nearer than this are one to the eye: less than the stem of a letter apart. */
  private static final double SNAP = 0.2;

  /** The gap between boxes of neighbouring cells is at most this. */
  private static final double SEPARATE_SNAP = 0.6;

  /**
   * A filled box at most this thick is a line; the thickest frames drawn in papers are 3 points.
   */
  private static final double LINE = 0.3;

  /** Shorter lines bound no cell: a cell is at least about as high as the type in it. */
  private static final double SHORTEST_RULING = 0.7;

  /** Collinear pieces parted by no more than this are a dashed line. */
  private static final double DASH_GAP = 0.35;

  /** The measure of a page. */
  public static PageMeasure of(Page page) {
    double size = page.typeSize();
    return new PageMeasure(size > 0 ? size : USUAL_TYPE);
  }

  /** The measure of a page whose ordinary type has this height, in points. */
  public PageMeasure(double typeSize) {
    this(typeSize, SNAP);
  }

  /** Positions this near are one, in points. */
  public double snap() {
    return snapShare * typeSize;
  }

  /**
   * The measure for cells that each have a box of their own: lines with a gap between them, as wide
   * as the padding of a cell, are taken as one.
   */
  public PageMeasure forSeparateBoxes() {
    return new PageMeasure(typeSize, SEPARATE_SNAP);
  }

  /** The widest gap between the two lines of a double line, or between boxes, in points. */
  public double widestLineGap() {
    return SEPARATE_SNAP * typeSize;
  }

  /** The greatest thickness of a line, in points. */
  public double lineThickness() {
    return LINE * typeSize;
  }

  /** The least length of a ruling, in points. */
  public double shortestRuling() {
    return SHORTEST_RULING * typeSize;
  }

  /** The greatest gap inside a dashed line, in points. */
  public double dashGap() {
    return DASH_GAP * typeSize;
  }
}
