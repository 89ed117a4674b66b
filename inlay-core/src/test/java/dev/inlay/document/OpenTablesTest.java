package dev.inlay.document;

import static dev.inlay.ReadTables.tables;
import static dev.inlay.ReadTables.texts;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.choose.PageTables;
import dev.inlay.model.Column;
import dev.inlay.model.RowKind;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.Table;
import dev.inlay.model.TableRow;
import dev.inlay.model.TextLedger;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Open and part-ruled tables, from pages to tables. */
class OpenTablesTest {

  private static final double STEP = 14;

  private static List<WarningCode> codes(Table table) {
    return table.warnings().stream().map(Warning::code).toList();
  }

  /** Texts in columns 100 points apart; an empty text leaves its place free. */
  private static PageBuilder row(PageBuilder page, double y, String... texts) {
    for (int c = 0; c < texts.length; c++) {
      if (!texts[c].isEmpty()) {
        page.text(texts[c], 50 + c * 100, y);
      }
    }
    return page;
  }

  private static PageBuilder landings(int page) {
    PageBuilder builder = row(new PageBuilder(page), 100, "Species", "Boxed", "Bulk");
    row(builder, 114, "Cod", "12.5", "3.0");
    row(builder, 128, "Ling", "7.5", "1.5");
    return row(builder, 142, "Tusk", "9.0", "2.5");
  }

  @Test
  void wordsOverFiguresAreTheHeader() {
    Table table = tables(landings(1)).get(0);
    assertThat(table.headerRows()).isEqualTo(1);
    assertThat(table.columns())
        .extracting(Column::name)
        .containsExactly("Species", "Boxed", "Bulk");
    assertThat(texts(table).get(2)).containsExactly("Ling", "7.5", "1.5");
    assertThat(table.frames().get(0).rulings()).isEqualTo(RulingExtent.NONE);
    assertThat(table.warnings()).isEmpty();
  }

  @Test
  void theRulingBelowTheHeaderEndsIt() {
    PageBuilder page = row(new PageBuilder(), 100, "Year", "2024", "2025");
    page.horizontal(88, 50, 300).horizontal(104, 50, 300).horizontal(148, 50, 300);
    row(page, 114, "Cod", "12.5", "3.0");
    row(page, 128, "Ling", "7.5", "1.5");
    Table table = tables(row(page, 142, "Tusk", "9.0", "2.5")).get(0);
    assertThat(table.headerRows()).isEqualTo(1);
    assertThat(table.columns().get(1).name()).isEqualTo("2024");
    assertThat(table.frames().get(0).rulings()).isEqualTo(RulingExtent.PART);
  }

  @Test
  void aSpannerStandsOverTheColumnsOfItsRuling() {
    PageBuilder page = new PageBuilder().text("Landed (kg)", 172, 86).horizontal(90, 145, 280);
    Table table = tables(withRows(page)).get(0);
    assertThat(table.headerRows()).isEqualTo(2);
    assertThat(table.columns())
        .extracting(Column::name)
        .containsExactly("Species", "Landed (kg) / Boxed", "Landed (kg) / Bulk");
  }

  private static PageBuilder withRows(PageBuilder page) {
    page.horizontal(72, 50, 280).horizontal(104, 50, 280).horizontal(148, 50, 280);
    row(page, 100, "Species", "Boxed", "Bulk");
    row(page, 114, "Cod", "12.5", "3.0");
    row(page, 128, "Ling", "7.5", "1.5");
    return row(page, 142, "Tusk", "9.0", "2.5");
  }

  @Test
  void aWrappedHeadingIsOneCell() {
    PageBuilder page = row(new PageBuilder(), 88, "", "Landed", "Landed");
    row(page, 100, "Species", "boxed", "bulk");
    row(page, 114, "Cod", "12.5", "3.0");
    row(page, 128, "Ling", "7.5", "1.5");
    Table table = tables(row(page, 142, "Tusk", "9.0", "2.5")).get(0);
    assertThat(table.columns())
        .extracting(Column::name)
        .containsExactly("Species", "Landed boxed", "Landed bulk");
  }

  @Test
  void aWrappedTextBelongsToTheRowAbove() {
    PageBuilder page = row(new PageBuilder(), 100, "Vessel", "Work done", "Hours");
    row(page, 120, "Arn", "new rudder", "12");
    row(page, 132, "", "and paint", "");
    row(page, 152, "Bo", "caulked", "7");
    Table table = tables(row(page, 172, "Cai", "engine", "31")).get(0);
    assertThat(texts(table).get(1)).containsExactly("Arn", "new rudder and paint", "12");
    assertThat(table.rows()).hasSize(4);
  }

  @Test
  void aTextAloneAtTheLeftHeadsTheRowsBelowIt() {
    PageBuilder page = row(new PageBuilder(), 100, "Species", "Boxed", "Bulk");
    page.text("Brennick", 50, 114);
    row(page, 128, "Cod", "12.5", "3.0");
    row(page, 142, "Ling", "7.5", "1.5");
    page.text("Oyle", 50, 156);
    row(page, 170, "Cod", "1.5", "3.5");
    Table table = tables(row(page, 184, "Tusk", "2.5", "4.5")).get(0);
    assertThat(table.rows())
        .extracting(TableRow::kind)
        .containsExactly(
            RowKind.HEADER,
            RowKind.GROUP,
            RowKind.BODY,
            RowKind.BODY,
            RowKind.GROUP,
            RowKind.BODY,
            RowKind.BODY);
    assertThat(table.rows().get(1).cells().get(0).columnSpan()).isEqualTo(3);
  }

