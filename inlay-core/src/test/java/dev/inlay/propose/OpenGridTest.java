package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.Regions;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Header and rows of open frames. */
class OpenGridTest {

  private static Grid grid(PageBuilder builder) {
    List<OpenFrame> frames = Regions.of(builder);
    assertThat(frames).hasSize(1);
    return OpenGridBuilder.build(frames.get(0));
  }

  private static List<String> row(Grid grid, int row) {
    return grid.rows().get(row).stream().map(Cell::text).toList();
  }

  private static PageBuilder line(PageBuilder page, double y, String... texts) {
    for (int c = 0; c < texts.length; c++) {
      if (!texts[c].isEmpty()) {
        page.text(texts[c], 50 + c * 90, y);
      }
    }
    return page;
  }

  private static PageBuilder body(PageBuilder page, double y) {
    line(page, y, "Arn", "Oyle", "12.5", "3.0");
    line(page, y + 14, "Bo", "Brennick", "7.5", "1.5");
    line(page, y + 28, "Cai", "Vane Ness", "9.0", "2.5");
    return line(page, y + 42, "Dan", "Skarrholm", "8.0", "4.5");
  }

  @Test
  void boldTypeEndsWithTheHeader() {
    PageBuilder page = line(new PageBuilder().bold(), 86, "Vessel", "Home", "Boxed", "Bulk");
    Grid grid = grid(body(page.plain(), 100));
    assertThat(grid.headerRows()).hasValue(1);
    assertThat(grid.rows().get(0)).allMatch(Cell::bold);
    assertThat(row(grid, 1)).containsExactly("Arn", "Oyle", "12.5", "3.0");
  }

  @Test
  void rowsThatAreAllRuledMakeNoHeaderOfTheFirst() {
    PageBuilder page = body(new PageBuilder(), 100);
    for (int r = 0; r <= 4; r++) {
      page.horizontal(90 + r * 14, 50, 350);
    }
    assertThat(grid(page).headerRows()).hasValue(0);
  }

  @Test
  void aSpannerIsCentredOverItsColumns() {
    PageBuilder page = new PageBuilder().text("Landed", 273, 72);
    line(page, 86, "Vessel", "Home", "Boxed", "Bulk");
    Grid grid = grid(body(page.horizontal(62, 50, 350).horizontal(90, 50, 350), 100));
    Cell spanner =
        grid.rows().get(0).stream()
            .filter(c -> c.text().equals("Landed"))
            .findFirst()
            .orElseThrow();
    assertThat(spanner.column()).isEqualTo(2);
    assertThat(spanner.columnSpan()).isEqualTo(2);
    Cell label = grid.rows().get(0).get(0);
    assertThat(label.text()).isEqualTo("Vessel");
    assertThat(label.rowSpan()).isEqualTo(2);
  }

