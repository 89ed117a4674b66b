package dev.inlay.choose;

import static dev.inlay.ReadTables.texts;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.document.Stitcher;
import dev.inlay.model.Table;
import dev.inlay.page.Page;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The last rows of a table at the top of the next page. */
class RowsAtTopTest {

  private static PageBuilder row(PageBuilder page, double y, String... texts) {
    for (int c = 0; c < texts.length; c++) {
      if (!texts[c].isEmpty()) {
        page.text(texts[c], 50 + 110 * c, y);
      }
    }
    return page;
  }

  /** A ledger of moorings over four columns, with eight rows. */
  private static PageBuilder ledger() {
    PageBuilder page = row(new PageBuilder(1).bold(), 600, "Date", "Vessel", "Days", "Crowns");
    page.plain().horizontal(604, 50, 430).horizontal(590, 50, 430);
    for (int r = 0; r < 8; r++) {
      String day = "0" + (r + 1) + ".03.2024";
      row(page, 618 + 14 * r, day, "Tern " + (char) ('A' + r), "1" + r, "4" + r + "0.50");
    }
    return page;
  }

  private static PageBuilder prose(PageBuilder page, double from) {
    for (int i = 0; i < 6; i++) {
      page.text(
          "Dues are asked for each day that a vessel lies at a quay of the board, and", 50, from);
      from += 14;
    }
    return page;
  }

  private static List<Table> read(PageBuilder... builders) {
    Stitcher stitcher = new Stitcher();
    for (PageBuilder builder : builders) {
      Page page = builder.build();
      PageTables tables = PageTables.of(page);
      PageTables read = stitcher.withRowsAtTop(tables, () -> page).orElse(tables);
      assertThat(read.ledger().balances()).isTrue();
      stitcher.add(read);
    }
    return stitcher.finish();
  }

  @Test
  void oneRowAboveRunningTextGoesOn() {
    PageBuilder next = row(new PageBuilder(2), 80, "09.03.2024", "Skua", "2", "80.00");
    List<Table> tables = read(ledger(), prose(next, 130));
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0)))
        .hasSize(10)
        .endsWith(List.of("09.03.2024", "Skua", "2", "80.00"));
  }

  @Test
  void headingsPrintedAgainAreNoRow() {
    PageBuilder next = row(new PageBuilder(2).bold(), 80, "Date", "Vessel", "Days", "Crowns");
    row(next.plain(), 94, "09.03.2024", "Skua", "2", "80.00");
    List<Table> tables = read(ledger(), prose(next, 150));
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0))).hasSize(10);
  }

  @Test
  void aSumWithoutDateGoesOnBelowARow() {
    PageBuilder next = row(new PageBuilder(2), 80, "09.03.2024", "Skua", "2", "80.00");
    row(next, 94, "", "", "Total", "3,680.00");
    Table table = read(ledger(), prose(next, 150)).get(0);
    assertThat(texts(table).get(10)).contains("3,680.00");
  }

  @Test
  void aSumAloneGoesOnThoughItsLabelStandsWhereFiguresStood() {
    PageBuilder next = new PageBuilder(2).text("Total", 270, 80).text("3,600.00", 370, 80);
    List<Table> tables = read(ledger(), prose(next, 130));
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0))).hasSize(10);
  }

  @Test
  void wordsWhereFiguresStoodHeadAnotherTable() {
    PageBuilder next = row(new PageBuilder(2).bold(), 80, "Quay", "Depth", "Length", "Lamps");
    for (int r = 0; r < 4; r++) {
      row(next.plain(), 94 + 14 * r, "Quay " + r, "5." + r, "12" + r, "1" + r);
    }
    List<Table> tables = read(ledger(), prose(next, 200));
    assertThat(tables).hasSize(2);
    assertThat(texts(tables.get(0))).hasSize(9);
  }

  @Test
  void aRowBehindTextGoesOnWithNothing() {
    PageBuilder next = prose(new PageBuilder(2), 80);
    row(next, 190, "09.03.2024", "Skua", "2", "80.00");
    assertThat(texts(read(ledger(), next).get(0))).hasSize(9);
  }

  /** A boxed account whose last row on the page is a sum over its columns. */
  private static PageBuilder account() {
    PageBuilder page = new PageBuilder(1).lattice(50, 600, 100, 18, 4, 4);
    page.cells(
        50, 600, 100, 18, 4, "Item", "Pieces", "Each", "Amount", "Rope", "3", "4.50", "13.50",
        "Tar", "2", "8.00", "16.00", "Oakum", "5", "1.20", "6.00");
    page.horizontal(690, 50, 450).vertical(50, 672, 690).vertical(350, 672, 690);
    return page.vertical(450, 672, 690).text("Net", 53, 684).text("35.50", 422, 684);
  }

  @Test
  void sumsBelowASumGoOnThoughTheirLabelsStandInTheFirstColumn() {
    PageBuilder next = new PageBuilder(2).text("Duty 20 %", 53, 80).text("7.10", 427, 80);
    next.text("To pay", 53, 98).text("42.60", 422, 98);
    List<Table> tables = read(account(), prose(next, 150));
    assertThat(tables).hasSize(1);
    assertThat(tables.get(0).rows()).hasSize(7);
    assertThat(tables.get(0).rows().get(6).textAt(3)).isEqualTo("42.60");
  }

  /** The figures before it are so near that they look like one text. */
  @Test
  void aSumCarriedForwardAloneOnItsPageGoesOn() {
    PageBuilder first = ledger();
    first.text("Carried forward", 180, 730).text("80", 270, 730).text("1,440.50", 370, 730);
    PageBuilder next = new PageBuilder(2).text("Brought forward", 180, 80);
    next.text("80", 270, 80).text("1,440.50", 370, 80);
    List<Table> tables = read(first, prose(next, 400));
    assertThat(tables).hasSize(1);
    assertThat(tables.get(0).rows()).hasSize(11);
    assertThat(tables.get(0).rows().get(10).textAt(3)).isEqualTo("1,440.50");
  }

  /** "from 2 June" begins with a word and a number, and is no title. */
  @Test
  void theRestOfARowThatWrapsGoesOnWithIt() {
    PageBuilder next = row(new PageBuilder(2), 80, "09.03.2024", "Skua, at quay", "2", "80.00");
    next.text("from 2 June", 160, 91);
    row(next, 105, "10.03.2024", "Gull", "3", "90.00");
    List<Table> tables = read(ledger(), prose(next, 160));
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0)))
        .endsWith(
            List.of("09.03.2024", "Skua, at quay from 2 June", "2", "80.00"),
            List.of("10.03.2024", "Gull", "3", "90.00"));
  }

  /** Its values stand between the two lines of its label. */
  @Test
  void aRowWhoseLabelWrapsBesideItsValuesGoesOn() {
    PageBuilder first = row(new PageBuilder(1).bold(), 600, "Vessel", "Days", "Nights", "Crowns");
    first.plain().horizontal(604, 50, 430).horizontal(590, 50, 430);
    for (int r = 0; r < 8; r++) {
      row(first, 618 + 14 * r, "Tern " + (char) ('A' + r), "1" + r, "1" + r, "4" + r + "0.50");
    }
    PageBuilder next = new PageBuilder(2).text("Skua, of", 50, 80).text("Lorport", 50, 91);
    row(next, 85.5, "", "12", "11", "480.50");
    List<Table> tables = read(first, prose(next, 160));
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0))).endsWith(List.of("Skua, of Lorport", "12", "11", "480.50"));
  }
}
