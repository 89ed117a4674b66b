package dev.inlay.write;

import dev.inlay.extract.DocumentTables;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.text.NumberFormat;
import dev.inlay.text.PlainNumber;
import dev.inlay.write.FlatTable.FlatRow;
import java.io.IOException;
import java.io.OutputStream;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.dhatim.fastexcel.BorderSide;
import org.dhatim.fastexcel.BorderStyle;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/**
 * Writes tables as an XLSX workbook: a summary, and a sheet for each table with real numbers where
 * a whole text is a plain number, a bold header that stays in sight, and a filter.
 */
public final class WorkbookTables {

  /** Widths in characters; wider columns wrap, narrower ones hide their filter button. */
  private static final int WIDEST = 60;

  private static final int NARROWEST = 8;

  /** Room beside the text for the filter button and the cell's padding. */
  private static final int PADDING = 3;

  private final Workbook workbook;
  private final LongTexts longTexts = new LongTexts();

  private WorkbookTables(OutputStream out) {
    // The format has a place for major and minor version of the program that wrote the file.
    workbook = new Workbook(out, "Inlay", "00.0100");
  }

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
    new WorkbookTables(out).write(documents);
  }

  private void write(List<DocumentTables> documents) throws IOException {
    SheetNames names = new SheetNames();
    String summary = names.of(TablesCover.NAME);
    Map<Table, String> called = new IdentityHashMap<>();
    for (DocumentTables document : documents) {
      for (Table table : document.tables()) {
        boolean several = documents.size() > 1;
        called.put(table, several ? names.of(document.fileName(), table.id()) : names.of(table));
      }
    }
    SheetWriter writer = new SheetWriter(ResultSheets.FINDINGS, longTexts);
    writer.write(workbook, TablesCover.of(documents, called), summary);
    for (DocumentTables document : documents) {
      NumberFormat fallback = FlatTable.numberForm(document);
      for (Table table : document.tables()) {
        writeSheet(workbook.newWorksheet(called.get(table)), new FlatTable(table, fallback));
      }
    }
    writer.finish(workbook, names);
  }

  private static void checkFits(List<DocumentTables> documents) throws TooLargeException {
    for (DocumentTables document : documents) {
      for (Table table : document.tables()) {
        if (table.rows().size() > Worksheet.MAX_ROWS
            || table.columns().size() > Worksheet.MAX_COLS) {
          throw new TooLargeException(
              "table "
                  + table.id()
                  + " of "
                  + document.fileName()
                  + " is larger than a sheet; write CSV or JSON instead");
        }
      }
    }
  }

  private void writeSheet(Worksheet sheet, FlatTable table) throws IOException {
    int[] widths = new int[table.names().size()];
    int at = 0;
    if (table.hasHeader()) {
      writeHeader(sheet, table.names(), table.figureColumns(), widths);
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
    int all = 0;
    for (int c = 0; c < widths.length; c++) {
      int width = Math.max(NARROWEST, Math.min(WIDEST, widths[c]));
      sheet.width(c, width + PADDING);
      all += width + PADDING;
      headerLines = Math.max(headerLines, DisplayWidth.lines(table.names().get(c), width));
    }
    if (table.hasHeader()) {
      // Programs that open the file do not fit the height of a row to wrapped text by themselves.
      sheet.rowHeight(0, headerLines * DisplayWidth.LINE_HEIGHT);
    }
    PrintedPages.setUp(sheet, all, table.hasHeader() ? 1 : 0);
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

  private static void writeHeader(
      Worksheet sheet, List<String> names, boolean[] figures, int[] widths) {
    for (int c = 0; c < names.size(); c++) {
      sheet.value(0, c, names.get(c));
      // A long heading may wrap: half its length is room enough.
      widths[c] = Math.max(longestWord(names.get(c)), DisplayWidth.of(names.get(c)) / 2);
      sheet
          .style(0, c)
          .bold()
          .wrapText(true)
          .verticalAlignment("center")
          .horizontalAlignment(figures[c] ? "right" : "left")
          .fillColor(SheetWriter.HEADER_SHADE)
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

  private void writeRow(Worksheet sheet, int at, FlatRow row, FlatTable table, int[] widths) {
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
        boolean fits = LongTexts.fits(text);
        String head = table.names().get(c);
        sheet.value(at, c, fits ? text : longTexts.shortened(text, sheet.getName(), at, head));
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
