package dev.inlay.table;

import dev.inlay.grid.Warning;
import dev.inlay.grid.WarningCode;
import java.util.List;
import java.util.Optional;

/**
 * The part of a table that stands on one page.
 *
 * @param frame where it stands
 * @param title the caption above it, if there is one
 * @param columnEdges x of the boundaries between its columns, in points
 * @param headerRows how many rows at the top are header
 * @param rows from top to bottom
 * @param warnings reasons to look at it
 * @param first whether no other table stands above it on the page
 * @param last whether no other table stands below it on the page
 */
record PageTable(
    TableFrame frame,
    Optional<String> title,
    List<Double> columnEdges,
    int headerRows,
    List<TableRow> rows,
    List<Warning> warnings,
    boolean first,
    boolean last) {

  PageTable {
    columnEdges = List.copyOf(columnEdges);
    rows = List.copyOf(rows);
    warnings = List.copyOf(warnings);
  }

  /** Whether nothing but its place tells its header. */
  boolean hasUnsureHeader() {
    return headerRows > 0 && warnings.stream().anyMatch(w -> w.code() == WarningCode.HEADER_UNSURE);
  }

  boolean isRuled() {
    return frame.rulings() == RulingExtent.FULL;
  }

  int columns() {
    return columnEdges.size() - 1;
  }

  List<TableRow> header() {
    return rows.subList(0, headerRows);
  }

  List<TableRow> body() {
    return rows.subList(headerRows, rows.size());
  }
}
