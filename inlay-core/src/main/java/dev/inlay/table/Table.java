package dev.inlay.table;

import dev.inlay.grid.Warning;
import java.util.List;
import java.util.Optional;

/**
 * A table as a reader sees it, over all the pages it is printed on.
 *
 * @param id page and order of its start, e.g. {@code p1t1}
 * @param title its caption, if it has one
 * @param frames from its first to its last page
 * @param confidence an estimate from 0 to 1 that it is right as a whole
 * @param warnings reasons to look at it
 * @param headerRows how many rows at the top are header
 * @param columns from left to right
 * @param rows header rows once, then the others
 */
public record Table(
    String id,
    Optional<String> title,
    List<TableFrame> frames,
    double confidence,
    List<Warning> warnings,
    int headerRows,
    List<Column> columns,
    List<TableRow> rows) {

  /** Keeps copies that cannot change. */
  public Table {
    frames = List.copyOf(frames);
    warnings = List.copyOf(warnings);
    columns = List.copyOf(columns);
    rows = List.copyOf(rows);
  }

  /** The rows below the header. */
  public List<TableRow> bodyRows() {
    return rows.subList(headerRows, rows.size());
  }

  /** The numbers of the pages it is printed on, each once. */
  public List<Integer> pages() {
    return frames.stream().map(TableFrame::page).distinct().toList();
  }
}
