package dev.inlay.write;

import static dev.inlay.TableBuilder.cell;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.inlay.TableBuilder;
import dev.inlay.extract.DocumentTables;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.write.TextTables.Limits;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Each form written and read back. */
class FormsTest {

  private static String csv(Table table) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    CsvTable.write(TableBuilder.document("a.pdf", table), table, out);
    return out.toString(StandardCharsets.UTF_8);
  }

  /** The first sheet of the last workbook. */
  private List<Row> summary = List.of();

  /** The sheets behind the summary. */
  private List<List<Row>> sheets(DocumentTables... documents) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    WorkbookTables.write(List.of(documents), out);
    try (ReadableWorkbook book =
        new ReadableWorkbook(new ByteArrayInputStream(out.toByteArray()))) {
      List<List<Row>> all = book.getSheets().map(FormsTest::rows).toList();
      summary = all.get(0);
      return all.subList(1, all.size());
    }
  }

  private static List<Row> rows(org.dhatim.fastexcel.reader.Sheet sheet) {
    try {
      return sheet.read();
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  @Test
  void csvQuotesWhatNeedsIt() throws IOException {
    Table table = new TableBuilder("Name", "Note").row("Oyle, quay 2", "says \"dry\"").build();
    assertThat(csv(table)).isEqualTo("Name,Note\r\n\"Oyle, quay 2\",\"says \"\"dry\"\"\"\r\n");
  }

  @Test
  void csvKeepsFormulasFromBeingRun() throws IOException {
    Table table =
        new TableBuilder("Text")
            .row("=1+1")
            .row("@SUM(A1)")
            .row("+A1")
            .row("-cmd|' /C'!A0")
            .row("-12.5")
            .row("-12 kg")
            .row("- none")
            .build();
    assertThat(csv(table).split("\r\n"))
        .containsExactly(
            "Text", "'=1+1", "'@SUM(A1)", "'+A1", "'-cmd|' /C'!A0", "-12.5", "-12 kg", "- none");
  }

  @Test
  void mergedLabelsBelongToEachRowAndMergedNumbersToTheFirst() throws IOException {
    Table table =
        new TableBuilder("Harbour", "Species", "Boxed")
            .cells(RowKind.BODY, cell("Oyle", 0, 1, 2), cell("Cod", 1, 1, 1), cell("7.5", 2, 1, 2))
            .cells(RowKind.BODY, cell("Ling", 1, 1, 1))
            .cells(RowKind.TOTAL, cell("Total", 0, 2, 1), cell("7.5", 2, 1, 1))
            .build();
    assertThat(csv(table))
        .isEqualTo("Harbour,Species,Boxed\r\nOyle,Cod,7.5\r\nOyle,Ling,\r\nTotal,,7.5\r\n");
  }

  @Test
  void aWorkbookHoldsNumbersAsNumbersAndTheRestAsText() throws Exception {
    Table table =
        new TableBuilder("Code", "Weight")
            .row("0412", "1,204.5")
            .row("=1+1", "88.0¹")
            .row("17", "-3")
            .build();
    List<Row> rows = sheets(TableBuilder.document("a.pdf", table)).get(0);
    assertThat(rows.get(1).getCell(0).getType()).isEqualTo(CellType.STRING);
    assertThat(rows.get(1).getCellAsNumber(1)).contains(new BigDecimal("1204.5"));
    assertThat(rows.get(2).getCell(0).getType()).isEqualTo(CellType.STRING);
    assertThat(rows.get(2).getCellAsString(0)).contains("=1+1");
    assertThat(rows.get(2).getCellAsString(1)).contains("88.0¹");
    assertThat(rows.get(3).getCellAsNumber(1)).contains(new BigDecimal("-3"));
  }

  @Test
  void aTableThatLeavesItsNumbersOpenFollowsItsDocument() throws Exception {
    Table open = new TableBuilder("Weight").row("1.204").row("2.310").build();
    Table clear = new TableBuilder("Weight").row("1.204,5").build();
    List<Row> alone = sheets(TableBuilder.document("a.pdf", open)).get(0);
    assertThat(alone.get(1).getCell(0).getType()).isEqualTo(CellType.STRING);
    List<Row> beside = sheets(TableBuilder.document("a.pdf", open, clear)).get(0);
    assertThat(beside.get(1).getCellAsNumber(0)).contains(new BigDecimal("1204"));
  }

  @Test
  void aTextLongerThanACellStandsWholeOnASheetOfItsOwn() throws Exception {
    Table table = new TableBuilder("Text", "Note").row("x".repeat(40_000), "short").build();
    List<List<Row>> sheets = sheets(TableBuilder.document("a.pdf", table));
    assertThat(sheets).hasSize(2);
    assertThat(sheets.get(0).get(1).getCellText(0)).endsWith("(whole on the sheet 'Long texts')");
    List<Row> parts = sheets.get(1);
    assertThat(parts.get(1).getCellText(4) + parts.get(2).getCellText(4))
        .isEqualTo("x".repeat(40_000));
    assertThat(parts.get(1).getCellText(2)).isEqualTo("Text");
  }

  @Test
  void whatNoSheetHoldsIsReportedBeforeAnythingIsWritten() {
    String[] wide = new String[16_385];
    Arrays.fill(wide, "x");
    Table table = new TableBuilder(wide).row(wide).build();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    assertThatThrownBy(
            () -> WorkbookTables.write(List.of(TableBuilder.document("a.pdf", table)), out))
        .isInstanceOf(TooLargeException.class)
        .hasMessage("table p1t1 of a.pdf is larger than a sheet; write CSV or JSON instead");
    assertThat(out.size()).isZero();
  }

  @Test
  void theSummaryNamesEachTableAndEachFileWithoutOne() throws Exception {
    Table table =
        new TableBuilder("Harbour", "Boxed").row("Oyle", "7").row("Brennick", "9").build();
    DocumentTables none = TableBuilder.document("b.pdf");
    sheets(TableBuilder.document("a.pdf", table), none);
    assertThat(summary).hasSize(3);
    assertThat(texts(summary.get(1)))
        .containsExactly("a.pdf", "a p1t1", "Table 1. Landings", "1", "2", "2", "0.97");
    assertThat(texts(summary.get(2))).containsExactly("b.pdf", "no table found");
  }

  private static List<String> texts(Row row) {
    return row.stream()
        .filter(c -> c != null && !c.getText().isEmpty())
        .map(org.dhatim.fastexcel.reader.Cell::getText)
        .toList();
  }

  @Test
  void sheetNamesAreAllowedAndDifferent() {
    SheetNames names = new SheetNames();
    String long1 = names.of("a-report-with-a-very-long-name-2025.pdf", "p1t1");
    String long2 = names.of("a-report-with-a-very-long-name-2026.pdf", "p1t1");
    assertThat(long1).hasSizeLessThanOrEqualTo(31).endsWith(" p1t1");
    assertThat(long2).hasSizeLessThanOrEqualTo(31).isNotEqualToIgnoringCase(long1);
    assertThat(names.of("[a]:b?.pdf", "p1t1")).isEqualTo("a b p1t1");
  }

  @Test
  void jsonIsTheSameForTheSameTablesAndLeavesOutEmptyCells() {
    Table table = new TableBuilder("Name", "Bulk").row("Cod", "").build();
    ByteArrayOutputStream first = new ByteArrayOutputStream();
    ByteArrayOutputStream second = new ByteArrayOutputStream();
    JsonTables.write(List.of(TableBuilder.document("dir/a.pdf", table)), first);
    JsonTables.write(List.of(TableBuilder.document("dir/a.pdf", table)), second);
    assertThat(first.toByteArray()).isEqualTo(second.toByteArray());
    JsonNode json = new JsonMapper().readTree(first.toByteArray());
    JsonNode document = json.at("/documents/0");
    assertThat(document.get("file").asString()).isEqualTo("a.pdf");
    assertThat(document.at("/tables/0/columns/1/name").asString()).isEqualTo("Bulk");
    assertThat(document.at("/tables/0/rows/1/cells")).hasSize(1);
    assertThat(document.at("/tables/0/frames/0/box").toString())
        .isEqualTo("[50.0,100.0,550.0,700.0]");
  }

  @Test
  void mergedCellsAreDrawnMerged() {
    Table table =
        new TableBuilder("Harbour", "Boxed", "Bulk")
            .cells(RowKind.BODY, cell("Oyle", 0, 1, 2), cell("7.5", 1, 1, 1), cell("1", 2, 1, 1))
            .cells(RowKind.BODY, cell("10.0", 1, 1, 1), cell("2", 2, 1, 1))
            .cells(RowKind.TOTAL, cell("Total", 0, 1, 1), cell("both 20.5", 1, 2, 1))
            .build();
    assertThat(new BoxDrawing(table, Limits.NONE).lines())
        .containsExactly(
            "┌─────────┬───────┬──────┐",
            "│ Harbour │ Boxed │ Bulk │",
            "├─────────┼───────┼──────┤",
            "│ Oyle    │   7.5 │    1 │",
            "│         │  10.0 │    2 │",
            "├─────────┼───────┴──────┤",
            "│ Total   │ both 20.5    │",
            "└─────────┴──────────────┘");
  }

  @Test
  void aNarrowTerminalCutsAndSaysHowMuch() {
    Table table =
        new TableBuilder("Description", "B", "C")
            .row("a description far too long for the line", "x", "y")
            .build();
    List<String> lines = new BoxDrawing(table, new Limits(30, 0)).lines();
    assertThat(lines).allMatch(l -> DisplayWidth.of(l) <= 30);
    assertThat(lines.get(3)).contains("…");
    assertThat(lines.get(lines.size() - 1)).isEqualTo("(shortened to fit: 1 text)");
  }

  @Test
  void columnsWithoutRoomAreCounted() {
    TableBuilder builder = new TableBuilder("Column1", "Column2", "Column3", "Column4");
    List<String> lines =
        new BoxDrawing(
                builder.row("aaaaaa", "bbbbbb", "cccccc", "dddddd").build(), new Limits(30, 0))
            .lines();
    assertThat(lines.get(0)).hasSizeLessThanOrEqualTo(30).endsWith("┐");
    assertThat(lines.get(lines.size() - 1)).startsWith("(not shown: 1 column");
  }

  @Test
  void theMiddleOfALongTableIsLeftOutAndItsMergedLabelRepeated() {
    TableBuilder builder = new TableBuilder("Harbour", "Day");
    builder.cells(RowKind.BODY, cell("Oyle", 0, 1, 30), cell("1", 1, 1, 1));
    for (int day = 2; day <= 30; day++) {
      builder.cells(RowKind.BODY, cell(String.valueOf(day), 1, 1, 1));
    }
    List<String> lines = new BoxDrawing(builder.build(), new Limits(80, 10)).lines();
    assertThat(lines).contains("│ … 20 more ro… │", "│ Oyle    │  28 │");
    assertThat(lines.get(lines.size() - 1)).isEqualTo("(not shown: 20 rows)");
  }

  @Test
  void wideCharactersTakeTwoPlaces() {
    Table table = new TableBuilder("魚種", "Cod").row("鱈", "1").build();
    List<String> lines = new BoxDrawing(table, Limits.NONE).lines();
    assertThat(lines).extracting(DisplayWidth::of).containsOnly(14);
    assertThat(DisplayWidth.cut("魚種", 3)).isEqualTo("魚…");
  }
}
