package dev.inlay.model;

import dev.inlay.geom.Box;

/**
 * A cell of a table, listed in the row and at the column where it starts.
 *
 * @param text as printed, its lines joined; empty where nothing is printed
 * @param column from 0
 * @param columnSpan how many columns it covers, at least 1
 * @param rowSpan how many rows it covers, at least 1
 * @param box where it stands on its row's page, in points
 */
public record TableCell(String text, int column, int columnSpan, int rowSpan, Box box) {

  /** The same cell so many columns further right. */
  public TableCell shifted(int columns) {
    return new TableCell(text, column + columns, columnSpan, rowSpan, box);
  }

  /** The same cell over so many rows. */
  public TableCell withRowSpan(int rows) {
    return rows == rowSpan ? this : new TableCell(text, column, columnSpan, rows, box);
  }
}
