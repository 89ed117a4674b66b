package dev.inlay.choose;

import static dev.inlay.ReadTables.tables;
import static dev.inlay.ReadTables.texts;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.Regions;
import dev.inlay.document.Indents;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.model.Column;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.model.TableNote;
import dev.inlay.model.Warning;
import dev.inlay.page.LineComposer;
import dev.inlay.propose.GutterFinder;
import dev.inlay.propose.OpenGridBuilder;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Signs that a reader goes by where neither rulings nor figures tell: space, order, edges. */
class ReadersEyeTest {

  private static PageBuilder row(PageBuilder page, double y, String... texts) {
    for (int c = 0; c < texts.length; c++) {
      if (!texts[c].isEmpty()) {
        page.text(texts[c], 50 + c * 90, y);
      }
    }
    return page;
  }

  /** What is doubtful about the columns of the only region of a page. */
  private static List<Warning> doubts(PageBuilder page) {
    return OpenGridBuilder.build(Regions.of(page).get(0)).warnings();
  }

  /** The strip of a page that is nearly a gutter. */
  private static Optional<Interval> rival(PageBuilder page) {
    List<ChunkLine> lines = ChunkLine.of(LineComposer.compose(page.build().glyphs()));
    return GutterFinder.rival(lines, GutterFinder.find(lines));
  }

  @Test
  void numbersThatFollowEachOtherHeadTheColumns() {
    PageBuilder page = row(new PageBuilder(), 100, "Day", "1", "2", "3", "4", "5");
    row(page, 114, "Mon", "17", "4", "88", "9", "30");
    row(page, 128, "Tue", "12", "45", "7", "61", "2");
    row(page, 142, "Wed", "90", "3", "15", "22", "8");
    Table table = tables(page).get(0);
    assertThat(table.headerRows()).isEqualTo(1);
    assertThat(table.bodyRows()).hasSize(3);
  }

  @Test
  void yearsOverFiguresHeadThemWhereLabelsHaveNoHeading() {
    PageBuilder page = row(new PageBuilder(), 100, "", "2025", "2024");
    row(page, 114, "Berth dues", "1,204", "998").text("Ice", 50, 128);
    row(page, 128, "", "310", "287");
    row(page, 142, "Crane", "77", "81");
    Table table = tables(page).get(0);
    assertThat(table.columns())
        .extracting(Column::name)
        .containsExactly("Column 1", "2025", "2024");
  }

  @Test
  void aCodeAndANameThatKeepToNoColumnHeadRows() {
    PageBuilder page = row(new PageBuilder(), 100, "Date", "Ticket", "Goods", "Weight", "Amount");
    for (int g = 0; g < 2; g++) {
      double y = 120 + 80 * g;
      page.text("411" + g, 50, y).text("Petrel and Tern Fish Merchants of Oyle", 100, y);
      for (int r = 0; r < 4; r++) {
        row(page, y + 14 + 14 * r, "0" + r + ".03.", "77" + g + r, "Cod", "1" + r, r + "1.50");
      }
    }
    Table table = tables(page).get(0);
    assertThat(table.rows().stream().filter(r -> r.kind() == RowKind.GROUP))
        .extracting(r -> r.cells().get(0).text())
        .containsExactly(
            "4110 Petrel and Tern Fish Merchants of Oyle",
            "4111 Petrel and Tern Fish Merchants of Oyle");
  }

  @Test
  void aTitleOverEachPartsTablesSideBySide() {
    PageBuilder page = new PageBuilder();
    page.text("Table 1. Berths", 50, 100).text("Table 2. Prices", 220, 100);
    page.text("Port", 50, 114).text("Small", 120, 114);
    page.text("Goods", 220, 114).text("Price", 290, 114);
    for (int r = 1; r <= 4; r++) {
      double y = 114 + 14 * r;
      page.text("Oyle" + r, 50, y).text("1" + r, 120, y);
      page.text("Rope" + r, 220, y).text(r + ".50", 290, y);
    }
    List<Table> tables = tables(page);
    assertThat(tables).hasSize(2);
    assertThat(texts(tables.get(1)).get(0)).containsExactly("Goods", "Price");
  }

