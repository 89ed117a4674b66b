package dev.inlay.grid;

import dev.inlay.find.Frame;
import java.util.List;

/**
 * The rows and columns of one frame.
 *
 * @param frame where it stands
 * @param columnEdges x of the boundaries from left to right, in points; one more than columns
 * @param rowEdges y of the boundaries from top to bottom, in points; one more than rows
 * @param rows for each row the cells that start in it, from left to right; together the cells cover
 *     the grid once
 * @param isClosed whether every cell is boxed by rulings
 * @param warnings what is doubtful about it
 */
public record Grid(
    Frame frame,
    List<Double> columnEdges,
    List<Double> rowEdges,
    List<List<Cell>> rows,
    boolean isClosed,
    List<Warning> warnings) {

  /** Keeps copies that cannot change. */
  public Grid {
    columnEdges = List.copyOf(columnEdges);
    rowEdges = List.copyOf(rowEdges);
    rows = rows.stream().map(List::copyOf).toList();
    warnings = List.copyOf(warnings);
  }

  /** How many columns it has. */
  public int columns() {
    return columnEdges.size() - 1;
  }
}
