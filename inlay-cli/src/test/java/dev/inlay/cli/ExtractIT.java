package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The built program on the samples, held against their truths. */
class ExtractIT {

  private static final JsonMapper JSON = new JsonMapper();

  @TempDir private Path folder;

  static Stream<String> samples() {
    return Stream.of(1, 2, 3, 4).map(q -> "landings-2025-q" + q);
  }

  private static JsonNode truth(String sample) {
    return JSON.readTree(Program.SAMPLES.resolve(sample + ".truth.json").toFile()).get("tables");
  }

  private static Path pdf(String sample) {
    return Program.SAMPLES.resolve(sample + ".pdf").toAbsolutePath();
  }

  /** A cell as text, column and spans; raised figures count as plain ones, as in the truth. */
  private static String cell(String text, int column, int columnSpan, int rowSpan) {
    return Normalizer.normalize(text, Normalizer.Form.NFKC)
        + " @"
        + column
        + " "
        + columnSpan
        + "x"
        + rowSpan;
  }

  private static List<String> truthRow(JsonNode row) {
    List<String> cells = new ArrayList<>();
    for (JsonNode c : row) {
      cells.add(cell(c.get(0).asString(), c.get(1).asInt(), c.get(2).asInt(), c.get(3).asInt()));
    }
    return cells;
  }

  private static List<String> readRow(JsonNode row) {
    List<String> cells = new ArrayList<>();
    for (JsonNode c : row.get("cells")) {
      cells.add(
          cell(
              c.get("text").asString(),
              c.get("column").asInt(),
              c.get("columnSpan").asInt(),
              c.get("rowSpan").asInt()));
    }
    return cells;
  }

  @ParameterizedTest
  @MethodSource("samples")
  void jsonEqualsTheTruth(String sample) throws Exception {
    Result result = Program.run(folder, "extract", pdf(sample), "-o", "out.json");
    assertThat(result.code()).as(result.err()).isZero();
    JsonNode json = JSON.readTree(folder.resolve("out.json").toFile());
    assertThat(json.get("format").asString()).isEqualTo("inlay-tables/1");
    JsonNode document = json.at("/documents/0");
    assertThat(document.get("status").asString()).isEqualTo("ok");
    JsonNode tables = document.get("tables");
    JsonNode truth = truth(sample);
    assertThat(tables).hasSameSizeAs(truth);
    for (int t = 0; t < truth.size(); t++) {
      assertTableEquals(tables.get(t), truth.get(t));
    }
  }

  private static void assertTableEquals(JsonNode table, JsonNode truth) {
    assertThat(table.get("pages")).isEqualTo(truth.get("pages"));
    assertThat(table.get("headerRows")).isEqualTo(truth.get("header_rows"));
    assertThat(table.get("rows")).hasSameSizeAs(truth.get("grid"));
    assertThat(table.get("warnings")).isEmpty();
    assertThat(table.get("confidence").asDouble()).isBetween(0.9, 1.0);
    for (int r = 0; r < truth.get("grid").size(); r++) {
      JsonNode row = table.get("rows").get(r);
      assertThat(row.get("kind")).isEqualTo(truth.get("kinds").get(r));
      assertThat(readRow(row)).isEqualTo(truthRow(truth.get("grid").get(r)));
    }
  }

  @ParameterizedTest
  @MethodSource("samples")
  void theWorkbookHoldsEveryCell(String sample) throws Exception {
    Result result = Program.run(folder, "extract", pdf(sample), "-o", "out.xlsx");
    assertThat(result.code()).as(result.err()).isZero();
    JsonNode truth = truth(sample);
    try (InputStream in = Files.newInputStream(folder.resolve("out.xlsx"));
        ReadableWorkbook book = new ReadableWorkbook(in)) {
      List<Sheet> sheets = book.getSheets().skip(1).toList();
      assertThat(book.getFirstSheet().getName()).isEqualTo("Summary");
      assertThat(sheets).hasSameSizeAs(truth);
      for (int t = 0; t < truth.size(); t++) {
        assertSheetEquals(sheets.get(t).read(), truth.get(t));
      }
    }
  }

  private static void assertSheetEquals(List<Row> rows, JsonNode truth) {
    int header = truth.get("header_rows").asInt();
    assertThat(rows).hasSize(truth.get("grid").size() - header + 1);
    String harbour = "";
    int harbourRows = 0;
    for (int r = header; r < truth.get("grid").size(); r++) {
      Row row = rows.get(r - header + 1);
      for (JsonNode c : truth.get("grid").get(r)) {
        assertCellEquals(row.getCell(c.get(1).asInt()), c.get(0).asString());
        if (c.get(3).asInt() > 1) {
          harbour = c.get(0).asString();
          harbourRows = c.get(3).asInt();
        }
      }
      // A merged name stands in each row that it covers.
      if (harbourRows-- > 0) {
        assertThat(row.getCellAsString(0)).contains(harbour);
      }
    }
  }

