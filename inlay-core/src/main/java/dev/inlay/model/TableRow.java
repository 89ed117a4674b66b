package dev.inlay.model;

import java.util.List;
import java.util.Optional;

/**
 * A row of a table.
 *
 * @param kind what it is
 * @param page the number of the page that it is printed on, from 1
 * @param cells those that start in it, from left to right
 */
public record TableRow(RowKind kind, int page, List<TableCell> cells) {

  /** Keeps a copy of the cells that cannot change. */
  public TableRow {
    cells = List.copyOf(cells);
  }

  /** The cell that begins in a column, from 0; empty where none does. */
  public Optional<TableCell> cellAt(int column) {
    return cells.stream().filter(c -> c.column() == column).findFirst();
  }

  /** The text of the cell that begins in a column, from 0; empty where none does. */
  public String textAt(int column) {
    return cellAt(column).map(TableCell::text).orElse("");
  }
}
