package dev.inlay.compare;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.apache.poi.UnsupportedFileFormatException;
import org.apache.poi.openxml4j.exceptions.OpenXML4JException;
import org.apache.poi.openxml4j.exceptions.OpenXML4JRuntimeException;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.openxml4j.opc.PackageAccess;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.DateUtil;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/** Reads the sheets of an XLSX workbook: the first row with texts holds the headings. */
final class WorkbookReader {

  /** What Inlay adds to a result and is no data. */
  static final Set<String> ADDED_SHEETS =
      Set.of("Summary", "Held", "Findings", "Files", "Checks", "Long texts");

  /** The heading of the links to the pages, in sheets that Inlay wrote. */
  static final String PLACE_FIELD = "source";

  private WorkbookReader() {}

  static List<ResultTable> read(Path path) throws IOException {
    List<ResultTable> tables = new ArrayList<>();
    try (OPCPackage file = OPCPackage.open(path.toFile(), PackageAccess.READ);
        XSSFWorkbook workbook = new XSSFWorkbook(file)) {
      for (Sheet sheet : workbook) {
        if (!ADDED_SHEETS.contains(sheet.getSheetName())) {
          tables.add(table(sheet));
        }
      }
    } catch (OpenXML4JException | OpenXML4JRuntimeException | UnsupportedFileFormatException e) {
      throw new IOException("is no workbook: " + e.getMessage(), e);
    }
    return tables;
  }

  private static ResultTable table(Sheet sheet) {
    TableGathering table = new TableGathering();
    int place = -1;
    for (Row row : sheet) {
      List<String> values = new ArrayList<>();
      for (int c = 0; c < row.getLastCellNum(); c++) {
        values.add(text(row.getCell(c)));
      }
      if (!table.hasHead()) {
        place = values.indexOf(PLACE_FIELD);
        without(place, values);
        table.head(values);
      } else {
        without(place, values);
        table.add(values);
      }
    }
    return table.table(sheet.getSheetName());
  }

  /** Drops the links to the pages. */
  static void without(int place, List<String> values) {
    if (place >= 0 && place < values.size()) {
      values.remove(place);
    }
  }

  private static String text(Cell cell) {
    if (cell == null) {
      return "";
    }
    CellType type =
        cell.getCellType() == CellType.FORMULA
            ? cell.getCachedFormulaResultType()
            : cell.getCellType();
    return switch (type) {
      case NUMERIC -> DateUtil.isCellDateFormatted(cell) ? day(cell) : number(cell);
      case STRING -> cell.getStringCellValue();
      case BOOLEAN -> String.valueOf(cell.getBooleanCellValue());
      default -> "";
    };
  }

  private static String number(Cell cell) {
    return BigDecimal.valueOf(cell.getNumericCellValue()).stripTrailingZeros().toPlainString();
  }

  private static String day(Cell cell) {
    LocalDateTime at = cell.getLocalDateTimeCellValue();
    boolean day = at.toLocalTime().equals(LocalTime.MIDNIGHT);
    return day ? at.toLocalDate().toString() : at.toString();
  }
}
