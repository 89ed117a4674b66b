package dev.inlay.write;

import dev.inlay.extract.DocumentTables;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.Table;
import dev.inlay.model.TableNote;
import dev.inlay.model.Warning;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Shows tables as text with drawn boxes, whole or cut to a terminal. */
public final class TextTables {

  /**
   * How much is shown.
   *
   * @param width places in a line, 0 for as many as it takes
   * @param rows rows of one table below its header, 0 for all
   */
  public record Limits(int width, int rows) {

    /** Shows everything. */
    public static final Limits NONE = new Limits(0, 0);
  }

  private TextTables() {}

  /** The documents' tables, in lines. */
  public static List<String> lines(List<DocumentTables> documents, Limits limits) {
    List<String> lines = new ArrayList<>();
    for (DocumentTables document : documents) {
      if (!lines.isEmpty()) {
        lines.add("");
      }
      lines.add(heading(document));
      for (Table table : document.tables()) {
        lines.add("");
        lines.addAll(describe(table));
        lines.addAll(new BoxDrawing(table, limits).lines());
        for (TableNote note : table.notes()) {
          lines.add(" " + (note.marker().isEmpty() ? "" : note.marker() + " ") + note.text());
        }
      }
    }
    return lines;
  }

  private static String heading(DocumentTables document) {
    String tables = counted(document.tables().size(), "table");
    return document.fileName() + "  " + counted(document.pages(), "page") + ", " + tables;
  }

  private static List<String> describe(Table table) {
    List<String> lines = new ArrayList<>();
    lines.add(table.id() + table.title().map(t -> "  " + t).orElse(""));
    lines.add("      " + place(table));
    table.rightOf().ifPresent(left -> lines.add("      goes on to the right of " + left));
    for (Warning warning : table.warnings()) {
      lines.add(
          "      ! "
              + warning.code().code()
              + ", page "
              + warning.page()
              + ": "
              + warning.message());
    }
    return lines;
  }

  /** Where a table stands, how large it is, and how sure. */
  static String place(Table table) {
    return pages(table.pages())
        + ", "
        + counted(table.bodyRows().size(), "row")
        + " and "
        + counted(table.columns().size(), "column")
        + ", "
        + rulings(table.frames().get(0).rulings())
        + ", confidence "
        + Table.confidenceText(table.confidence());
  }

  /** The word for how far a table is ruled. */
  static String rulings(RulingExtent extent) {
    return switch (extent) {
      case FULL -> "ruled";
      case PART -> "part-ruled";
      case NONE -> "open";
    };
  }

  /** Different pages, from the first to the last: {@code page 1}, {@code pages 1–3}. */
  static String pages(List<Integer> pages) {
    return (pages.size() > 1 ? "pages " : "page ") + pageRange(pages);
  }

  /** The same without a noun. */
  static String pageRange(List<Integer> pages) {
    int first = pages.get(0);
    int last = pages.get(pages.size() - 1);
    return first == last ? String.valueOf(first) : first + "–" + last;
  }

  /** A number and its noun, e.g. {@code 3 pages}. */
  static String counted(int n, String noun) {
    return n + " " + noun + (n == 1 ? "" : "s");
  }

  /** The lines as one text. */
  public static String joined(List<String> lines) {
    return lines.stream().collect(Collectors.joining("\n", "", "\n"));
  }
}
