package dev.inlay.page;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;

/**
 * A line drawn along an axis of the page.
 *
 * @param horizontal whether it runs from left to right; else from top to bottom
 * @param at y of a horizontal line, x of a vertical one, in points
 * @param extent from where to where it runs, in points
 * @param thickness in points, 0 for the thinnest line a device can draw
 */
public record Stroke(boolean horizontal, double at, Interval extent, double thickness) {

  /** The box that it fills, flat along its direction. */
  public Box box() {
    return horizontal
        ? new Box(extent.from(), at, extent.to(), at)
        : new Box(at, extent.from(), at, extent.to());
  }
}
