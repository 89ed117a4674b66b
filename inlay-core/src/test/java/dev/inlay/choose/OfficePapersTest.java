package dev.inlay.choose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.ReadTables;
import dev.inlay.model.Column;
import dev.inlay.model.Table;
import dev.inlay.model.WarningCode;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What papers of offices do: cells centred in their rows, wide sums, sentences below. */
class OfficePapersTest {

  private static Table table(PageBuilder page) {
    List<Table> tables = ReadTables.tables(page);
    assertThat(tables).hasSize(1);
    return tables.get(0);
  }

  /** The texts of the rows below the header. */
  private static List<List<String>> body(Table table) {
    return ReadTables.texts(table).subList(1, table.rows().size());
  }

  private static PageBuilder head(String... names) {
    PageBuilder page = new PageBuilder().bold();
    for (int c = 0; c < names.length; c++) {
      page.text(names[c], 50 + 120 * c, 100);
    }
    return page.plain().horizontal(104, 50, 450);
  }

  private static PageBuilder row(PageBuilder page, double y, String... texts) {
    for (int c = 0; c < texts.length; c++) {
      page.text(texts[c], 50 + 120 * c, y);
    }
    return page;
  }

  @Test
  void linesThatOverlapInHeightAreOneRowWithCentredCells() {
    PageBuilder page = head("No.", "Work", "Hours");
    row(page, 120, "1", "Washing", "3.5");
    page.text("Hauling out with the", 170, 134).text("use of the cradle", 170, 146);
    page.text("2", 50, 140).text("12.0", 290, 140);
    row(page, 160, "3", "Painting", "9.0");
    assertThat(body(table(page)))
        .containsExactly(
            List.of("1", "Washing", "3.5"),
            List.of("2", "Hauling out with the use of the cradle", "12.0"),
            List.of("3", "Painting", "9.0"));
  }

  @Test
  void aSentenceFromTheLeftEdgeBelowTheLastRowIsNoRow() {
    PageBuilder page = head("No.", "Work", "Hours");
    for (int r = 0; r < 4; r++) {
      row(page, 120 + 20 * r, "" + (r + 1), "Washing", r + ".5");
    }
    page.text("Please pay to the account of the slipway, naming the number.", 50, 204);
    Table table = table(page);
    assertThat(body(table)).hasSize(4);
    assertThat(table.warnings()).isEmpty();
  }

  @Test
  void aHeadingClearOfItsNarrowFiguresIsTheirs() {
    PageBuilder page = head("Station", "", "Remarks").bold().text("(full time)", 170, 100).plain();
    for (int r = 0; r < 4; r++) {
      page.text("Station " + r, 50, 120 + 14 * r).text("1" + r, 228, 120 + 14 * r);
      page.text("with a tug", 290, 120 + 14 * r);
    }
    Table table = table(page);
    assertThat(table.columns())
        .extracting(Column::name)
        .containsExactly("Station", "(full time)", "Remarks");
    assertThat(body(table).get(1)).containsExactly("Station 1", "11", "with a tug");
  }

  @Test
  void aHeadingInTheSecondColumnKeepsTheStepOfTheRows() {
    PageBuilder page = head("No.", "Article", "Store");
    row(page, 120, "1", "Rope", "120");
    row(page, 133, "2", "Lamp oil", "33");
    page.text("Hall 2", 170, 150);
    row(page, 163, "3", "Shackles", "340");
    row(page, 176, "4", "Flares", "60");
    assertThat(body(table(page))).contains(List.of("3", "Shackles", "340"));
  }

  @Test
  void aHeadingThatGoesOnInLowerCaseIsNoSpanner() {
    PageBuilder page = new PageBuilder().bold();
    page.text("Article", 50, 100).text("begin", 150, 100).text("In", 201, 100);
    page.text("End", 251, 100).text("Store at", 150, 89).plain();
    for (int r = 0; r < 4; r++) {
      double y = 114 + 14 * r;
      page.text("Rope " + r, 50, y).text("12" + r, 185, y).text("3" + r, 240, y);
      page.text("1" + r, 290, y);
    }
    assertThat(table(page).columns())
        .extracting(Column::name)
        .containsExactly("Article", "Store at begin", "In", "End");
  }

