package dev.inlay.document;

import dev.inlay.model.Column;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/**
 * Makes a plain list of a table: headings of rows are carried into columns of their own, and rows
 * of some kinds are left out.
 *
 * @param carryHeadings whether each row gets the headings above it, and heading rows go
 * @param leftOut the kinds of rows that are left out
 */
public record PlainList(boolean carryHeadings, Set<RowKind> leftOut) {

  /** Leaves tables as they are. */
  public static final PlainList NONE = new PlainList(false, Set.of());

  /** Keeps a copy of the kinds that cannot change. */
  public PlainList {
    leftOut = Set.copyOf(leftOut);
  }

  /** The list that a table gives. */
  public Table of(Table table) {
    if (!carryHeadings && leftOut.isEmpty()) {
      return table;
    }
    HeadingLevels levels = HeadingLevels.of(table.bodyRows());
    int carried = carryHeadings ? levels.count() : 0;
    TableCell[] above = new TableCell[levels.count()];
    List<TableRow> rows = new ArrayList<>();
    for (int r = 0; r < table.rows().size(); r++) {
      TableRow row = table.rows().get(r);
      boolean heading = row.kind() == RowKind.GROUP;
      if (heading) {
        levels.put(row, above);
      }
      if (leftOut.contains(row.kind()) || heading && carryHeadings) {
        shortenSpans(rows);
      } else {
        rows.add(shifted(row, carried, r < table.headerRows() ? null : above));
      }
    }
    List<List<String>> paths = new ArrayList<>();
    for (int level = 1; level <= carried; level++) {
      paths.add(List.of(level == 1 ? "Heading" : "Heading " + level));
    }
    table.columns().forEach(c -> paths.add(c.path()));
    return table.withRows(Column.named(paths), spansWithin(rows));
  }

  /** A cell that began above and reaches over a row left out gets one row shorter. */
  private static void shortenSpans(List<TableRow> kept) {
    for (int k = 0; k < kept.size(); k++) {
      TableRow before = kept.get(k);
      List<TableCell> cells = new ArrayList<>();
      boolean changed = false;
      for (TableCell cell : before.cells()) {
        boolean over = cell.rowSpan() > kept.size() - k;
        changed |= over;
        cells.add(over ? cell.withRowSpan(cell.rowSpan() - 1) : cell);
      }
      if (changed) {
        kept.set(k, new TableRow(before.kind(), before.page(), cells));
      }
    }
  }

  private static TableRow shifted(TableRow row, int carried, TableCell[] above) {
    if (carried == 0) {
      return row;
    }
    List<TableCell> cells = new ArrayList<>();
    for (int c = 0; above != null && c < carried; c++) {
      if (above[c] != null && row.kind() == RowKind.BODY) {
        cells.add(above[c].at(c, 1));
      }
    }
    row.cells().forEach(c -> cells.add(c.shifted(carried)));
    cells.sort(Comparator.comparingInt(TableCell::column));
    return new TableRow(row.kind(), row.page(), cells);
  }

  /** No cell reaches below the last row. */
  private static List<TableRow> spansWithin(List<TableRow> rows) {
    List<TableRow> within = new ArrayList<>();
    for (int r = 0; r < rows.size(); r++) {
      int most = rows.size() - r;
      TableRow row = rows.get(r);
      List<TableCell> cells =
          row.cells().stream().map(c -> c.withRowSpan(Math.min(c.rowSpan(), most))).toList();
      within.add(new TableRow(row.kind(), row.page(), cells));
    }
    return within;
  }
}
