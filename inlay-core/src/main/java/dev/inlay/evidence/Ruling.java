package dev.inlay.evidence;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;

/**
 * A drawn line as a reader sees it, whatever drew it: pieces in one line are one ruling. The edge
 * of a shaded area is a weaker sign, and keeps its kind.
 *
 * @param horizontal whether it runs from left to right; else from top to bottom
 * @param at y of a horizontal ruling, x of a vertical one, in points
 * @param extent from where to where it runs, in points
 * @param kind what makes the reader see it
 */
public record Ruling(boolean horizontal, double at, Interval extent, Kind kind) {

  /** What makes a reader see a line. */
  public enum Kind {
    /** A stroke, a thin box or picture, dashes, or a row of characters. */
    DRAWN,
    /** The edge of a shaded area along which nothing is drawn. */
    SHADE_EDGE
  }

  /** A drawn ruling. */
  public Ruling(boolean horizontal, double at, Interval extent) {
    this(horizontal, at, extent, Kind.DRAWN);
  }

  /** Whether it is drawn, and not the edge of a shaded area. */
  public boolean isDrawn() {
    return kind == Kind.DRAWN;
  }

  /** The box that it fills, without thickness, in points. */
  public Box box() {
    return horizontal
        ? new Box(extent.from(), at, extent.to(), at)
        : new Box(at, extent.from(), at, extent.to());
  }

  /** Whether two rulings of different directions cross or meet within the given distance. */
  boolean crosses(Ruling other, double distance) {
    return extent.from() - distance <= other.at
        && other.at <= extent.to() + distance
        && other.extent.from() - distance <= at
        && at <= other.extent.to() + distance;
  }
}
