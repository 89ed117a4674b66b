package dev.inlay.write;

import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Problem;
import dev.inlay.model.Table;
import dev.inlay.model.Warning;
import dev.inlay.write.ResultSheet.Cell;
import dev.inlay.write.ResultSheet.Head;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * The first sheet of a workbook of tables: where each comes from, how sure it is, and what to look
 * at, for a person who did not read the files.
 */
final class TablesCover {

  static final String NAME = "Summary";

  private TablesCover() {}

  /**
   * The sheet, with a row for each table, and for each file without one.
   *
   * @param documents in their order
   * @param sheets the names of the tables' sheets
   */
  static ResultSheet of(List<DocumentTables> documents, Map<Table, String> sheets) {
    List<Head> heads = new ArrayList<>();
    for (String text : List.of("file", "sheet", "title", "pages")) {
      heads.add(new Head(text, false));
    }
    for (String number : List.of("rows", "columns", "confidence")) {
      heads.add(new Head(number, true));
    }
    heads.add(new Head("look at", false));
    List<List<Cell>> rows = new ArrayList<>();
    for (DocumentTables document : documents) {
      for (Table table : document.tables()) {
        rows.add(row(document, table, sheets.get(table)));
      }
      if (document.tables().isEmpty() || !document.problems().isEmpty()) {
        rows.add(problems(document));
      }
    }
    return new ResultSheet(NAME, heads, rows);
  }

  private static List<Cell> row(DocumentTables document, Table table, String sheet) {
    return List.of(
        Cell.of(document.fileName()),
        Cell.of(sheet),
        Cell.of(table.title().orElse(null)),
        Cell.of(TextTables.pageRange(table.pages())),
        count(table.bodyRows().size()),
        count(table.columns().size()),
        new Cell(
            BigDecimal.valueOf(table.confidence()).setScale(2, RoundingMode.HALF_UP), "0.00", ""),
        Cell.of(
            table.warnings().isEmpty()
                ? null
                : table.warnings().stream()
                    .map(Warning::message)
                    .collect(Collectors.joining("; "))));
  }

  private static Cell count(int number) {
    return Cell.of(BigDecimal.valueOf(number));
  }

  /** What is wrong with a whole file. */
  private static List<Cell> problems(DocumentTables document) {
    String texts =
        document.problems().stream().map(Problem::message).collect(Collectors.joining("; "));
    return List.of(
        Cell.of(document.fileName()),
        Cell.EMPTY,
        Cell.EMPTY,
        Cell.EMPTY,
        Cell.EMPTY,
        Cell.EMPTY,
        Cell.EMPTY,
        Cell.of(texts.isEmpty() ? "no table found" : texts));
  }
}