  /** Two tables of two columns, their captions this many points above the headings. */
  private static List<Table> captioned(double above, double second) {
    PageBuilder page = new PageBuilder();
    page.text("Table 1. Berths of the quay", 50, 150 - above);
    page.text("Table 2. Prices", second, 150 - above);
    page.text("Port", 50, 150).text("Small", 120, 150);
    page.text("Goods", 250, 150).text("Price", 320, 150);
    for (int r = 1; r <= 4; r++) {
      double y = 150 + 14 * r;
      page.text("Oyle" + r, 50, y).text("1" + r, 120, y);
      page.text("Rope" + r, 250, y).text(r + ".50", 320, y);
    }
    return tables(page);
  }

  @Test
  void captionsPartTablesAtTheWidestWhiteBetweenTheirMiddles() {
    List<Table> tables = captioned(38, 230);
    assertThat(tables).hasSize(2);
    assertThat(texts(tables.get(0)).get(0)).containsExactly("Port", "Small");
    assertThat(captioned(42, 230)).hasSize(1);
  }

  @Test
  void aCaptionBesideTheTableIsThatOfAnother() {
    assertThat(captioned(38, 330)).hasSize(1);
  }

  @Test
  void twoColumnsOfWordsUnderABoldHeadingAreATable() {
    PageBuilder page = row(new PageBuilder().bold(), 100, "Term", "Meaning").plain();
    String[] terms = {"Quay", "Berth", "Slip", "Dues", "Ice", "Buoy"};
    for (int r = 0; r < terms.length; r++) {
      row(page, 114 + 14 * r, terms[r], "place no " + r + " to see");
    }
    assertThat(tables(page)).hasSize(1);
    assertThat(tables(page).get(0).bodyRows()).hasSize(6);
  }

  @Test
  void aBarNowAndThenIsASign() {
    PageBuilder page = row(new PageBuilder(), 100, "Pier", "First", "Second", "Third");
    row(page, 114, "Oyle", "06:10", "|", "08:15");
    row(page, 128, "Vane Ness", "06:40", "07:20", "|");
    row(page, 142, "Brennick", "07:05", "07:50", "09:10");
    assertThat(texts(tables(page).get(0)).get(1)).containsExactly("Oyle", "06:10", "|", "08:15");
  }

  @Test
  void notesInSmallTypeAreNoRows() {
    PageBuilder page = row(new PageBuilder(), 100, "Species", "Boxed", "Bulk");
    row(page, 114, "Cod", "12.5", "3.0");
    row(page, 128, "Ling", "7.5", "1.5");
    row(page, 142, "Tusk", "9.0", "2.5");
    page.text("* As landed.", 50, 154, 8).text("Estimates by the masters.", 50, 163, 8);
    Table table = tables(page).get(0);
    assertThat(table.bodyRows()).hasSize(3);
    assertThat(table.notes())
        .containsExactly(new TableNote("*", "As landed. Estimates by the masters."));
  }

  @Test
  void aRulingOverTheWhiteBridgesItToOneTable() {
    PageBuilder page = new PageBuilder();
    page.horizontal(88, 45, 420).horizontal(106, 45, 420);
    page.text("No", 50, 100).text("Goods", 75, 100).text("Qty", 330, 100).text("Sum", 380, 100);
    for (int r = 1; r <= 4; r++) {
      double y = 100 + 14 * r;
      page.text("" + r, 50, y).text("Rope" + r, 75, y).text("1" + r, 330, y);
      page.text("4" + r + ".50", 380, y);
    }
    page.text("Net", 330, 170).text("172.00", 380, 170);
    assertThat(tables(page)).hasSize(1);
    assertThat(tables(page).get(0).columns()).hasSize(4);
  }

  @Test
  void labelsThatAreSetInKeepTheirSteps() {
    PageBuilder page = row(new PageBuilder(), 100, "Income", "2025", "2024");
    row(page, 114, "Harbour", "90", "80").text("Berths", 62, 128).text("Ice", 62, 142);
    row(page, 128, "", "60", "50");
    row(page, 142, "", "30", "30");
    Table table = tables(page).get(0);
    Indents indents = Indents.of(table);
    assertThat(table.bodyRows().stream().map(indents::of).toList()).isEqualTo(List.of(0, 1, 1));
  }

