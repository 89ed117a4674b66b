package dev.inlay.write;

import java.util.List;

/**
 * A sheet of a result, as any spreadsheet or list can hold it.
 *
 * @param name of the sheet
 * @param columns from left to right
 * @param rows each with as many cells as there are columns
 */
record ResultSheet(String name, List<Head> columns, List<List<Cell>> rows) {

  /**
   * A column.
   *
   * @param name its heading
   * @param numeric whether most of its cells are numbers
   */
  record Head(String name, boolean numeric) {}

  /**
   * A cell.
   *
   * @param content a text, number, day or truth value; null for none
   * @param format how a number is shown, as {@code #,##0.0}; empty for a plain one
   * @param link where a click leads, or empty
   * @param finding the number of the finding that speaks of it, from 1; 0 for none
   */
  record Cell(Object content, String format, String link, int finding) {

    /** A cell that no finding speaks of. */
    Cell(Object content, String format, String link) {
      this(content, format, link, 0);
    }

    static final Cell EMPTY = new Cell(null, "", "");

    static Cell of(Object content) {
      return new Cell(content, "", "");
    }

    /** The same cell, of which a finding speaks. */
    Cell with(int number) {
      return new Cell(content, format, link, number);
    }

    /** The text of the cell in files without types. */
    String text() {
      return ValueText.of(content);
    }
  }

  ResultSheet {
    columns = List.copyOf(columns);
  }
}