  @Test
  void theHeaderRepeatedOnTheNextPageIsPrintedOnce() {
    List<Table> tables = tables(landings(1), landings(2));
    assertThat(tables).hasSize(1);
    assertThat(tables.get(0).rows()).hasSize(7);
  }

  @Test
  void aPartWithoutHeaderGoesOnWhereItsColumnsAreAlike() {
    PageBuilder next = row(new PageBuilder(2), 60, "Hake", "2.5", "4.5");
    row(next, 74, "Plaice", "3.5", "5.5");
    List<Table> tables = tables(landings(1), row(next, 88, "Prawn", "4.5", "6.5"));
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0)).get(6)).containsExactly("Prawn", "4.5", "6.5");
  }

  @Test
  void aHeadingPrintedAgainAfterThePageBreakIsKeptOnce() {
    PageBuilder first = row(new PageBuilder(1), 100, "Species", "Boxed", "Bulk");
    first.text("Brennick", 50, 114);
    row(first, 128, "Cod", "12.5", "3.0");
    row(first, 142, "Ling", "7.5", "1.5");
    PageBuilder second = row(new PageBuilder(2), 100, "Species", "Boxed", "Bulk");
    second.text("Brennick (continued)", 50, 114);
    row(second, 128, "Tusk", "12.5", "3.0");
    List<Table> tables = tables(first, row(second, 142, "Hake", "7.5", "1.5"));
    assertThat(tables).hasSize(1);
    assertThat(tables.get(0).rows()).filteredOn(r -> r.kind() == RowKind.GROUP).hasSize(1);
  }

  /**
   * The doubts about a table's rows and columns, whether the estimate lets them be reported or not.
   */
  private static List<WarningCode> doubts(Table table) {
    return TableDoubts.of(
            table.headerRows(), table.columns().size(), table.rows(), table.frames().get(0))
        .stream()
        .map(Warning::code)
        .toList();
  }

  @Test
  void aColumnOfFiguresWithAWordInItIsDoubtful() {
    PageBuilder page = landings(1);
    row(page, 156, "Hake", "4.0", "none landed");
    Table table = tables(row(page, 170, "Plaice", "5.0", "1.0")).get(0);
    assertThat(doubts(table)).contains(WarningCode.TYPE_BREAK);
  }

  @Test
  void twoRowsShowNoColumns() {
    PageBuilder page = row(new PageBuilder(), 100, "Species", "Boxed", "Bulk");
    row(page, 114, "Cod", "12.5", "3.0");
    Table table = tables(row(page, 128, "Ling", "7.5", "1.5")).get(0);
    assertThat(doubts(table)).contains(WarningCode.FEW_ROWS);
  }

  @Test
  void ruledColumnsWithoutRuledRowsAreReadLineByLine() {
    PageBuilder page = new PageBuilder();
    page.lattice(45, 86, 100, 20, 1, 3).lattice(45, 106, 100, 62, 1, 3);
    row(page, 100, "Species", "Boxed", "Bulk");
    row(page, 120, "Cod", "12", "3");
    row(page, 134, "Ling", "7", "15");
    row(page, 148, "Tusk", "9", "25");
    Table table = tables(row(page, 162, "Hake", "8", "2")).get(0);
    assertThat(texts(table)).contains(List.of("Ling", "7", "15"));
    assertThat(table.rows()).hasSize(5);
  }

  /** Any even table of a label and figures comes back cell for cell, however it is drawn. */
  @ParameterizedTest
  @MethodSource("dev.inlay.Seeds#some")
  void evenTablesComeBackCellForCell(long seed) {
    Random random = new Random(seed);
    int rows = 4 + random.nextInt(22);
    int columns = 3 + random.nextInt(3);
    List<List<String>> expected = new ArrayList<>();
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < rows; r++) {
      List<String> texts = new ArrayList<>();
      for (int c = 0; c < columns; c++) {
        texts.add(c == 0 ? "Vessel" + (char) ('a' + r) : (10 + random.nextInt(9000)) + ".5");
      }
      expected.add(texts);
      row(page, 100 + r * STEP, texts.toArray(String[]::new));
    }
    Page drawn = page.build();
    List<Glyph> shuffled = new ArrayList<>(drawn.glyphs());
    Collections.shuffle(shuffled, random);
    Page mixed =
        new Page(1, 600, 800, shuffled, drawn.strokes(), drawn.fills(), List.of(), drawn.dropped());
    Stitcher stitcher = new Stitcher();
    stitcher.add(PageTables.of(mixed));
    List<Table> tables = stitcher.finish();
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0))).isEqualTo(expected);
  }

  /** Whatever stands on a page, each of its characters ends in one place. */
  @ParameterizedTest
  @MethodSource("dev.inlay.Seeds#some")
  void theTextLedgerBalances(long seed) {
    Random random = new Random(seed);
    PageBuilder page = new PageBuilder();
    int words = random.nextInt(120);
    for (int i = 0; i < words; i++) {
      String word = random.nextBoolean() ? String.valueOf(random.nextInt(5000)) : "quay" + i;
      page.text(word, 40 + 60 * random.nextInt(8), 60 + 13 * random.nextInt(40));
    }
    if (random.nextBoolean()) {
      page.lattice(40, 60 + 13 * random.nextInt(30), 60, 26, 1 + random.nextInt(5), 3);
    }
    page.text("Total ......... 12", 40, 640);
    TextLedger ledger = PageTables.of(page.build()).ledger();
    assertThat(ledger.balances()).as(ledger.toString()).isTrue();
    assertThat(ledger.printed())
        .isEqualTo((int) page.build().glyphs().stream().filter(g -> !g.isBlank()).count());
  }
}
