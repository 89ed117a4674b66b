package dev.inlay.write;

import com.github.jferard.fastods.AnonymousOdsFileWriter;
import com.github.jferard.fastods.OdsDocument;
import com.github.jferard.fastods.OdsFactory;
import com.github.jferard.fastods.Table;
import com.github.jferard.fastods.TableCell;
import com.github.jferard.fastods.TableRowImpl;
import com.github.jferard.fastods.Text;
import com.github.jferard.fastods.attribute.SimpleLength;
import com.github.jferard.fastods.datastyle.DataStyle;
import com.github.jferard.fastods.datastyle.FloatStyleBuilder;
import com.github.jferard.fastods.datastyle.PercentageStyleBuilder;
import com.github.jferard.fastods.style.TableCellStyle;
import com.github.jferard.fastods.style.TableColumnStyle;
import dev.inlay.write.ResultSheet.Cell;
import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Date;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.logging.Level;
import java.util.logging.Logger;

/** Writes sheets as an open document spreadsheet. */
final class ResultOds {

  private static final double POINTS_A_CHARACTER = 5.6;
  private static final int WIDEST = 60;
  private static final int NARROWEST = 8;
  private static final int PADDING = 3;

  private final Map<String, DataStyle> formats = new HashMap<>();
  private final TableCellStyle head = TableCellStyle.builder("inlay-head").fontWeightBold().build();

  private ResultOds() {}

  /**
   * Writes a document and leaves the stream open.
   *
   * @throws IOException if the stream fails
   */
  static void write(List<ResultSheet> sheets, OutputStream out) throws IOException {
    Logger quiet = Logger.getLogger("dev.inlay.write.ods");
    quiet.setLevel(Level.OFF);
    AnonymousOdsFileWriter writer = OdsFactory.create(quiet, Locale.UK).createWriter();
    OdsDocument document = writer.document();
    ResultOds ods = new ResultOds();
    SheetNames names = new SheetNames();
    for (ResultSheet sheet : sheets) {
      ods.sheet(document, sheet, names.of(sheet.name()));
    }
    writer.save(out);
  }

  private void sheet(OdsDocument document, ResultSheet sheet, String name) throws IOException {
    Table table = document.addTable(name);
    int columns = sheet.columns().size();
    int[] widths = new int[columns];
    TableRowImpl first = table.getRow(0);
    for (int c = 0; c < columns; c++) {
      TableCell cell = first.getOrCreateCell(c);
      cell.setStringValue(sheet.columns().get(c).name());
      cell.setStyle(head);
      widths[c] = DisplayWidth.of(sheet.columns().get(c).name());
    }
    for (int r = 0; r < sheet.rows().size(); r++) {
      TableRowImpl row = table.getRow(r + 1);
      for (int c = 0; c < columns; c++) {
        Cell cell = sheet.rows().get(r).get(c);
        if (cell.content() != null) {
          write(row.getOrCreateCell(c), cell);
          widths[c] = Math.max(widths[c], DisplayWidth.of(cell.text()));
        }
      }
    }
    for (int c = 0; c < columns; c++) {
      int width = Math.max(NARROWEST, Math.min(WIDEST, widths[c])) + PADDING;
      table.setColumnStyle(
          c,
          TableColumnStyle.builder("inlay-width-" + width)
              .columnWidth(SimpleLength.pt(width * POINTS_A_CHARACTER))
              .build());
    }
    document.freezeCells(table, 1, 0);
    if (!sheet.rows().isEmpty()) {
      table.addAutoFilter(
          "filter-" + name.replaceAll("\\W", "_"), 0, 0, sheet.rows().size(), columns - 1);
    }
  }

  private void write(TableCell to, Cell cell) {
    Object content = cell.content();
    if (content instanceof BigDecimal number && ValueText.fitsBinary(number)) {
      if (cell.format().endsWith("%")) {
        to.setPercentageValue(number);
      } else {
        to.setFloatValue(number);
      }
      to.setDataStyle(formats.computeIfAbsent(cell.format(), ResultOds::format));
    } else if (content instanceof LocalDate day) {
      to.setDateValue(Date.from(day.atStartOfDay(ZoneOffset.systemDefault()).toInstant()));
    } else if (content instanceof Boolean truth) {
      to.setBooleanValue(truth);
    } else if (!cell.link().isEmpty()) {
      to.setText(Text.builder().par().link(cell.text(), cell.link()).build());
    } else {
      to.setStringValue(cell.text());
    }
  }

  private static DataStyle format(String format) {
    boolean percent = format.endsWith("%");
    int point = format.indexOf('.');
    int decimals = point < 0 ? 0 : format.length() - point - (percent ? 2 : 1);
    String name = "inlay-" + format.replace('#', 'n').replaceAll("[,.%]", "-");
    if (percent) {
      return new PercentageStyleBuilder(name, Locale.UK).decimalPlaces(decimals).build();
    }
    return new FloatStyleBuilder(name, Locale.UK)
        .decimalPlaces(decimals)
        .groupThousands(format.startsWith("#"))
        .build();
  }
}
