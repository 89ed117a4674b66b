package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.List;
import java.util.zip.ZipFile;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.usermodel.Workbook;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The built program writing results in each of their forms. */
class ResultFormsIT {

  private static final JsonMapper JSON = JsonMapper.builder().build();

  @TempDir private Path folder;

  private Result run(String results, String out) throws Exception {
    Path book = Program.SAMPLES.resolve("deposit-book-2025.pdf").toAbsolutePath();
    Path spec = folder.resolve("book.inlay.yaml");
    Files.writeString(
        spec,
        """
        report: Deposits
        table: {headings: [Account, Holder]}
        columns:
          account: {from: Account, fill down: yes}
          due: {from: Due in, type: yearmonth}
          balance: {from: Balance, type: number, nothing: "–"}
          share: {from: Share, type: percent}
          lent: {from: Lent, type: boolean}
        """
            + results);
    Result result = Program.run(folder, "run", spec, book, "-o", out);
    assertThat(result.code()).as(result.out() + result.err()).isZero();
    return result;
  }

  @Test
  void aDatabaseIsWrittenThoughNoFileFits() throws Exception {
    Path book = Program.SAMPLES.resolve("deposit-book-2025.pdf").toAbsolutePath();
    Path spec = folder.resolve("register.inlay.yaml");
    Files.writeString(
        spec,
        "report: Register\nrecognised by: Register of vessels\ntable: {headings: [Mark, Name]}\n");
    Result result = Program.run(folder, "run", spec, book, "-o", "register.sqlite");
    assertThat(result.code()).as(result.err()).isEqualTo(1);
    assertThat(folder.resolve("register.sqlite")).exists();
  }

  @Test
  void theDatabaseAddsUpAndKeepsTheDigitsPrinted() throws Exception {
    run("", "book.sqlite");
    try (Connection database =
            DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("book.sqlite"));
        Statement statement = database.createStatement()) {
      try (ResultSet sum =
          statement.executeQuery("select sum(balance), count(*), sum(lent) from deposits")) {
        assertThat(sum.getDouble(1)).isEqualTo(11395.75);
        assertThat(sum.getInt(2)).isEqualTo(6);
        assertThat(sum.getInt(3)).isEqualTo(2);
      }
      try (ResultSet printed =
          statement.executeQuery(
              "select balance, source_page from deposits_printed where account = '0110'")) {
        assertThat(printed.getString(1)).isEqualTo("-40.00");
        assertThat(printed.getString(2)).isEqualTo("1");
      }
    }
  }

  @Test
  void jsonLinesHoldDecimalsNullsAndOrigins() throws Exception {
    run("", "book.jsonl");
    List<String> lines = Files.readAllLines(folder.resolve("book.jsonl"));
    assertThat(lines).hasSize(6);
    assertThat(lines.get(0))
        .startsWith("{\"account\":\"0042\",\"due\":\"2025-06\",\"balance\":1204.50,");
    JsonNode trust = JSON.readTree(lines.get(3));
    assertThat(trust.get("balance").isNull()).isTrue();
    assertThat(trust.get("lent").asBoolean()).isTrue();
    assertThat(trust.get("origin").get("box").size()).isEqualTo(4);
  }

  @Test
  void aListComesWithItsSchemaAndItsOrigins() throws Exception {
    run("results: [csv, tsv]\n", "out/");
    JsonNode schema =
        JSON.readTree(folder.resolve("out/datapackage.json").toFile())
            .get("resources")
            .get(0)
            .get("schema")
            .get("fields");
    assertThat(schema.findValuesAsString("type"))
        .containsExactly("string", "yearmonth", "number", "number", "boolean");
    assertThat(Files.readString(folder.resolve("out/deposits.tsv")))
        .startsWith("account\tdue\tbalance\tshare\tlent\n0042\t2025-06\t1204.50\t0.125\ttrue\n");
    assertThat(Files.readAllLines(folder.resolve("out/deposits.origins.csv")).get(1))
        .startsWith("1,deposit-book-2025.pdf,1,p1t1,62.0,");
  }

  @Test
  void theOpenSpreadsheetHoldsTypedCells() throws Exception {
    run("", "book.ods");
    try (ZipFile zip = new ZipFile(folder.resolve("book.ods").toFile());
        InputStream in = zip.getInputStream(zip.getEntry("content.xml"))) {
      assertThat(new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8))
          .contains("office:value-type=\"float\" office:value=\"1204.50\"")
          .contains("office:value-type=\"percentage\" office:value=\"0.125\"")
          .contains("office:boolean-value=\"true\"")
          .contains("deposit-book-2025.pdf#page=1&amp;viewrect=");
    }
  }

  @Test
  void aSheetOfAWorkbookIsFilledAndTheRestStays() throws Exception {
    try (Workbook workbook = new XSSFWorkbook()) {
      Sheet data = workbook.createSheet("Data");
      data.createRow(0).createCell(0).setCellValue("Deposits of the Board");
      List<String> heads = List.of("balance", "own note", "account", "due", "share", "lent");
      Row headings = data.createRow(3);
      for (int c = 0; c < heads.size(); c++) {
        headings.createCell(c).setCellValue(heads.get(c));
      }
      CellStyle style = workbook.createCellStyle();
      style.setDataFormat(workbook.createDataFormat().getFormat("#,##0.000"));
      data.createRow(4).createCell(0).setCellStyle(style);
      data.getRow(4).getCell(0).setCellValue(7);
      data.getRow(4).createCell(1).setCellValue("kept");
      data.getRow(4).createCell(2).setCellValue("0001");
      workbook.createSheet("Other").createRow(0).createCell(0).setCellFormula("1+1");
      try (OutputStream out = Files.newOutputStream(folder.resolve("monthly.xlsx"))) {
        workbook.write(out);
      }
    }
    byte[] before = Files.readAllBytes(folder.resolve("monthly.xlsx"));
    Files.createDirectory(folder.resolve("out"));
    run("results: [{file: monthly.xlsx, sheet: Data, rows: append}]\n", "out/");
    assertThat(folder.resolve("monthly.xlsx")).hasBinaryContent(before);
    try (InputStream in = Files.newInputStream(folder.resolve("out/monthly.xlsx"));
        Workbook workbook = new XSSFWorkbook(in)) {
      Sheet data = workbook.getSheet("Data");
      assertThat(data.getLastRowNum()).isEqualTo(10);
      assertThat(data.getRow(4).getCell(1).getStringCellValue()).isEqualTo("kept");
      assertThat(data.getRow(5).getCell(0).getNumericCellValue()).isEqualTo(1204.50);
      assertThat(data.getRow(5).getCell(0).getCellStyle().getDataFormatString())
          .isEqualTo("#,##0.000");
      assertThat(data.getRow(5).getCell(2).getStringCellValue()).isEqualTo("0042");
      assertThat(workbook.getSheet("Other").getRow(0).getCell(0).getCellFormula()).isEqualTo("1+1");
    }
    Files.copy(
        folder.resolve("out/monthly.xlsx"),
        folder.resolve("monthly.xlsx"),
        StandardCopyOption.REPLACE_EXISTING);
    run("results: [{file: monthly.xlsx, sheet: Data, rows: append}]\n", "out/");
    try (InputStream in = Files.newInputStream(folder.resolve("out/monthly.xlsx"));
        Workbook workbook = new XSSFWorkbook(in)) {
      assertThat(workbook.getSheet("Data").getLastRowNum())
          .as("the workbook beside the spec is another one: the results are not up to date")
          .isEqualTo(16);
    }
  }
}