  private static void assertCellEquals(Cell cell, String text) {
    if (text.matches("[\\d,]+(\\.\\d+)?")) {
      assertThat(cell.getType()).as(text).isEqualTo(CellType.NUMBER);
      assertThat(cell.asNumber()).isEqualByComparingTo(new BigDecimal(text.replace(",", "")));
    } else {
      assertThat(cell.asString()).isEqualTo(text);
    }
  }

  @Test
  void theWorkbooksHeaderNamesEachColumnInOneLine() throws Exception {
    Program.run(folder, "extract", pdf("landings-2025-q1"), "-o", "out.xlsx");
    try (InputStream in = Files.newInputStream(folder.resolve("out.xlsx"));
        ReadableWorkbook book = new ReadableWorkbook(in)) {
      Row header = book.getSheet(1).orElseThrow().read().get(0);
      assertThat(header.stream().map(Cell::asString))
          .containsExactly(
              "Harbour",
              "Species",
              "Landings",
              "Landed weight (kg) / Boxed",
              "Landed weight (kg) / Bulk",
              "Value (crowns)");
    }
  }

  @Test
  void aFolderTakesAFileForEachInputThatOpenedOrNot() throws Exception {
    Files.writeString(folder.resolve("bad.pdf"), "no pdf");
    Result result =
        Program.run(
            folder, "extract", pdf("landings-2025-q1"), "bad.pdf", "--to", "json", "-o", "out/");
    assertThat(result.code()).isEqualTo(ExitCode.INPUT);
    JsonNode good = JSON.readTree(folder.resolve("out/landings-2025-q1.json").toFile());
    JsonNode bad = JSON.readTree(folder.resolve("out/bad.json").toFile());
    assertThat(good.at("/documents/0/tables")).hasSize(2);
    assertThat(bad.at("/documents/0/status").asString()).isEqualTo("unreadable");
    assertThat(bad.at("/documents/0/problems/0/code").asString()).isEqualTo("not-a-pdf");
  }

  @Test
  void theSameInputGivesTheSameBytes() throws Exception {
    Object[] files = samples().map(ExtractIT::pdf).toArray();
    String first = Program.run(folder, with(files, "extract", "--to", "json")).out();
    String second = Program.run(folder, with(files, "extract", "--to", "json")).out();
    assertThat(second).isEqualTo(first).contains("inlay-tables/1");
    assertThat(JSON.readTree(first).get("documents")).hasSize(4);
  }

  private static Object[] with(Object[] files, Object... words) {
    return Stream.concat(Stream.of(words), Stream.of(files)).toArray();
  }

  @Test
  void oneWorkbookTakesSeveralReports() throws Exception {
    Object[] files = samples().map(ExtractIT::pdf).toArray();
    Result result = Program.run(folder, with(files, "extract", "-o", "all.xlsx"));
    assertThat(result.code()).isZero();
    assertThat(result.messages()).containsExactly("inlay: wrote all.xlsx (8 tables)");
    try (InputStream in = Files.newInputStream(folder.resolve("all.xlsx"));
        ReadableWorkbook book = new ReadableWorkbook(in)) {
      assertThat(book.getSheets().map(Sheet::getName))
          .hasSize(9)
          .contains("landings-2025-q1 p1t1", "landings-2025-q4 p1t1");
    }
  }

  @Test
  void pagesLimitWhatIsRead() throws Exception {
    Result result =
        Program.run(folder, "extract", pdf("landings-2025-q3"), "--pages", "3", "--to", "csv");
    assertThat(result.code()).isZero();
    List<String> lines = result.out().lines().toList();
    assertThat(lines.get(0)).isEqualTo("Length class,Vessels,Landings,Landed weight (kg)");
    assertThat(lines).hasSize(6);
  }

  @Test
  void aTerminalGetsWhatFitsAndAPipeGetsAll() throws Exception {
    Path bin = Program.DISTRIBUTION.resolve("bin/inlay");
    Path pdf = pdf("landings-2025-q1");
    Result narrow = Program.runWith(bin, folder, "50", "extract", pdf);
    assertThat(narrow.out().lines().filter(l -> l.startsWith("│"))).allMatch(l -> l.length() <= 50);
    assertThat(narrow.out()).contains("not shown: 25 rows").contains("… 25 more rows");
    Result piped = Program.run(folder, "extract", pdf);
    assertThat(piped.out()).doesNotContain("not shown").contains("│ Vane Ness │ Cod ");
    assertThat(piped.out())
        .containsPattern("pages 1–2, 45 rows and 6 columns, ruled, confidence 0\\.\\d+");
  }
}
