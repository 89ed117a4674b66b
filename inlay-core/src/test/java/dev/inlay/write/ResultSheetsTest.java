package dev.inlay.write;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.inlay.geom.Box;
import dev.inlay.rows.Origin;
import dev.inlay.write.ResultSheet.Cell;
import dev.inlay.write.ResultSheet.Head;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.apache.poi.xssf.usermodel.XSSFRow;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ResultSheetsTest {

  private static ResultSheet sheet(Object... contents) {
    List<List<Cell>> rows = List.of(List.of(contents).stream().map(Cell::of).toList());
    List<Head> heads = Collections.nCopies(contents.length, new Head("x", false));
    List<Head> named = new ArrayList<>();
    for (int i = 0; i < heads.size(); i++) {
      named.add(new Head("h" + i, false));
    }
    return new ResultSheet("data", named, rows);
  }

  private static List<Row> written(ResultSheet sheet, int number) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ResultWorkbook.write(List.of(sheet), out);
    try (ReadableWorkbook workbook =
        new ReadableWorkbook(new ByteArrayInputStream(out.toByteArray()))) {
      return workbook.getSheet(number).orElseThrow().read();
    }
  }

  @Test
  void numbersThatASheetCannotHoldAndOldDaysAreText() throws Exception {
    Row row =
        written(
                sheet(
                    new BigDecimal("12345678901234567.89"),
                    new BigDecimal("0.10"),
                    LocalDate.of(1899, 5, 1),
                    "=1+1"),
                0)
            .get(1);
    assertThat(row.getCellText(0)).isEqualTo("12345678901234567.89");
    assertThat(row.getCell(0).getType()).hasToString("STRING");
    assertThat(row.getCellAsNumber(1).orElseThrow()).isEqualByComparingTo("0.1");
    assertThat(row.getCellText(2)).isEqualTo("1899-05-01");
    assertThat(row.getCell(3).getType()).hasToString("STRING");
  }

  @Test
  void aTextLongerThanACellStandsWholeOnASheetOfItsOwn() throws Exception {
    String text = "a".repeat(40_000) + "b".repeat(30_000);
    List<Row> rows = written(sheet(text), 1);
    StringBuilder whole = new StringBuilder();
    rows.subList(1, rows.size()).forEach(r -> whole.append(r.getCellText(4)));
    assertThat(whole).hasToString(text);
    assertThat(written(sheet(text), 0).get(1).getCellText(0)).endsWith("'Long texts')");
  }

  @Test
  void listsEscapeWhatTheirFormUses() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ResultLists.tsv(sheet("a\tb", "c\nd", "=x"), out);
    assertThat(out.toString(StandardCharsets.UTF_8)).isEqualTo("h0\th1\th2\na\\tb\tc\\nd\t'=x\n");
    out.reset();
    ResultLists.csv(sheet("a,b", "c\"d"), out);
    assertThat(out.toString(StandardCharsets.UTF_8)).isEqualTo("h0,h1\r\n\"a,b\",\"c\"\"d\"\r\n");
  }

  @Test
  void linksAreRelativeAndQuoted() {
    Origin origin = new Origin(3, new Box(10.2, 20.7, 30, 40), "p3t1");
    assertThat(PlaceLink.of(Path.of("/a/b c/r.pdf"), origin, Path.of("/a/out")))
        .isEqualTo("../b%20c/r.pdf#page=3&viewrect=10,20,20,20");
  }

  @Test
  void aSheetThatLacksAHeadingIsNotFilled(@TempDir Path folder) throws Exception {
    Path source = folder.resolve("book.xlsx");
    try (XSSFWorkbook workbook = new XSSFWorkbook()) {
      workbook.createSheet("Data").createRow(0).createCell(0).setCellValue("h0");
      try (var out = Files.newOutputStream(source)) {
        workbook.write(out);
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    assertThatThrownBy(() -> WorkbookFilling.fill(source, "Data", true, sheet("a", "b"), out))
        .isInstanceOf(IOException.class)
        .hasMessageContaining("the sheet 'Data' has no heading h1");
    WorkbookFilling.fill(source, "Data", false, sheet("new"), out);
    try (XSSFWorkbook filled = new XSSFWorkbook(new ByteArrayInputStream(out.toByteArray()))) {
      assertThat(filled.getSheet("Data").getRow(1).getCell(0).getStringCellValue())
          .isEqualTo("new");
    }
  }

  @Test
  void aCellOfWhichAFindingSpeaksIsShadedAndLeadsToIt() throws Exception {
    Cell price = new Cell(new BigDecimal("3.50"), "0.00", "").with(2);
    ResultSheet data =
        new ResultSheet(
            "prices",
            List.of(new Head("price", true), new Head("fish", false)),
            List.of(List.of(price, Cell.of("Cod"))));
    ResultSheet findings =
        new ResultSheet("Findings", List.of(new Head("message", false)), List.of());
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ResultWorkbook.write(List.of(data, findings), out);
    try (XSSFWorkbook workbook = new XSSFWorkbook(new ByteArrayInputStream(out.toByteArray()))) {
      XSSFRow row = workbook.getSheetAt(0).getRow(1);
      assertThat(row.getCell(0).getNumericCellValue()).isEqualTo(3.5);
      assertThat(row.getCell(0).getHyperlink().getLocation()).isEqualTo("'Findings'!A3");
      assertThat(row.getCell(0).getCellStyle().getFillForegroundColorColor().getARGBHex())
          .endsWith("FFE9B8");
      assertThat(row.getCell(1).getHyperlink()).isNull();
    }
  }

  @Test
  void aLinkThatIsItsOwnTextIsShort() throws Exception {
    String link = "report.pdf#page=2&viewrect=56.7,120.0,481.9,650.2";
    List<Head> heads = List.of(new Head("link", false), new Head("source", false));
    List<Cell> cells = List.of(new Cell(link, "", link), new Cell("report.pdf, page 2", "", link));
    Row row = written(new ResultSheet("Findings", heads, List.of(cells)), 0).get(1);
    assertThat(row.getCellText(0)).isEqualTo("open");
    assertThat(row.getCellText(1)).isEqualTo("report.pdf, page 2");
  }
}
