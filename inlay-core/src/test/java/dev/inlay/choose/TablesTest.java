package dev.inlay.choose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.document.Stitcher;
import dev.inlay.model.Column;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.model.TableRow;
import dev.inlay.model.TextLedger;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Header, row kinds, title and stitching, from pages to tables. */
class TablesTest {

  private static final String[] HEAD = {"Harbour", "Boxed"};
  private static final String[] ROWS = {"Oyle", "12.5", "Brennick", "7.0", "Vane Ness", "3.5"};

  private static List<Table> tables(PageBuilder... pages) {
    Stitcher stitcher = new Stitcher();
    for (PageBuilder page : pages) {
      stitcher.add(PageTables.of(page.build()));
    }
    return stitcher.finish();
  }

  private static PageBuilder page(int number, double left, String[] head, String[] rows) {
    int count = 1 + rows.length / 2;
    PageBuilder page = new PageBuilder(number).lattice(left, 100, 80, 20, count, 2);
    page.bold().cells(left, 100, 80, 20, 2, head);
    return page.plain().cells(left, 120, 80, 20, 2, rows);
  }

  private static List<RowKind> kinds(Table table) {
    return table.rows().stream().map(TableRow::kind).toList();
  }

  private static List<WarningCode> codes(Table table) {
    return table.warnings().stream().map(Warning::code).toList();
  }

  @Test
  void furnitureThatReachesIntoAFrameIsCountedOnce() {
    Page page = page(1, 50, HEAD, ROWS).text("Season summary", 190, 182).build();
    List<TextLine> foot = lines(page, "Season");
    PageTables tables = PageTables.of(page);
    assertThat(tables.ledger().outside()).isPositive().isLessThan("Seasonsummary".length());
    TextLedger ledger = tables.withFurniture(foot).ledger();
    assertThat(ledger.balances()).isTrue();
    assertThat(ledger.outside()).isZero();
  }

  @Test
  void boldTypeSetsTheHeaderOff() {
    Table table = tables(page(1, 50, HEAD, ROWS)).get(0);
    assertThat(table.headerRows()).isEqualTo(1);
    assertThat(table.columns()).extracting(Column::name).containsExactly(HEAD);
    assertThat(table.warnings()).isEmpty();
    assertThat(table.confidence()).isGreaterThanOrEqualTo(0.9);
  }

  @Test
  void wordsOverFiguresAreAHeaderToo() {
    PageBuilder page = new PageBuilder().lattice(50, 100, 80, 20, 4, 2);
    page.cells(50, 100, 80, 20, 2, HEAD).cells(50, 120, 80, 20, 2, ROWS);
    Table table = tables(page).get(0);
    assertThat(table.headerRows()).isEqualTo(1);
    assertThat(table.warnings()).isEmpty();
  }

  @Test
  void aShadedTopIsAHeaderAndStripesAreNot() {
    String[] names = {
      "Master", "Vessel", "Arn", "Tern", "Bo", "Skua", "Cai", "Gannet", "Dan", "Auk"
    };
    PageBuilder shaded = new PageBuilder().lattice(50, 100, 80, 20, 5, 2);
    shaded.fill(50, 100, 210, 120, 0xDDDDDD).cells(50, 100, 80, 20, 2, names);
    assertThat(tables(shaded).get(0).headerRows()).isEqualTo(1);

    PageBuilder striped = new PageBuilder().lattice(50, 100, 80, 20, 5, 2);
    for (int r = 0; r < 5; r += 2) {
      striped.fill(50, 100 + r * 20, 210, 120 + r * 20, 0xDDDDDD);
    }
    striped.cells(50, 100, 80, 20, 2, names);
    assertThat(tables(striped).get(0).rows()).hasSize(5);
  }

  @Test
  void aTableOfFiguresAloneHasNoHeader() {
    PageBuilder page = new PageBuilder().lattice(50, 100, 80, 20, 3, 2);
    Table table = tables(page.cells(50, 100, 80, 20, 2, "14", "27", "31", "48", "52", "63")).get(0);
    assertThat(table.headerRows()).isZero();
    assertThat(table.columns().get(0).path()).isEmpty();
  }

