package dev.inlay.grid;

import dev.inlay.find.Frame;
import java.util.List;
import java.util.OptionalInt;

/**
 * The rows and columns of one frame.
 *
 * @param frame where it stands
 * @param columnEdges x of the boundaries from left to right, in points; one more than columns
 * @param rowEdges y of the boundaries from top to bottom, in points; one more than rows
 * @param rows for each row the cells that start in it, from left to right; no square is covered
 *     twice, and empty ones may be left out
 * @param isClosed whether every cell is boxed by rulings
 * @param headerRows how many rows at the top are header, where the lines themselves told it
 * @param warnings what is doubtful about it
 */
public record Grid(
    Frame frame,
    List<Double> columnEdges,
    List<Double> rowEdges,
    List<List<Cell>> rows,
    boolean isClosed,
    OptionalInt headerRows,
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
