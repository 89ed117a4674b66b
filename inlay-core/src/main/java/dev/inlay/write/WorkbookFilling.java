package dev.inlay.write;

import dev.inlay.write.ResultSheet.Cell;
import dev.inlay.write.ResultSheet.Head;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.StreamSupport;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.DataFormatter;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.usermodel.Workbook;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/**
 * Fills a sheet of a workbook that exists: below its rows, or in their place. The sheet's headings
 * tell which field goes where; its other sheets, formats and columns stay as they are.
 */
final class WorkbookFilling {

  /** Headings stand at most this many rows below the first row of a sheet. */
  private static final int MOST_ROWS_ABOVE = 50;

  private final Workbook workbook;
  private final DataFormatter shown = new DataFormatter(Locale.ROOT);
  private final Map<String, CellStyle> styles = new HashMap<>();

  private WorkbookFilling(Workbook workbook) {
    this.workbook = workbook;
  }

  /**
   * Writes the workbook with its sheet filled; leaves the stream open.
   *
   * @param source the workbook that exists
   * @param sheetName a new sheet where it has none of that name
   * @param append whether rows are added below those there
   * @throws IOException if it cannot be read, or the sheet lacks a field's heading
   */
  static void fill(
      Path source, String sheetName, boolean append, ResultSheet data, OutputStream out)
      throws IOException {
    try (InputStream in = Files.newInputStream(source);
        Workbook workbook = new XSSFWorkbook(in)) {
      new WorkbookFilling(workbook).fill(sheetName, append, data);
      workbook.setForceFormulaRecalculation(true);
      workbook.write(out);
    }
  }

  private void fill(String sheetName, boolean append, ResultSheet data) throws IOException {
    Sheet sheet = workbook.getSheet(sheetName);
    if (sheet == null) {
      sheet = workbook.createSheet(sheetName);
    }
    int header = headingRow(sheet, data.columns());
    Row heads = header < 0 ? null : sheet.getRow(header);
    if (heads == null) {
      header = 0;
      heads = sheet.createRow(0);
      for (int c = 0; c < data.columns().size(); c++) {
        heads.createCell(c).setCellValue(data.columns().get(c).name());
      }
    }
    int[] places = places(heads, data.columns(), sheetName);
    int last = lastFilled(sheet, header, places);
    Map<Integer, CellStyle> looks = looks(sheet, header, last, places);
    int next = append ? last + 1 : header + 1;
    if (!append) {
      clear(sheet, header, places);
    }
    for (List<Cell> cells : data.rows()) {
      Row row = sheet.getRow(next) == null ? sheet.createRow(next) : sheet.getRow(next);
      for (int c = 0; c < places.length; c++) {
        write(row, places[c], cells.get(c), looks.get(places[c]));
      }
      next++;
    }
  }

  /**
   * The row with the headings, which may stand below a title: of the upper rows the one that holds
   * most of them. -1 where the sheet is empty.
   */
  private int headingRow(Sheet sheet, List<Head> columns) {
    Set<String> wanted = new HashSet<>();
    columns.forEach(c -> wanted.add(c.name()));
    int best = sheet.getFirstRowNum();
    long most = 0;
    int end = Math.min(sheet.getLastRowNum(), sheet.getFirstRowNum() + MOST_ROWS_ABOVE);
    for (int r = Math.max(0, sheet.getFirstRowNum()); r <= end; r++) {
      long held =
          sheet.getRow(r) == null
              ? 0
              : StreamSupport.stream(sheet.getRow(r).spliterator(), false)
                  .map(c -> shown.formatCellValue(c).strip())
                  .filter(wanted::contains)
                  .distinct()
                  .count();
      if (held > most) {
        most = held;
        best = r;
      }
    }
    return best;
  }

  /** The last row with something in the columns that are filled; the headings where none has. */
  private static int lastFilled(Sheet sheet, int header, int[] places) {
    for (int r = sheet.getLastRowNum(); r > header; r--) {
      Row row = sheet.getRow(r);
      for (int place : places) {
        if (row != null && row.getCell(place) != null && !isBlank(row.getCell(place))) {
          return r;
        }
      }
    }
    return header;
  }

  private static boolean isBlank(org.apache.poi.ss.usermodel.Cell cell) {
    return cell.getCellType() == CellType.BLANK;
  }

  private int[] places(Row heads, List<Head> columns, String sheetName) throws IOException {
    Map<String, Integer> byName = new HashMap<>();
    for (org.apache.poi.ss.usermodel.Cell cell : heads) {
      byName.putIfAbsent(shown.formatCellValue(cell).strip(), cell.getColumnIndex());
    }
    List<String> missing = new ArrayList<>();
    int[] places = new int[columns.size()];
    for (int c = 0; c < places.length; c++) {
      Integer at = byName.get(columns.get(c).name());
      if (at == null) {
        missing.add(columns.get(c).name());
      } else {
        places[c] = at;
      }
    }
    if (!missing.isEmpty()) {
      throw new IOException(
          "the sheet '"
              + sheetName
              + "' has no heading "
              + String.join(", ", missing)
              + "; add it there, or name the fields with 'fields'");
    }
    return places;
  }

  /** How the nearest cell above is shown, by column. */
  private static Map<Integer, CellStyle> looks(Sheet sheet, int header, int last, int[] places) {
    Map<Integer, CellStyle> looks = new HashMap<>();
    for (int place : places) {
      for (int r = Math.max(last, header + 1); r > header && !looks.containsKey(place); r--) {
        Row row = sheet.getRow(r);
        if (row != null && row.getCell(place) != null) {
          looks.put(place, row.getCell(place).getCellStyle());
        }
      }
    }
    return looks;
  }

  /** Empties the columns that are filled, and no others. */
  private static void clear(Sheet sheet, int header, int[] places) {
    for (int r = header + 1; r <= sheet.getLastRowNum(); r++) {
      Row row = sheet.getRow(r);
      for (int place : places) {
        if (row != null && row.getCell(place) != null) {
          row.getCell(place).setBlank();
        }
      }
    }
  }

  private void write(Row row, int column, Cell cell, CellStyle look) {
    org.apache.poi.ss.usermodel.Cell to = row.getCell(column);
    if (to == null) {
      to = row.createCell(column);
    }
    Object content = cell.content();
    if (content == null) {
      to.setBlank();
    } else if (content instanceof BigDecimal number && ValueText.fitsBinary(number)) {
      to.setCellValue(number.doubleValue());
    } else if (content instanceof LocalDate day) {
      to.setCellValue(day);
    } else if (content instanceof Boolean truth) {
      to.setCellValue(truth);
    } else {
      to.setCellValue(cell.text());
    }
    if (look != null) {
      to.setCellStyle(look);
    } else if (content instanceof LocalDate) {
      to.setCellStyle(style("yyyy-mm-dd"));
    } else if (!cell.format().isEmpty()) {
      to.setCellStyle(style(cell.format()));
    }
  }

  private CellStyle style(String format) {
    return styles.computeIfAbsent(
        format,
        f -> {
          CellStyle style = workbook.createCellStyle();
          style.setDataFormat(workbook.createDataFormat().getFormat(f));
          return style;
        });
  }
}