  @Test
  void aBandBetweenRulingsIsOneRow() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 6; r++) {
      double top = 100 + r * 40;
      page.horizontal(top, 50, 350);
      line(page, top + 14, "Vessel " + (char) ('a' + r), "new mast", "", (90 - r) + ".5");
      line(page, top + 28, "of Oyle", "and sails", "", "");
    }
    Grid grid = grid(page.horizontal(340, 50, 350));
    assertThat(grid.rows()).hasSize(6);
    assertThat(row(grid, 2)).containsExactly("Vessel c of Oyle", "new mast and sails", "88.5");
  }

  @Test
  void bandsOfSeveralRecordsStayApart() {
    PageBuilder page = new PageBuilder().horizontal(88, 50, 350);
    body(page, 100).horizontal(146, 50, 350);
    body(page, 158).horizontal(204, 50, 350);
    body(page, 216).horizontal(262, 50, 350);
    assertThat(grid(page).rows()).hasSize(12);
  }

  @Test
  void aLineWithAFigureIsARowOfItsOwn() {
    PageBuilder page = line(new PageBuilder(), 86, "Vessel", "Home", "Boxed", "Bulk");
    body(page, 100);
    line(page, 156, "", "", "1.5", "");
    Grid grid = grid(line(page, 170, "Foy", "Oyle", "9.5", "2.0"));
    assertThat(grid.rows()).hasSize(7);
    assertThat(row(grid, 5)).containsExactly("1.5");
  }

  @Test
  void aLabelOverAGutterStandsOverBothColumns() {
    PageBuilder page = line(new PageBuilder(), 86, "Vessel", "Home", "Boxed", "Bulk");
    body(page, 100);
    body(page, 156);
    line(page, 212, "Elizabethanfrigate", "", "6.0", "7.0");
    Grid grid = grid(page);
    assertThat(row(grid, 9)).containsExactly("Elizabethanfrigate", "6.0", "7.0");
    assertThat(grid.rows().get(9).get(0).column()).isZero();
    assertThat(grid.rows().get(9).get(0).columnSpan()).isEqualTo(2);
  }

  @Test
  void aTextOverAGutterAmongOthersIsToldAndKeptWhereMostOfItIs() {
    PageBuilder page = line(new PageBuilder(), 86, "Vessel", "Home", "Boxed", "Bulk");
    body(page, 100);
    body(page, 156);
    line(page, 212, "Elizabethanfrigate", "", "none", "7.0");
    Grid grid = grid(page);
    assertThat(row(grid, 9)).containsExactly("Elizabethanfrigate", "none", "7.0");
    assertThat(grid.warnings())
        .extracting(Warning::code)
        .containsExactly(WarningCode.CROSSED_GUTTER);
  }

  @Test
  void charactersOfUnknownMeaningAreReported() {
    Grid grid = grid(line(body(new PageBuilder(), 100), 156, "\uFFFD\uFFFD", "Oyle", "1.5", "2.5"));
    assertThat(grid.warnings())
        .extracting(Warning::code)
        .containsExactly(WarningCode.UNKNOWN_CHARACTER);
  }

  @Test
  void everyGlyphOfACellIsKnown() {
    Grid grid = grid(body(new PageBuilder(), 100));
    for (List<Cell> cells : grid.rows()) {
      for (Cell cell : cells) {
        String glyphs = String.join("", cell.glyphs().stream().map(g -> g.text().strip()).toList());
        assertThat(glyphs).isEqualTo(cell.text().replace(" ", ""));
      }
    }
  }

  /** A bill: numbers and articles at the left, prices and amounts set to the right. */
  private static Grid bill(String label, double right, String amount) {
    PageBuilder page = new PageBuilder().bold();
    page.text("No.", 50, 86).text("Article", 90, 86).text("Price", 170, 86);
    page.text("Amount", 240, 86).plain();
    String[] articles = {"Rope", "Lamp oil", "Shackles", "Flares"};
    for (int r = 0; r < articles.length; r++) {
      double y = 100 + 14 * r;
      page.text("1" + r, 50, y).text(articles[r], 90, y);
      page.text("4" + r + ".50", 170, y).text("31" + r + ".00", 240, y);
    }
    page.text(label, right - 5 * label.length(), 156);
    return grid(page.text(amount, 270 - 5 * amount.length(), 156));
  }

  private static Cell label(Grid grid) {
    return grid.rows().get(5).get(0);
  }

  @Test
  void aLabelSetAgainstItsSumReachesOverTheColumnsBefore() {
    Cell label = label(bill("Net total", 195, "1246.00"));
    assertThat(label.column()).isZero();
    assertThat(label.columnSpan()).isEqualTo(3);
  }

  @Test
  void sumsBelowTheRightHalfAloneMakeNoTableOfIt() {
    PageBuilder page = new PageBuilder().bold().text("No.", 50, 86).text("Article", 90, 86);
    page.text("Price", 225, 86).text("Amount", 300, 86).plain();
    for (int r = 0; r < 4; r++) {
      page.text("1" + r, 50, 100 + 14 * r).text("Shackles", 90, 100 + 14 * r);
      page.text("4" + r + ".50", 225, 100 + 14 * r).text("31" + r + ".00", 300, 100 + 14 * r);
    }
    Grid grid = grid(page.text("Net total", 205, 156).text("1246.00", 295, 156));
    assertThat(grid.columns()).isEqualTo(4);
  }

  @Test
  void aLabelWithARateIsOneToo() {
    assertThat(label(bill("VAT 20 %", 195, "249.20")).columnSpan()).isEqualTo(3);
  }

  @Test
  void aLabelThatBeginsWhereItsColumnBeginsStaysThere() {
    Cell label = label(bill("Total", 90 + 25, "1246.00"));
    assertThat(label.column()).isEqualTo(1);
    assertThat(label.columnSpan()).isEqualTo(1);
  }

  @Test
  void oneTextOverAGutterAtOrdinarySpacesIsOneCell() {
    PageBuilder page = line(new PageBuilder().bold(), 86, "Vessel", "Home", "Boxed", "Bulk");
    body(page.plain(), 100);
    body(page.text("Vessels that lie at the outer quay", 50, 156), 170);
    Grid grid = grid(page);
    assertThat(row(grid, 5)).containsExactly("Vessels that lie at the outer quay");
    assertThat(grid.rows().get(5).get(0).columnSpan()).isEqualTo(4);
  }
}
