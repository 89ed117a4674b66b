package dev.inlay.find;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;

/**
 * A drawn line as a reader sees it, whatever drew it: pieces in one line are one ruling.
 *
 * @param horizontal whether it runs from left to right; else from top to bottom
 * @param at y of a horizontal ruling, x of a vertical one, in points
 * @param extent from where to where it runs, in points
 */
public record Ruling(boolean horizontal, double at, Interval extent) {

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
