package dev.inlay.rows;

import dev.inlay.document.HeadingLevels;
import dev.inlay.geom.Box;
import dev.inlay.model.Column;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import dev.inlay.text.NumberFormat;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * Takes merged cells apart: a label merged over several rows stands in each of them, since it
 * belongs to each; a merged number in the first only, since repeated it would be summed twice. A
 * cell merged over several columns stands in the first of them.
 */
final class SourceRows {

  private SourceRows() {}

  /** A table without merged cells. */
  static TableView of(Table table) {
    int columns = table.columns().size();
    PrintedText[] merged = new PrintedText[columns];
    int[] left = new int[columns];
    HeadingLevels levels = HeadingLevels.of(table.bodyRows());
    List<SourceRow> rows = new ArrayList<>();
    for (TableRow row : table.bodyRows()) {
      PrintedText[] cells = new PrintedText[columns];
      for (int c = 0; c < columns; c++) {
        cells[c] = left[c]-- > 0 ? merged[c] : PrintedText.NOTHING;
      }
      Box around = null;
      for (TableCell cell : row.cells()) {
        PrintedText raw = PrintedText.of(cell, new Origin(row.page(), cell.box(), table.id()));
        cells[cell.column()] = raw;
        boolean label = !NumberFormat.looksNumeric(cell.text());
        merged[cell.column()] = label ? raw : PrintedText.NOTHING;
        left[cell.column()] = cell.rowSpan() - 1;
        if (cell.rowSpan() == 1 && !cell.text().isEmpty()) {
          around = around == null ? cell.box() : around.union(cell.box());
        }
      }
      Box box = around != null ? around : firstBox(row);
      rows.add(
          new SourceRow(
              row.kind(),
              levels.level(row),
              row.page(),
              table.id(),
              box,
              Arrays.asList(cells),
              Map.of()));
    }
    return new TableView(table.id(), table.columns().stream().map(Column::path).toList(), rows);
  }

  private static Box firstBox(TableRow row) {
    return row.cells().isEmpty() ? new Box(0, 0, 0, 0) : row.cells().get(0).box();
  }
}