  @Test
  void theRowBelowASpannerBelongsToTheHeader() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r <= 5; r++) {
      page.horizontal(100 + r * 20, r == 1 ? 130 : 50, 290);
    }
    page.vertical(50, 100, 200).vertical(130, 100, 200).vertical(210, 120, 200);
    page.vertical(290, 100, 200);
    page.text("Harbour", 55, 123).text("Landed weight", 160, 113);
    page.text("Boxed", 135, 133).text("Bulk", 215, 133);
    page.cells(50, 140, 80, 20, 3, "Oyle", "1", "2", "Brennick", "3", "4", "Total", "4", "6");
    Table table = tables(page).get(0);
    assertThat(table.headerRows()).isEqualTo(2);
    assertThat(table.columns())
        .extracting(Column::name)
        .containsExactly("Harbour", "Landed weight / Boxed", "Landed weight / Bulk");
    assertThat(kinds(table))
        .containsExactly(RowKind.HEADER, RowKind.HEADER, RowKind.BODY, RowKind.BODY, RowKind.TOTAL);
  }

  @Test
  void rowsAreToldByTheirFirstTextAndReach() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r <= 5; r++) {
      page.horizontal(100 + r * 20, 50, 210);
    }
    page.vertical(50, 100, 200).vertical(210, 100, 200);
    page.vertical(130, 100, 120).vertical(130, 140, 180);
    page.bold().cells(50, 100, 80, 20, 2, "Species", "Boxed").plain();
    page.text("Oyle", 55, 133).cells(50, 140, 80, 20, 2, "Cod", "1.5", "Subtotal", "1.5");
    page.text("Figures are provisional.", 55, 193);
    assertThat(kinds(tables(page).get(0)))
        .containsExactly(
            RowKind.HEADER, RowKind.GROUP, RowKind.BODY, RowKind.SUBTOTAL, RowKind.NOTE);
  }

  @Test
  void aTableWithTheSameHeaderOnTheNextPageGoesOn() {
    List<Table> tables = tables(page(1, 50, HEAD, ROWS), page(2, 50, HEAD, ROWS));
    assertThat(tables).hasSize(1);
    assertThat(tables.get(0).pages()).containsExactly(1, 2);
    assertThat(tables.get(0).rows()).hasSize(7);
    assertThat(tables.get(0).rows().get(6).page()).isEqualTo(2);
  }

  @Test
  void otherHeadersOrAPageBetweenMakeANewTableAndOtherMarginsDoNot() {
    PageBuilder first = page(1, 50, HEAD, ROWS);
    String[] other = {"Harbour", "Bulk"};
    assertThat(tables(first, page(2, 90, HEAD, ROWS))).hasSize(1);
    assertThat(tables(first, page(2, 50, other, ROWS))).hasSize(2);
    assertThat(tables(first, page(3, 50, HEAD, ROWS))).hasSize(2);
  }

  @Test
  void aTitleOfItsOwnMakesANewTableAndARepeatedOneDoesNot() {
    PageBuilder first = page(1, 50, HEAD, ROWS).text("Table 1. Oyle", 50, 92);
    PageBuilder repeated = page(2, 50, HEAD, ROWS).text("Table 1. Oyle (continued)", 50, 92);
    PageBuilder fresh = page(3, 50, HEAD, ROWS).text("Table 2. Vane Ness", 50, 92);
    List<Table> tables = tables(first, repeated, fresh);
    assertThat(tables).extracting(Table::id).containsExactly("p1t1", "p3t1");
    assertThat(tables)
        .extracting(t -> t.title().orElse(""))
        .containsExactly("Table 1. Oyle", "Table 2. Vane Ness");
  }

  private static List<TextLine> lines(Page page, String start) {
    return LineComposer.compose(page.glyphs()).stream()
        .filter(l -> l.text().startsWith(start))
        .toList();
  }

  @Test
  void aTitleThatHoldsThePageNumberStaysAndARunningHeadIsNone() {
    Page page = page(2, 50, HEAD, ROWS).text("Table 2. Oyle", 50, 92).text("2", 190, 780).build();
    PageTables tables = PageTables.of(page);
    assertThat(tables.withFurniture(lines(page, "2")).tables().get(0).title())
        .contains("Table 2. Oyle");
    assertThat(tables.withFurniture(lines(page, "Table")).tables().get(0).title()).isEmpty();
  }

  @Test
  void runningTextAboveIsNoTitle() {
    PageBuilder page = page(1, 50, HEAD, ROWS);
    page.text("and were weighed at the quay", 50, 80).text("before noon.", 50, 92);
    assertThat(tables(page).get(0).title()).isEmpty();
  }

  @Test
  void aBoxRoundAParagraphIsNoTable() {
    PageBuilder page = new PageBuilder().lattice(50, 100, 200, 60, 1, 1).text("Notice", 60, 120);
    assertThat(tables(page)).isEmpty();
  }

  @Test
  void doubtLowersConfidence() {
    PageBuilder page = page(1, 50, HEAD, ROWS).text("8", 127.5, 133);
    Table table = tables(page).get(0);
    assertThat(codes(table)).containsExactly(WarningCode.CUT_WORD);
    assertThat(table.confidence()).isLessThan(0.9);
  }
}
