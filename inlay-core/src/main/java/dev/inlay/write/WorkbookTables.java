package dev.inlay.write;

import dev.inlay.extract.DocumentTables;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.text.NumberFormat;
import dev.inlay.text.PlainNumber;
import dev.inlay.write.FlatTable.FlatRow;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.Optional;
import org.dhatim.fastexcel.BorderSide;
import org.dhatim.fastexcel.BorderStyle;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/**
 * Writes tables as an XLSX workbook: a sheet for each table, real numbers where a whole text is a
 * plain number, a bold header that stays in sight, a filter.
 */
public final class WorkbookTables {

  /** What the sheet format can hold. */
  private static final int MOST_TEXT = 32_767;

  /** Widths in characters; wider columns wrap, narrower ones hide their filter button. */
  private static final int WIDEST = 60;

  private static final int NARROWEST = 8;

  /** Room beside the text for the filter button and the cell's padding. */
  private static final int PADDING = 3;

  private static final String HEADER_SHADE = "E3EAF0";

  private WorkbookTables() {}

  /**
   * Writes a workbook and leaves the stream open.
   *
   * @param documents their tables, in order; at least one table in all
   * @throws TooLargeException if a table does not fit a sheet
   * @throws IOException if the stream fails
   */
  public static void write(List<DocumentTables> documents, OutputStream out)
      throws IOException, TooLargeException {
    checkFits(documents);
    SheetNames names = new SheetNames();
    // The format has a place for major and minor version of the program that wrote the file.
    Workbook workbook = new Workbook(out, "Inlay", "00.0100");
    boolean several = documents.size() > 1;
    for (DocumentTables document : documents) {
      NumberFormat fallback = FlatTable.numberForm(document);
      for (Table table : document.tables()) {
        String name = several ? names.of(document.fileName(), table.id()) : names.of(table);
        writeSheet(workbook.newWorksheet(name), new FlatTable(table, fallback));
      }
    }
    workbook.finish();
  }

  private static void checkFits(List<DocumentTables> documents) throws TooLargeException {
    for (DocumentTables document : documents) {
      for (Table table : document.tables()) {
        boolean fits =
            table.rows().size() <= Worksheet.MAX_ROWS
                && table.columns().size() <= Worksheet.MAX_COLS
                && table.rows().stream()
                    .flatMap(r -> r.cells().stream())
                    .allMatch(c -> c.text().length() <= MOST_TEXT);
        if (!fits) {
          throw new TooLargeException(
              "table " + table.id() + " of " + document.fileName() + " is larger than a sheet");
        }
      }
    }
  }

  private static void writeSheet(Worksheet sheet, FlatTable table) throws IOException {
    int[] widths = new int[table.names().size()];
    int at = 0;
    if (table.hasHeader()) {
      writeHeader(sheet, table.names(), widths);
      at = 1;
    }
    List<FlatRow> rows = table.rows();
    for (FlatRow row : rows) {
      writeRow(sheet, at++, row, table, widths);
    }
    if (table.hasHeader() && !rows.isEmpty()) {
      sheet.freezePane(0, 1);
      // Sorting must leave the sums at the foot where they are.
      sheet.setAutoFilter(0, 0, lastBefore(rows), widths.length - 1);
    }
    int headerLines = 1;
    for (int c = 0; c < widths.length; c++) {
      int width = Math.max(NARROWEST, Math.min(WIDEST, widths[c]));
      sheet.width(c, width + PADDING);
      headerLines = Math.max(headerLines, DisplayWidth.lines(table.names().get(c), width));
    }
    if (table.hasHeader()) {
      // Programs that open the file do not fit the height of a row to wrapped text by themselves.
      sheet.rowHeight(0, headerLines * DisplayWidth.LINE_HEIGHT);
    }
    sheet.pageOrientation("landscape");
    sheet.fitToWidth((short) 1);
    sheet.fitToHeight((short) 0);
    sheet.finish();
  }

  /** The sheet row, from 0, of the last row above the sums at the foot. */
  private static int lastBefore(List<FlatRow> rows) {
    int last = rows.size();
    while (last > 1 && rows.get(last - 1).kind().isSum()) {
      last--;
    }
    return last;
  }

  private static void writeHeader(Worksheet sheet, List<String> names, int[] widths) {
    for (int c = 0; c < names.size(); c++) {
      sheet.value(0, c, names.get(c));
      // A long heading may wrap: half its length is room enough.
      widths[c] = Math.max(longestWord(names.get(c)), DisplayWidth.of(names.get(c)) / 2);
      sheet
          .style(0, c)
          .bold()
          .wrapText(true)
          .verticalAlignment("center")
          .fillColor(HEADER_SHADE)
          .borderStyle(BorderSide.BOTTOM, BorderStyle.THIN)
          .set();
    }
  }

  private static int longestWord(String text) {
    int longest = 0;
    for (String word : text.split("\\s+")) {
      longest = Math.max(longest, DisplayWidth.of(word));
    }
    return longest;
  }

  private static void writeRow(
      Worksheet sheet, int at, FlatRow row, FlatTable table, int[] widths) {
    for (int c = 0; c < row.values().size(); c++) {
      String text = row.values().get(c);
      if (text.isEmpty()) {
        continue;
      }
      widths[c] = Math.max(widths[c], DisplayWidth.of(text));
      Optional<PlainNumber> number = table.numberForm().read(text);
      if (number.isPresent()) {
        sheet.value(at, c, number.get().value());
        sheet.style(at, c).format(format(number.get())).set();
      } else {
        // A text value is never run as a formula, whatever it begins with.
        sheet.value(at, c, text);
        if (DisplayWidth.of(text) > WIDEST || text.indexOf('\n') >= 0) {
          sheet.style(at, c).wrapText(true).verticalAlignment("top").set();
        }
      }
      if (row.kind() != RowKind.BODY) {
        sheet.style(at, c).bold().set();
      }
      if (row.kind().isSum()) {
        sheet.style(at, c).borderStyle(BorderSide.TOP, BorderStyle.THIN).set();
      }
    }
  }

  /** A format that shows the number as the page does. */
  private static String format(PlainNumber number) {
    String whole = number.grouped() ? "#,##0" : "0";
    return number.decimals() > 0 ? whole + "." + "0".repeat(number.decimals()) : whole;
  }
}
