package dev.inlay.write;

import org.dhatim.fastexcel.Position;
import org.dhatim.fastexcel.Worksheet;

/** How the sheets of all workbooks are printed. */
final class PrintedPages {

  /** Upright a page holds this many characters of the usual type; wider sheets lie across it. */
  private static final int WIDEST_UPRIGHT = 95;

  private PrintedPages() {}

  /**
   * Fits a sheet to the width of a page, with its name and the page's number at the foot.
   *
   * @param width of all columns, in characters
   * @param headerRows at its top, which are printed on each page: 0 or 1
   */
  static void setUp(Worksheet sheet, int width, int headerRows) {
    sheet.pageOrientation(width > WIDEST_UPRIGHT ? "landscape" : "portrait");
    if (headerRows > 0) {
      sheet.repeatRows(0);
    }
    sheet.footer(sheet.getName().replace("&", "&&") + " \u2013 &P / &N", Position.CENTER);
    sheet.fitToWidth((short) 1);
    sheet.fitToHeight((short) 0);
  }
}
