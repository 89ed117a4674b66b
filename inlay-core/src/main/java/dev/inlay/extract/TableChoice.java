package dev.inlay.extract;

import dev.inlay.model.Table;
import dev.inlay.page.PlainText;
import java.util.List;

/**
 * Which tables of a document are wanted: by id, or by a text of the title or of a heading.
 *
 * @param wanted ids and texts; a table is wanted that fits one of them; empty for all tables
 */
public record TableChoice(List<String> wanted) {

  /** All tables. */
  public static final TableChoice ALL = new TableChoice(List.of());

  /** Keeps a copy that cannot change. */
  public TableChoice {
    wanted = List.copyOf(wanted);
  }

  /** The tables wanted of a document, with all else it says. */
  public DocumentTables of(DocumentTables document) {
    if (wanted.isEmpty()) {
      return document;
    }
    List<Table> chosen = document.tables().stream().filter(this::holds).toList();
    DocumentTables result = document.withTables(chosen);
    if (!chosen.isEmpty() || document.tables().isEmpty()) {
      return result;
    }
    return result.withProblem(
        Problem.ofDocument(
            "no-such-table",
            "none of its "
                + document.tables().size()
                + " table(s) fits --table "
                + String.join(", ", wanted)
                + "; inlay survey lists them"));
  }

  private boolean holds(Table table) {
    return wanted.stream().anyMatch(w -> fits(w, table));
  }

  private static boolean fits(String wanted, Table table) {
    String text = PlainText.of(wanted);
    return table.id().equals(text)
        || table.title().filter(t -> PlainText.of(t).contains(text)).isPresent()
        || table.columns().stream().anyMatch(c -> PlainText.of(c.name()).contains(text));
  }
}
