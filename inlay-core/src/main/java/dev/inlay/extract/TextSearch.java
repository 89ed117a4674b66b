package dev.inlay.extract;

import dev.inlay.model.Table;
import dev.inlay.page.PlainText;
import java.util.List;
import java.util.stream.Stream;

/** Finds the tables that hold a text: in their title, a heading, a cell or a note. */
public final class TextSearch {

  private TextSearch() {}

  /**
   * A document with those of its tables alone that hold a text.
   *
   * @param text in capitals or not; white space of any length counts as one space
   */
  public static DocumentTables in(DocumentTables document, String text) {
    String wanted = PlainText.of(text);
    List<Table> holding =
        document.tables().stream()
            .filter(table -> texts(table).anyMatch(t -> PlainText.of(t).contains(wanted)))
            .toList();
    return document.withTables(holding);
  }

  private static Stream<String> texts(Table table) {
    Stream<String> cells =
        table.rows().stream().flatMap(row -> row.cells().stream()).map(cell -> cell.text());
    Stream<String> notes = table.notes().stream().map(note -> note.text());
    return Stream.of(table.title().stream(), cells, notes).flatMap(all -> all);
  }
}