  @Test
  void aPartWithoutHeaderGoesOnWhereItsTextsKeepTheColumnsApart() {
    PageBuilder first = row(new PageBuilder(1), 100, "Vessel", "Port", "Fee");
    PageBuilder second = new PageBuilder(2);
    first.horizontal(105, 45, 460);
    for (int r = 0; r < 8; r++) {
      row(first, 118 + 14 * r, "Vessel" + r, "Skarrholm", "1" + r + ".50");
      row(second, 100 + 14 * r, "Tern" + r, "Oyle", "2" + r + ".50");
    }
    List<Table> tables = tables(first, second);
    assertThat(tables).hasSize(1);
    assertThat(tables.get(0).bodyRows()).hasSize(16);
  }

  @Test
  void aStripThatIsNearlyAGutterIsReportedAsADoubt() {
    PageBuilder clear = row(new PageBuilder(), 100, "Berth", "", "Dues", "", "Ice");
    PageBuilder unclear = row(new PageBuilder(), 100, "Berth", "", "Dues", "", "Ice");
    for (int r = 1; r <= 4; r++) {
      double y = 100 + 14 * r;
      row(clear, y, "Berth " + r, "", r + "1.50", "", "2");
      row(unclear, y, "Berth " + r, "", r + "150", "", "2").text("71" + r, 254.3, y);
    }
    assertThat(rival(clear)).isEmpty();
    assertThat(rival(unclear)).isPresent();
  }

  @Test
  void aWhiteWiderThanTheOthersBetweenFiguresAndNamesIsToldAsADoubt() {
    PageBuilder near = new PageBuilder();
    PageBuilder apart = new PageBuilder();
    List<String> boats = List.of("Boat", "Skua", "Tern", "Gull", "Auk");
    List<String> quays = List.of("Quay", "North", "South", "East", "West");
    for (int r = 0; r < boats.size(); r++) {
      double y = 100 + 14 * r;
      for (PageBuilder page : List.of(near, apart)) {
        double quay = page == near ? 150 : 200;
        page.text(boats.get(r), 50, y).text(r == 0 ? "Days" : "1" + r, 105, y);
        page.text(quays.get(r), quay, y).text(r == 0 ? "Ice" : "2" + r, quay + 55, y);
      }
    }
    assertThat(doubts(near)).isEmpty();
    assertThat(doubts(apart)).extracting(w -> w.code().code()).containsExactly("uneven-gutters");
  }

  @Test
  void aTableRuledRowByRowEndsBelowItsLastRuling() {
    PageBuilder page = row(new PageBuilder(), 100, "Permit", "Holder", "Fee");
    for (int r = 0; r < 6; r++) {
      row(page, 118 + 18 * r, "P-" + r, "Marsh", (r + 1) + "20.00");
      page.horizontal(105 + 18 * r, 50, 270);
    }
    row(page, 240, "Complaints by month:");
    row(page, 254, "", "Noise", "", "Smell");
    for (int r = 0; r < 4; r++) {
      row(page, 268 + 14 * r, "May", "" + r, "", "1" + r);
    }
    List<Table> tables = tables(page);
    assertThat(tables).hasSize(2);
    assertThat(tables.get(0).headerRows()).isEqualTo(1);
    assertThat(texts(tables.get(0)).get(6)).containsExactly("P-5", "Marsh", "620.00");
  }

  @Test
  void cellsWithBoxesOfTheirOwnHaveNoColumnsBetweenThem() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 4; r++) {
      for (int c = 0; c < 3; c++) {
        double x = 50 + 62 * c;
        double y = 100 + 20 * r;
        page.horizontal(y, x, x + 60).horizontal(y + 18, x, x + 60);
        page.vertical(x, y, y + 18).vertical(x + 60, y, y + 18);
        page.text(r == 0 ? "Rate " + (char) ('A' + c) : r + "" + c + ".50", x + 4, y + 12);
      }
    }
    Table table = tables(page).get(0);
    assertThat(table.columns())
        .extracting(Column::name)
        .containsExactly("Rate A", "Rate B", "Rate C");
    assertThat(texts(table)).hasSize(4);
  }
}