  @Test
  void figuresBelowFiguresAreRowsThoughSpaceSetsThemInGroups() {
    PageBuilder page = head("Ground", "Gear", "Catch");
    for (int g = 0; g < 3; g++) {
      row(page, 120 + 32 * g, "Ground " + g, "trawl", "11" + g + ".4");
      page.text("seine", 170, 132 + 32 * g).text("4" + g + ".9", 290, 132 + 32 * g);
    }
    assertThat(body(table(page)))
        .hasSize(6)
        .contains(List.of("Ground 1", "trawl", "111.4"), List.of("seine", "41.9"));
  }

  /** A table of watches whose head is open at its top: only spanners have rulings below them. */
  private static PageBuilder watches(PageBuilder page) {
    page.horizontal(106, 200, 400).bold();
    page.text("Day", 205, 116)
        .text("Night", 265, 116)
        .text("Day", 305, 116)
        .text("Night", 365, 116);
    page.plain().horizontal(120, 50, 500);
    for (int r = 0; r < 4; r++) {
      double y = 132 + 14 * r;
      page.text("Person " + r, 50, y).text("Post " + r, 130, y).text("1" + r, 205, y);
      page.text("2" + r, 275, y).text("3" + r, 305, y).text("4" + r, 375, y);
      page.text("9" + r + "1.50", 450, y);
    }
    return page.horizontal(178, 50, 500);
  }

  @Test
  void headingsAboveTheRulingsOfSpannersAreTheTables() {
    PageBuilder page = new PageBuilder().bold();
    page.text("Person", 50, 100).text("Post", 130, 100).text("Spring", 235, 100);
    page.text("Summer", 335, 100).text("Paid", 450, 100).text("(crowns)", 450, 111);
    Table table = table(watches(page));
    assertThat(table.columns())
        .extracting(Column::name)
        .containsExactly(
            "Person",
            "Post",
            "Spring / Day",
            "Spring / Night",
            "Summer / Day",
            "Summer / Night",
            "Paid (crowns)");
    assertThat(table.warnings()).isEmpty();
  }

  @Test
  void aLineThatReachesBeyondTheRulingsBelowItIsNoHeading() {
    PageBuilder page = new PageBuilder().text("Watches kept by the harbour this spring", 50, 100);
    Table table = table(watches(page));
    assertThat(ReadTables.texts(table).get(0)).containsExactly("Day", "Night", "Day", "Night");
    assertThat(table.headerRows()).isEqualTo(1);
  }

  @Test
  void unitsBelowTheRulingOfTheHeadingsBelongToThem() {
    PageBuilder page = row(head("Quay", "Water", "Power"), 116, "", "m3", "kWh");
    for (int r = 0; r < 4; r++) {
      row(page, 130 + 14 * r, "Quay " + r, "41" + r, r == 2 ? "-" : "2,30" + r);
    }
    assertThat(table(page).columns())
        .extracting(Column::name)
        .containsExactly("Quay", "Water m3", "Power kWh");
  }

  @Test
  void marksBelowTheHeadingsAreNoUnits() {
    PageBuilder page = row(head("Quay", "Water", "Power"), 116, "", "-", "12");
    for (int r = 0; r < 4; r++) {
      row(page, 130 + 14 * r, "Quay " + r, "41" + r, "2,30" + r);
    }
    assertThat(table(page).headerRows()).isEqualTo(1);
  }

  @Test
  void aRowOfDotsLeavesRowsOutAndRaisesNoDoubt() {
    PageBuilder page = head("No.", "Work", "Hours");
    for (int r = 0; r < 6; r++) {
      row(page, 120 + 14 * r, "" + r, r % 3 == 2 ? "" : "Washing", r + ".5");
    }
    page.text("...", 50, 204);
    row(page, 218, "40", "Painting", "9.5");
    assertThat(table(page).warnings()).noneMatch(w -> w.code() == WarningCode.UNEVEN_ROWS);
  }

  /** Two tables laid over each other leave figures that nobody wrote. */
  @Test
  void charactersPrintedOverEachOtherAreReported() {
    PageBuilder page = head("No.", "Work", "Hours");
    for (int r = 0; r < 4; r++) {
      row(page, 120 + 14 * r, "" + r, "Washing", "12." + r);
    }
    double clean = table(page).confidence();
    page.text("64", 292, 134);
    Table table = table(page);
    assertThat(table.warnings())
        .anyMatch(
            w -> w.code() == WarningCode.OVERPRINTED_TEXT && w.message().contains("1 cell(s)"));
    assertThat(table.confidence()).isLessThan(0.7 * clean);
  }
}
