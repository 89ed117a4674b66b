package dev.inlay.write;

import dev.inlay.write.ResultSheet.Cell;
import java.io.IOException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.dhatim.fastexcel.BorderSide;
import org.dhatim.fastexcel.BorderStyle;
import org.dhatim.fastexcel.HyperLink;
import org.dhatim.fastexcel.Table;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/** Writes single sheets of an XLSX workbook, each a real table of the spreadsheet. */
final class SheetWriter {

  /** Sheets begin to count days here, and know none before. */
  private static final LocalDate FIRST_DAY = LocalDate.of(1900, 3, 1);

  private static final int WIDEST = 80;
  private static final int NARROWEST = 8;

  /** On a sheet wider than this many characters print becomes too small: its texts wrap sooner. */
  private static final int WIDEST_ACROSS = 200;

  /** But no column of texts becomes narrower for it. */
  private static final int NARROWEST_TEXT = 28;

  private static final int PADDING = 3;

  /** As in the workbooks of tables; programs that do not know table styles show it. */
  static final String HEADER_SHADE = "E3EAF0";

  /** The width of a bracket behind figures, so that they do not touch the text in the next cell. */
  private static final String ROOM = "_)_)";

  /** A row is not made higher than this many lines. */
  private static final int MOST_LINES = 12;

  /** Light amber: cells that a finding speaks of. */
  private static final String FINDING_SHADE = "FFE9B8";

  private static final String DAY_FORMAT = "yyyy-mm-dd";

  private final String findings;
  private final LongTexts longTexts;
  private final Set<String> links = new HashSet<>();

  /**
   * A writer of the sheets of one workbook.
   *
   * @param findings the name of the sheet to which cells that findings speak of lead
   * @param longTexts takes the texts that no cell can hold
   */
  SheetWriter(String findings, LongTexts longTexts) {
    this.findings = findings;
    this.longTexts = longTexts;
  }

  /**
   * Writes a sheet.
   *
   * @param name under which it stands in the workbook
   * @throws IOException if the workbook's stream fails
   */
  void write(Workbook workbook, ResultSheet sheet, String name) throws IOException {
    Worksheet to = workbook.newWorksheet(name);
    int columns = sheet.columns().size();
    int[] widths = widths(sheet);
    String[] heads = new String[columns];
    for (int c = 0; c < columns; c++) {
      heads[c] = sheet.columns().get(c).name();
      to.value(0, c, heads[c]);
      to.style(0, c)
          .bold()
          .fillColor(HEADER_SHADE)
          .borderStyle(BorderSide.BOTTOM, BorderStyle.THIN)
          .horizontalAlignment(sheet.columns().get(c).numeric() ? "right" : "left")
          .indent(sheet.columns().get(c).numeric() ? 1 : 0)
          .set();
    }
    for (int r = 0; r < sheet.rows().size(); r++) {
      List<Cell> row = sheet.rows().get(r);
      int lines = 1;
      for (int c = 0; c < columns; c++) {
        cell(to, r + 1, c, row.get(c), heads[c]);
        lines = Math.max(lines, wrapped(row.get(c), widths[c]));
      }
      if (lines > 1) {
        // programs that open the file do not fit the height of a row to wrapped text
        to.rowHeight(r + 1, lines * DisplayWidth.LINE_HEIGHT);
        for (int c = 0; c < columns; c++) {
          boolean wraps = wrapped(row.get(c), widths[c]) > 1;
          to.style(r + 1, c).wrapText(wraps).verticalAlignment("top").set();
        }
      }
    }
    if (!sheet.rows().isEmpty()) {
      Table table = to.range(0, 0, sheet.rows().size(), columns - 1).createTable(heads);
      table.styleInfo().setStyleName("TableStyleLight1").setShowRowStripes(true);
    }
    to.freezePane(0, 1);
    int all = 0;
    for (int c = 0; c < columns; c++) {
      to.width(c, widths[c] + PADDING);
      all += widths[c] + PADDING;
    }
    PrintedPages.setUp(to, all, 1);
    to.finish();
  }

