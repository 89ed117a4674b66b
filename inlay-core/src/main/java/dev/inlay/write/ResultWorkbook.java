package dev.inlay.write;

import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/**
 * Writes sheets as an XLSX workbook. Each is a real table of the spreadsheet: it filters, its
 * header stays in sight. Numbers are numbers and look as on the page; what a cell cannot hold
 * without loss, a number of more than 15 digits, is text; a text longer than a cell stands whole on
 * a sheet of its own.
 */
final class ResultWorkbook {

  /** The document is copied, and pressed well, when it is put in place. */
  private static final int FAST = 1;

  private ResultWorkbook() {}

  /**
   * Writes a workbook and leaves the stream open.
   *
   * @throws TooLargeException if there are more rows or columns than a sheet has
   * @throws IOException if the stream fails
   */
  static void write(List<ResultSheet> sheets, OutputStream out)
      throws IOException, TooLargeException {
    for (ResultSheet sheet : sheets) {
      if (sheet.rows().size() >= Worksheet.MAX_ROWS
          || sheet.columns().size() > Worksheet.MAX_COLS) {
        throw new TooLargeException(
            "'" + sheet.name() + "' is larger than a sheet; write CSV or JSON instead");
      }
    }
    Workbook workbook = new Workbook(out, "Inlay", "00.0100");
    workbook.setCompressionLevel(FAST);
    SheetNames names = new SheetNames();
    List<String> called = sheets.stream().map(s -> names.of(s.name())).toList();
    String findings = ResultSheets.FINDINGS;
    for (int i = 0; i < sheets.size(); i++) {
      findings = sheets.get(i).name().equals(ResultSheets.FINDINGS) ? called.get(i) : findings;
    }
    SheetWriter writer = new SheetWriter(findings, new LongTexts());
    for (int i = 0; i < sheets.size(); i++) {
      writer.write(workbook, sheets.get(i), called.get(i));
    }
    writer.finish(workbook, names);
  }
}
