package dev.inlay.rows;

/**
 * How often a check found something to compare: one that never did proves nothing.
 *
 * @param times it was asked, at least 0
 * @param rows it was asked over, those of each time counted
 */
public record CheckCount(int times, int rows) {

  /** Nothing was compared. */
  public static final CheckCount NONE = new CheckCount(0, 0);

  /** Both counts together. */
  public CheckCount plus(CheckCount other) {
    return new CheckCount(times + other.times, rows + other.rows);
  }
}
