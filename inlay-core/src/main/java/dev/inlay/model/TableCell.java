package dev.inlay.model;

import dev.inlay.geom.Box;
import java.util.List;

/**
 * A cell of a table, listed in the row and at the column where it starts.
 *
 * @param text as printed, its lines joined; empty where nothing is printed
 * @param lineStarts where in the text each printed line but the first begins, in characters
 * @param column from 0
 * @param columnSpan how many columns it covers, at least 1
 * @param rowSpan how many rows it covers, at least 1
 * @param box where it stands on its row's page, in points
 */
public record TableCell(
    String text, List<Integer> lineStarts, int column, int columnSpan, int rowSpan, Box box) {

  /** Keeps a copy of the line starts that cannot change. */
  public TableCell {
    lineStarts = List.copyOf(lineStarts);
  }

  /** A cell whose text is one line. */
  public TableCell(String text, int column, int columnSpan, int rowSpan, Box box) {
    this(text, List.of(), column, columnSpan, rowSpan, box);
  }

  /** The same text at other columns, in one row. */
  public TableCell at(int firstColumn, int columns) {
    return new TableCell(text, lineStarts, firstColumn, columns, 1, box);
  }

  /** The same cell at another place of its page. */
  public TableCell at(Box place) {
    return new TableCell(text, lineStarts, column, columnSpan, rowSpan, place);
  }

  /** The same cell, the text of another going on with its own on a new line. */
  public TableCell goingOn(TableCell more) {
    List<Integer> starts = LineStarts.joined(text.length(), lineStarts, more.lineStarts);
    String joined = text + " " + more.text;
    return new TableCell(joined, starts, column, columnSpan, rowSpan, box);
  }

  /** The same cell this many columns further right. */
  public TableCell shifted(int columns) {
    return new TableCell(text, lineStarts, column + columns, columnSpan, rowSpan, box);
  }

  /** The same cell over this many rows. */
  public TableCell withRowSpan(int rows) {
    return rows == rowSpan ? this : new TableCell(text, lineStarts, column, columnSpan, rows, box);
  }
}
