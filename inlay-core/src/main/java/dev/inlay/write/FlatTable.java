package dev.inlay.write;

import dev.inlay.extract.DocumentTables;
import dev.inlay.model.Column;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import dev.inlay.text.NumberFormat;
import java.util.ArrayList;
import java.util.List;

/**
 * A table as a plain list of rows for sheets and CSV: one row of names, no merged cells.
 *
 * <p>A label merged over several rows belongs to each of them and is repeated, so that rows can be
 * sorted and filtered. A merged number stands once, in its first row: repeated, it would be summed
 * twice. A cell merged over several columns stands in the first of them.
 */
final class FlatTable {

  /**
   * A row of the list.
   *
   * @param kind what it is
   * @param values as many as there are columns; empty texts where nothing is printed
   */
  record FlatRow(RowKind kind, List<String> values) {}

  private final Table table;
  private final NumberFormat form;

  /**
   * Flattens a table.
   *
   * @param fallback how the document writes its numbers, for a table that leaves it open
   */
  FlatTable(Table table, NumberFormat fallback) {
    this.table = table;
    form = NumberFormat.of(columnTexts(table)).or(fallback);
  }

  /** How a document writes its numbers, known from all its tables. */
  static NumberFormat numberForm(DocumentTables document) {
    return NumberFormat.of(
        document.tables().stream().flatMap(t -> columnTexts(t).stream()).toList());
  }

  private static List<List<String>> columnTexts(Table table) {
    List<List<String>> texts = new ArrayList<>();
    table.columns().forEach(c -> texts.add(new ArrayList<>()));
    for (TableRow row : table.bodyRows()) {
      row.cells().forEach(cell -> texts.get(cell.column()).add(cell.text()));
    }
    return texts;
  }

  /** Which columns hold numbers for the most part, by the shape of their texts. */
  static boolean[] figureColumns(Table table) {
    boolean[] figures = new boolean[table.columns().size()];
    for (int c = 0; c < figures.length; c++) {
      int numbers = 0;
      int texts = 0;
      for (TableRow row : table.bodyRows()) {
        for (TableCell cell : row.cells()) {
          if (cell.column() == c && cell.columnSpan() == 1 && !cell.text().isEmpty()) {
            texts++;
            numbers += NumberFormat.looksNumeric(cell.text()) ? 1 : 0;
          }
        }
      }
      figures[c] = numbers * 2 > texts;
    }
    return figures;
  }

  boolean[] figureColumns() {
    return figureColumns(table);
  }

  /** How the table writes its numbers. */
  NumberFormat numberForm() {
    return form;
  }

  /** Whether the table prints headings. */
  boolean hasHeader() {
    return table.headerRows() > 0;
  }

  /** The headings, one for each column. */
  List<String> names() {
    return table.columns().stream().map(Column::name).toList();
  }

  /** The rows below the header, from top to bottom. */
  List<FlatRow> rows() {
    int columns = table.columns().size();
    String[] carried = new String[columns];
    int[] left = new int[columns];
    List<FlatRow> rows = new ArrayList<>();
    for (TableRow row : table.bodyRows()) {
      String[] values = new String[columns];
      for (int c = 0; c < columns; c++) {
        values[c] = left[c]-- > 0 ? carried[c] : "";
      }
      for (TableCell cell : row.cells()) {
        int at = cell.column();
        values[at] = cell.text();
        boolean label = form.read(cell.text()).isEmpty();
        carried[at] = label ? cell.text() : "";
        left[at] = cell.rowSpan() - 1;
      }
      rows.add(new FlatRow(row.kind(), List.of(values)));
    }
    return rows;
  }
}
