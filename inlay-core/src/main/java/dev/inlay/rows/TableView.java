package dev.inlay.rows;

import java.util.List;

/**
 * A table as rows on their way to records.
 *
 * @param id of the table
 * @param paths the headings over each column, from top to bottom
 * @param rows below the header
 */
record TableView(String id, List<List<String>> paths, List<SourceRow> rows) {

  TableView {
    paths = List.copyOf(paths);
    rows = List.copyOf(rows);
  }

  /** The headings over a column, joined. */
  String heading(int column) {
    return String.join(" / ", paths.get(column));
  }
}