  /**
   * The width of each column in characters, so that texts wrap where the sheet would be too wide.
   */
  private static int[] widths(ResultSheet sheet) {
    int columns = sheet.columns().size();
    int[] widths = new int[columns];
    boolean[] wraps = new boolean[columns];
    int all = 0;
    for (int c = 0; c < columns; c++) {
      int width = DisplayWidth.of(sheet.columns().get(c).name());
      for (List<Cell> row : sheet.rows()) {
        width = Math.max(width, shown(row.get(c)));
        wraps[c] |= isPlain(row.get(c));
      }
      widths[c] = Math.max(NARROWEST, Math.min(WIDEST, width));
      all += widths[c] + PADDING;
    }
    int widest = widestText(widths, wraps);
    while (all > WIDEST_ACROSS && widest >= 0) {
      widths[widest]--;
      all--;
      widest = widestText(widths, wraps);
    }
    return widths;
  }

  /** The widest column whose texts may wrap; negative where none may become narrower. */
  private static int widestText(int[] widths, boolean[] wraps) {
    int widest = -1;
    for (int c = 0; c < widths.length; c++) {
      boolean wider = widths[c] > (widest < 0 ? NARROWEST_TEXT : widths[widest]);
      widest = wraps[c] && wider ? c : widest;
    }
    return widest;
  }

  private static boolean isPlain(Cell cell) {
    return cell.content() instanceof String && cell.link().isEmpty();
  }

  /** How many lines a text is wrapped into; one where it is shown whole. */
  private static int wrapped(Cell cell, int width) {
    return isPlain(cell) ? Math.min(MOST_LINES, DisplayWidth.lines(cell.text(), width)) : 1;
  }

  private static int shown(Cell cell) {
    return DisplayWidth.of(textOf(cell)) + (cell.format().startsWith("#") ? 2 : 0);
  }

  /** A link that is its own text is long, and says nothing to a person. */
  private static String textOf(Cell cell) {
    boolean bare = !cell.link().isEmpty() && cell.link().equals(cell.text());
    return bare ? "open" : cell.text();
  }

  private void cell(Worksheet to, int row, int column, Cell cell, String head) {
    Object content = cell.content();
    if (cell.finding() > 0) {
      mark(to, row, column, cell);
    }
    if (content == null) {
      return;
    }
    if (content instanceof BigDecimal number && ValueText.fitsBinary(number)) {
      to.value(row, column, number);
      to.style(row, column)
          .format(cell.format().isEmpty() ? "General" : cell.format() + ROOM)
          .set();
    } else if (content instanceof LocalDate day && !day.isBefore(FIRST_DAY)) {
      to.value(row, column, day);
      to.style(row, column).format(DAY_FORMAT).horizontalAlignment("left").set();
    } else if (content instanceof Boolean truth) {
      to.value(row, column, truth);
    } else if (!cell.link().isEmpty()) {
      // the library keeps one cell for each link: a second one needs a mark of its own
      boolean known = !links.add(to.getName() + " " + cell.link());
      String mark = (cell.link().contains("#") ? "&" : "#") + "row=" + (row + 1);
      to.hyperlink(row, column, new HyperLink(cell.link() + (known ? mark : ""), textOf(cell)));
    } else {
      text(to, row, column, cell.text(), head);
    }
  }

  /** Shades a cell that a finding speaks of, and links it to the finding. */
  private void mark(Worksheet to, int row, int column, Cell cell) {
    to.style(row, column).fillColor(FINDING_SHADE).set();
    String place = "'" + findings.replace("'", "''") + "'!A" + (cell.finding() + 1);
    // the library keeps one cell for each link; the value is written over the link's text
    if (cell.link().isEmpty() && links.add(to.getName() + " " + place)) {
      to.hyperlink(row, column, HyperLink.internal(place, cell.text()));
    }
  }

  /**
   * Writes the sheet of long texts, where there are any, and ends the workbook.
   *
   * @param names those of its sheets
   * @throws IOException if the workbook's stream fails
   */
  void finish(Workbook workbook, SheetNames names) throws IOException {
    Optional<ResultSheet> texts = longTexts.sheet();
    if (texts.isPresent()) {
      write(workbook, texts.get(), names.of(texts.get().name()));
    }
    workbook.finish();
  }

  private void text(Worksheet to, int row, int column, String text, String head) {
    if (LongTexts.fits(text)) {
      to.value(row, column, text);
      if (DisplayWidth.of(text) > WIDEST || text.indexOf('\n') >= 0) {
        to.style(row, column).wrapText(true).verticalAlignment("top").set();
      }
      return;
    }
    to.value(row, column, longTexts.shortened(text, to.getName(), row, head));
  }
}
