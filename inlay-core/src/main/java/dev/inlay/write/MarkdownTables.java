package dev.inlay.write;

import dev.inlay.extract.DocumentTables;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.model.TableNote;
import dev.inlay.text.NumberFormat;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Writes tables as Markdown, with the pipes that most programs read: one row of headings, no merged
 * cells, figures to the right, sums and headings of rows in bold type.
 */
public final class MarkdownTables {

  private MarkdownTables() {}

  /** The documents' tables, as one text. */
  public static String text(List<DocumentTables> documents) {
    List<String> blocks = new ArrayList<>();
    for (DocumentTables document : documents) {
      NumberFormat fallback = FlatTable.numberForm(document);
      for (Table table : document.tables()) {
        String title = table.title().map(t -> ". " + t).orElse("");
        blocks.add("### " + escaped(document.fileName() + ", " + table.id() + title));
        blocks.add(table(new FlatTable(table, fallback)));
        if (!table.notes().isEmpty()) {
          blocks.add(
              table.notes().stream().map(MarkdownTables::note).collect(Collectors.joining("\n")));
        }
      }
    }
    return String.join("\n\n", blocks) + "\n";
  }

  private static String note(TableNote note) {
    String marker = note.marker().isEmpty() ? "" : note.marker() + " ";
    return "- " + escaped(marker + note.text());
  }

  private static String table(FlatTable flat) {
    List<String> names =
        flat.hasHeader() ? flat.names() : Collections.nCopies(flat.names().size(), "");
    List<String> lines = new ArrayList<>();
    lines.add(line(names.stream().map(MarkdownTables::escaped).toList()));
    boolean[] figures = flat.figureColumns();
    List<String> rule = new ArrayList<>();
    for (boolean figure : figures) {
      rule.add(figure ? "---:" : "---");
    }
    lines.add(line(rule));
    for (FlatTable.FlatRow row : flat.rows()) {
      boolean plain = row.kind() == RowKind.BODY || row.kind() == RowKind.NOTE;
      lines.add(
          line(
              row.values().stream()
                  .map(MarkdownTables::escaped)
                  .map(v -> plain || v.isEmpty() ? v : "**" + v + "**")
                  .toList()));
    }
    return String.join("\n", lines);
  }

  private static String line(List<String> values) {
    return values.stream()
        .map(v -> v.isEmpty() ? " " : " " + v + " ")
        .collect(Collectors.joining("|", "|", "|"));
  }

  /** Text that is read as printed: signs that Markdown gives a meaning are escaped. */
  private static String escaped(String text) {
    return text.replaceAll("([\\\\|*_`<\\[\\]#~])", "\\\\$1").replaceAll("\\s*\\R\\s*", "<br>");
  }
}
