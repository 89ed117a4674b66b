package dev.inlay.write;

import dev.inlay.document.Indents;
import dev.inlay.extract.DocumentTables;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableNote;
import dev.inlay.model.TableRow;
import dev.inlay.model.Warning;
import java.util.ArrayList;
import java.util.List;

/**
 * Writes tables as one HTML page, cells merged as printed, headings marked as such for programs
 * that read pages aloud. The page needs no other file.
 */
public final class HtmlTables {

  private static final String STYLE =
      """
      body { font: 15px/1.45 system-ui, sans-serif; color: #1c2733; margin: 2rem auto; max-width: 72rem; padding: 0 1rem }
      h1 { font-size: 1.3rem; margin: 2.5rem 0 .5rem }
      h1:first-child { margin-top: 0 }
      .scroll { overflow-x: auto; margin: 1.5rem 0 .4rem }
      table { border-collapse: collapse }
      caption { text-align: left; font-weight: 600; padding: .3rem 0 }
      caption small { display: block; font-weight: 400; color: #5a6877 }
      th, td { padding: .25rem .7rem; border-bottom: 1px solid #d5dce3; text-align: left; vertical-align: top }
      thead th { background: #e3eaf0; border-bottom: 1px solid #7d8b99; vertical-align: bottom }
      thead th[colspan] { text-align: center }
      thead th.figure, .figure { text-align: right; font-variant-numeric: tabular-nums; white-space: nowrap }
      tr.group th { background: #f3f6f8; padding-top: .6rem }
      tr.subtotal td, tr.total td { font-weight: 600; border-top: 1px solid #7d8b99 }
      tr.note td, .notes { color: #44515e; font-size: .9rem }
      .notes { margin: 0; padding-left: 1.2rem }
      .warnings { color: #8a4b00; margin: 0; padding-left: 1.2rem }
      """;

  private final StringBuilder html = new StringBuilder();

  private HtmlTables() {}

  /** The documents' tables, as one page. */
  public static String page(List<DocumentTables> documents) {
    HtmlTables page = new HtmlTables();
    String title =
        documents.size() == 1 ? documents.get(0).fileName() : documents.size() + " files";
    page.line("<!doctype html>");
    page.line(
        "<html><head><meta charset=\"utf-8\"><title>Tables of " + escaped(title) + "</title>");
    page.line("<meta name=\"viewport\" content=\"width=device-width\">");
    page.line("<style>\n" + STYLE + "</style></head><body>");
    for (DocumentTables document : documents) {
      page.line("<h1>" + escaped(document.fileName()) + "</h1>");
      document.tables().forEach(t -> page.table(TableFiles.stem(document.path()), t));
    }
    page.line("</body></html>");
    return page.html.toString();
  }

  private void table(String file, Table table) {
    line("<div class=\"scroll\"><table id=\"" + escaped(file + "-" + table.id()) + "\">");
    line(
        "<caption>"
            + escaped(table.title().orElse(table.id()))
            + "<small>"
            + escaped(TextTables.place(table))
            + "</small></caption>");
    TableCell[][] owner = BoxDrawing.owners(table);
    boolean[] figures = FlatTable.figureColumns(table);
    Indents indents = Indents.of(table);
    line("<thead>");
    for (int r = 0; r < table.headerRows(); r++) {
      row(table, r, owner, figures, indents);
    }
    line("</thead><tbody>");
    for (int r = table.headerRows(); r < table.rows().size(); r++) {
      row(table, r, owner, figures, indents);
    }
    line("</tbody></table></div>");
    list("notes", table.notes().stream().map(HtmlTables::text).toList());
    list("warnings", table.warnings().stream().map(HtmlTables::text).toList());
  }

  private static String text(TableNote note) {
    return note.marker().isEmpty() ? note.text() : note.marker() + " " + note.text();
  }

  private static String text(Warning warning) {
    return warning.code().code() + ", page " + warning.page() + ": " + warning.message();
  }

  private void row(Table table, int r, TableCell[][] owner, boolean[] figures, Indents indents) {
    TableRow row = table.rows().get(r);
    List<String> cells = new ArrayList<>();
    int columns = table.columns().size();
    for (int c = 0; c < columns; c++) {
      TableCell cell = owner[r][c];
      if (cell == null) {
        cells.add(row.kind() == RowKind.HEADER ? "<th></th>" : "<td></td>");
      } else if (cell.column() == c && (r == 0 || owner[r - 1][c] != cell)) {
        cells.add(cell(cell, row.kind(), figures[c], c == 0 ? indents.of(row) : 0));
      }
    }
    line(
        "<tr class=\""
            + row.kind().word()
            + "\" data-page=\""
            + row.page()
            + "\">"
            + String.join("", cells)
            + "</tr>");
  }

  private static String cell(TableCell cell, RowKind kind, boolean figure, int indent) {
    boolean heading = kind == RowKind.HEADER || kind == RowKind.GROUP;
    StringBuilder tag = new StringBuilder(heading ? "<th" : "<td");
    if (kind == RowKind.HEADER) {
      tag.append(cell.columnSpan() > 1 ? " scope=\"colgroup\"" : " scope=\"col\"");
    } else if (kind == RowKind.GROUP) {
      tag.append(" scope=\"rowgroup\"");
    }
    if (figure && cell.columnSpan() == 1 && kind != RowKind.GROUP) {
      tag.append(" class=\"figure\"");
    }
    if (indent > 0) {
      tag.append(" style=\"padding-left:").append(0.7 + 1.2 * indent).append("rem\"");
    }
    if (cell.columnSpan() > 1) {
      tag.append(" colspan=\"").append(cell.columnSpan()).append('"');
    }
    if (cell.rowSpan() > 1) {
      tag.append(" rowspan=\"").append(cell.rowSpan()).append('"');
    }
    String text = escaped(cell.text()).replaceAll("\\R", "<br>");
    return tag.append('>').append(text).append(heading ? "</th>" : "</td>").toString();
  }

  private void list(String kind, List<String> items) {
    if (!items.isEmpty()) {
      line("<ul class=\"" + kind + "\">");
      items.forEach(i -> line("<li>" + escaped(i) + "</li>"));
      line("</ul>");
    }
  }

  private static String escaped(String text) {
    return text.replace("&", "&amp;").replace("<", "&lt;").replace("\"", "&quot;");
  }

  private void line(String text) {
    html.append(text).append('\n');
  }
}
