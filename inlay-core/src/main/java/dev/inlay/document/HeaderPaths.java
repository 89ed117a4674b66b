package dev.inlay.document;

import dev.inlay.model.Column;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import java.util.ArrayList;
import java.util.List;

/** The headings over each column, from top to bottom. */
final class HeaderPaths {

  private HeaderPaths() {}

  static List<Column> of(List<TableRow> header, int columns) {
    List<List<String>> paths = new ArrayList<>();
    for (int c = 0; c < columns; c++) {
      paths.add(new ArrayList<>());
    }
    for (TableRow row : header) {
      for (TableCell cell : row.cells()) {
        if (!cell.text().isEmpty()) {
          paths
              .subList(cell.column(), cell.column() + cell.columnSpan())
              .forEach(path -> path.add(cell.text()));
        }
      }
    }
    return Column.named(paths);
  }
}
