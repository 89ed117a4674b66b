package dev.inlay.propose;

import dev.inlay.evidence.Frame;
import dev.inlay.model.Certainty;
import dev.inlay.model.Warning;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;

/**
 * The rows and columns of one frame.
 *
 * @param frame where it stands
 * @param columnEdges x of the boundaries from left to right, in points; one more than columns
 * @param rowEdges y of the boundaries from top to bottom, in points; one more than rows
 * @param rows for each row the cells that start in it, from left to right; no square is covered
 *     twice, and empty ones may be left out
 * @param isClosed whether every cell is boxed by rulings
 * @param headerRows how many rows at the top are header, where the lines themselves show it
 * @param groupRows the numbers of rows that head the rows below them, where the lines show it
 * @param certainty how probable the roles of its lines are
 * @param warnings what is doubtful about it
 */
public record Grid(
    Frame frame,
    List<Double> columnEdges,
    List<Double> rowEdges,
    List<List<Cell>> rows,
    boolean isClosed,
    OptionalInt headerRows,
    Set<Integer> groupRows,
    Certainty certainty,
    List<Warning> warnings) {

  /** Keeps copies that cannot change. */
  public Grid {
    columnEdges = List.copyOf(columnEdges);
    rowEdges = List.copyOf(rowEdges);
    rows = rows.stream().map(List::copyOf).toList();
    groupRows = Set.copyOf(groupRows);
    warnings = List.copyOf(warnings);
  }

  /** A grid of which no row is known to head others. */
  public Grid(
      Frame frame,
      List<Double> columnEdges,
      List<Double> rowEdges,
      List<List<Cell>> rows,
      boolean isClosed,
      OptionalInt headerRows,
      List<Warning> warnings) {
    this(
        frame,
        columnEdges,
        rowEdges,
        rows,
        isClosed,
        headerRows,
        Set.of(),
        Certainty.FULL,
        warnings);
  }

  /** The same, with what its lines tell of its rows. */
  public Grid withRows(OptionalInt header, Set<Integer> groups, Certainty roles) {
    return new Grid(frame, columnEdges, rowEdges, rows, isClosed, header, groups, roles, warnings);
  }

  /** The same with other cells. */
  public Grid withCells(List<List<Cell>> others) {
    return new Grid(
        frame, columnEdges, rowEdges, others, isClosed, headerRows, groupRows, certainty, warnings);
  }

  /** The same in a frame of which rulings box not every cell. */
  Grid asOpen(Frame other) {
    return new Grid(
        other, columnEdges, rowEdges, rows, false, headerRows, groupRows, certainty, warnings);
  }

  /** How many columns it has. */
  public int columns() {
    return columnEdges.size() - 1;
  }
}
