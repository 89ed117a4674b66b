package dev.inlay.geom;

/**
 * A closed stretch of one axis.
 *
 * @param from lower end, in points
 * @param to upper end, in points, not below {@code from}
 */
public record Interval(double from, double to) {

  /**
   * Checks the order of the ends.
   *
   * @throws IllegalArgumentException if {@code to} lies below {@code from} or an end is no number
   */
  public Interval {
    if (!(from <= to)) {
      throw new IllegalArgumentException("not an interval: " + from + " to " + to);
    }
  }

  /** The length, in points. */
  public double length() {
    return to - from;
  }

  /** The point halfway between the ends. */
  public double middle() {
    return (from + to) / 2;
  }

  /** How much of both intervals coincides, in points; negative by the gap where they lie apart. */
  public double overlap(Interval other) {
    return Math.min(to, other.to) - Math.max(from, other.from);
  }

  /** Whether the intervals overlap or lie apart by no more than the given distance. */
  public boolean touches(Interval other, double distance) {
    return overlap(other) >= -distance;
  }

  /** The shortest interval that holds both. */
  public Interval union(Interval other) {
    return new Interval(Math.min(from, other.from), Math.max(to, other.to));
  }
}
