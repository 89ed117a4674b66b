package dev.inlay.document;

import static dev.inlay.ReadTables.tables;
import static dev.inlay.ReadTables.texts;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.choose.PageTables;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.page.Page;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Tables that a page break, or a change of drawing, parts. */
class RunOnTablesTest {

  private static PageBuilder dues(int number) {
    PageBuilder page = new PageBuilder(number).horizontal(88, 50, 430).horizontal(104, 50, 430);
    page.text("Vessel", 50, 100).text("Work done", 150, 100).text("Crowns", 400, 100);
    for (int r = 1; r <= 4; r++) {
      page.text("Skua " + number + r, 50, 100 + r * 14);
      page.text("slip and paint", 150, 100 + r * 14);
      page.text(r + "0.50", 400, 100 + r * 14);
    }
    return page;
  }

  @Test
  void theRestOfARowBehindAPageBreakJoinsIt() {
    PageBuilder second = new PageBuilder(2).horizontal(88, 50, 430).horizontal(104, 50, 430);
    second.text("Vessel", 50, 100).text("Work done", 150, 100).text("Crowns", 400, 100);
    second.text("of the hull below", 150, 114);
    for (int r = 1; r <= 4; r++) {
      second.text("Tern " + r, 50, 130 + r * 14).text("ice", 150, 130 + r * 14);
      second.text(r + "1.00", 400, 130 + r * 14);
    }
    List<Table> tables = tables(dues(1), second);
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0)))
        .contains(List.of("Skua 14", "slip and paint of the hull below", "40.50"))
        .hasSize(9);
  }

  /** A boxed table of four full rows; no ruling ends the last of them where the page does. */
  private static PageBuilder boxed(int number, boolean endsOpen, String... first) {
    PageBuilder page = new PageBuilder(number).proportional();
    for (int r = 0; r <= (endsOpen ? 4 : 5); r++) {
      page.horizontal(100 + 20 * r, 50, 410);
    }
    for (int c = 0; c <= 3; c++) {
      page.vertical(50 + 120 * c, 100, 200);
    }
    page.bold().cells(50, 100, 120, 20, 3, "Finding", "Asked by", "Action").plain();
    page.cells(50, 120, 120, 20, 3, first);
    page.cells(50, 140, 120, 20, 3, "Ropes of pier " + number, "Ines Vale", "Splice them");
    page.cells(50, 160, 120, 20, 3, "Nets of pier " + number, "Ines Vale", "Dry them");
    return page.cells(50, 180, 120, 20, 3, "Lamps who need", "Mabel", "Count all");
  }

  /** The last row of a page and the first one of the next, whose label begins so. */
  private static List<List<String>> overTheBreak(boolean endsOpen, String label) {
    List<Table> tables =
        tables(
            boxed(1, endsOpen, "Boards are loose", "Oskar Hale", "Renew them"),
            boxed(2, false, label, "Hargood", "the labels"));
    assertThat(tables).hasSize(1);
    return texts(tables.get(0)).subList(4, 6);
  }

  @Test
  void aRowThatNoRulingEndsGoesOnInLowerCase() {
    assertThat(overTheBreak(true, "new glass").get(0))
        .containsExactly("Lamps who need new glass", "Mabel Hargood", "Count all the labels");
    List<String> last = List.of("Lamps who need", "Mabel", "Count all");
    assertThat(overTheBreak(true, "New glass").get(0)).isEqualTo(last);
    assertThat(overTheBreak(false, "new glass").get(0)).isEqualTo(last);
  }

  @Test
  void aRowOfItsOwnBehindAPageBreakStaysOne() {
    List<Table> tables = tables(dues(1), dues(2));
    assertThat(tables).hasSize(1);
    assertThat(tables.get(0).rows()).hasSize(9);
  }

  @Test
  void aBoxedHeaderAndTheOpenRowsBelowItAreOneTable() {
    PageBuilder page = new PageBuilder().lattice(45, 86, 100, 20, 2, 3);
    page.text("Out", 50, 100).text("1", 150, 100).text("3", 250, 100);
    page.text("days", 50, 120).text("daily", 150, 120).text("Mo-Fr", 250, 120);
    for (int r = 0; r < 4; r++) {
      page.text("Pier " + (char) ('A' + r), 50, 140 + r * 14);
      page.text("06." + (10 + r), 150, 140 + r * 14).text("08." + (20 + r), 250, 140 + r * 14);
    }
    List<Table> tables = tables(page);
    assertThat(tables).hasSize(1);
    assertThat(tables.get(0).headerRows()).isEqualTo(2);
    assertThat(texts(tables.get(0))).contains(List.of("Pier D", "06.13", "08.23")).hasSize(6);
  }

  @Test
  void aLabelBesidePartialRulingsBelongsToAllOfItsRows() {
    PageBuilder page = new PageBuilder();
    page.horizontal(86, 50, 350).horizontal(104, 50, 350);
    page.text("Group", 50, 100).text("Dose", 150, 100).text("Week", 320, 100);
    String[] labels = {"None", "Low", "High"};
    for (int g = 0; g < labels.length; g++) {
      double top = 104 + g * 60;
      for (int r = 0; r < 3; r++) {
        page.text("abc".charAt(r) + " " + g, 150, top + 14 + r * 20);
        page.text((r + 4) + "" + g, 320, top + 14 + r * 20);
        page.horizontal(top + 20 + r * 20, r == 2 ? 50 : 140, 350);
      }
      page.text(labels[g], 50, top + 34);
    }
    Table table = tables(page).get(0);
    TableCell none = table.rows().get(1).cells().get(0);
    assertThat(none.text()).isEqualTo("None");
    assertThat(none.rowSpan()).isEqualTo(3);
    assertThat(texts(table))
        .contains(List.of("None", "a 0", "40"), List.of("b 0", "50"), List.of("c 2", "62"));
  }

  private static Table threeRows(String label) {
    PageBuilder page = new PageBuilder().horizontal(104, 50, 430);
    page.text("Quay", 150, 100).text("Days", 260, 100).text("Crowns", 400, 100);
    String[] quays = {"North", "South", "Inner"};
    for (int r = 0; r < quays.length; r++) {
      page.text(quays[r], 150, 118 + 14 * r).text("1" + r, 260, 118 + 14 * r);
      page.text("4" + r + ".50", 400, 118 + 14 * r);
    }
    return tables(page.text(label, 50, 132)).get(0);
  }

  @Test
  void aWordAloneInTheMiddleOfTheFirstColumnBelongsToAllRowsAndADateDoesNot() {
    assertThat(threeRows("Harbour").rows().get(1).cells().get(0).rowSpan()).isEqualTo(3);
    assertThat(threeRows("03.03.2024").rows())
        .allSatisfy(r -> assertThat(r.cells()).allMatch(c -> c.rowSpan() == 1));
  }

  /** Boxes with three columns of words, the first row set in bold where it is a header. */
  private static PageBuilder boxes(int number, double width, String... texts) {
    return new PageBuilder(number)
        .lattice(50, 60, width, 18, texts.length / 3, 3)
        .cells(50, 60, width, 18, 3, texts);
  }

  @Test
  void boxesWithJustTheSameColumnsGoOnThoughTheirFirstRowMayBeAHeader() {
    PageBuilder first =
        boxes(1, 120, "Switch", "Meaning", "Ending", "-a", "plain", ".txt", "-b", "packed", ".gz");
    PageBuilder second =
        boxes(2, 120, "-paired", "Paired records", "none", "-pairedPacked", "packed", "none");
    List<Table> tables = tables(first, second);
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0)))
        .hasSize(5)
        .contains(List.of("-paired", "Paired records", "none"));
  }

  @Test
  void boxesWithOtherColumnsAreATableOfTheirOwn() {
    PageBuilder first =
        boxes(1, 120, "Switch", "Meaning", "Ending", "-a", "plain", ".txt", "-b", "packed", ".gz");
    PageBuilder bold = new PageBuilder(2).bold().lattice(50, 60, 130, 18, 3, 3);
    bold.cells(50, 60, 130, 18, 3, "Vessel", "Berth", "Master").plain();
    bold.cells(50, 78, 130, 18, 3, "Tern", "north", "Holm", "Skua", "south", "Vik");
    assertThat(tables(first, bold)).hasSize(2);
  }

  /** A pay sheet: a department beside its first row, seven rows on each page. */
  private static PageBuilder paySheet(int number, String department) {
    PageBuilder page = new PageBuilder(number);
    if (!department.isEmpty()) {
      page.bold().text("Crew", 50, 86).text("Name", 170, 86).text("Hours", 300, 86).plain();
      page.text(department, 50, 100);
    }
    for (int r = 0; r < 7; r++) {
      page.text("Jonas Zabel " + number + r, 170, 100 + 14 * r);
      page.text(number + "4" + r + ".50", 300, 100 + 14 * r);
    }
    return page;
  }

  @Test
  void aPageOnWhichTheFirstColumnIsEmptyGoesOn() {
    Stitcher stitcher = new Stitcher();
    stitcher.add(PageTables.of(paySheet(1, "Harbour watch").build()));
    Page page = paySheet(2, "").build();
    PageTables alone = PageTables.of(page);
    PageTables again = PageTables.of(page, stitcher.columnsFor(alone).get(0));
    assertThat(stitcher.goesOnWith(alone, again)).isTrue();
    stitcher.add(alone.withFirst(again));
    List<Table> tables = stitcher.finish();
    assertThat(tables).hasSize(1);
    assertThat(tables.get(0).rows()).hasSize(15);
    assertThat(tables.get(0).rows().get(14).textAt(1)).isEqualTo("Jonas Zabel 26");
  }

  /** Rows parted by rulings, the last with a ruling below it or without. */
  private static PageBuilder rowsWithoutLabels(boolean closed) {
    PageBuilder page = new PageBuilder(1).horizontal(88, 50, 430).horizontal(104, 50, 430);
    page.bold().text("Vessel", 50, 100).text("Work done", 150, 100).text("Crowns", 380, 100);
    page.plain();
    for (int r = 1; r <= 5; r++) {
      double y = 100 + r * 18;
      page.text(r == 1 ? "Skua" : "", 50, y).text("slip and paint", 150, y);
      page.text(r + "0.50", 380, y);
      if (r < 5 || closed) {
        page.horizontal(y + 5, 50, 430);
      }
    }
    return page;
  }

  private static List<List<String>> goesOn(boolean closed) {
    PageBuilder second = new PageBuilder(2).horizontal(88, 50, 430).horizontal(104, 50, 430);
    second.bold().text("Vessel", 50, 100).text("Work done", 150, 100).text("Crowns", 380, 100);
    second.plain().text("of the hull below", 150, 116).horizontal(121, 50, 430);
    for (int r = 1; r <= 4; r++) {
      double y = 116 + r * 18;
      second.text(r == 4 ? "Tern" : "", 50, y).text("ice", 150, y).text(r + "1.00", 380, y);
      second.horizontal(y + 5, 50, 430);
    }
    return texts(tables(rowsWithoutLabels(closed), second).get(0));
  }

  @Test
  void aRowThatNoRulingEndsGoesOnBehindTheBreak() {
    assertThat(goesOn(false)).contains(List.of("slip and paint of the hull below", "50.50"));
    assertThat(goesOn(true)).doesNotContain(List.of("slip and paint of the hull below", "50.50"));
  }

  /** The second page of a table with a header printed again, and a text right below a heading. */
  private static List<Table> withTextBelowHeading(String heading, String text) {
    PageBuilder second = new PageBuilder(2).lattice(45, 86, 120, 24, 5, 3);
    second.text("Vessel", 50, 96).text("Work done", 170, 96).text(heading, 290, 96);
    second.text(text, 170, 107);
    PageBuilder first = new PageBuilder(1).lattice(45, 86, 120, 24, 5, 3);
    first.text("Vessel", 50, 96).text("Work done", 170, 96).text("Crowns", 290, 96);
    for (int r = 1; r < 5; r++) {
      double y = 96 + 24 * r;
      first.text("Skua 1" + r, 50, y).text("slip and paint", 170, y).text(r + "0.50", 290, y);
      second.text("Skua 2" + r, 50, y).text("ice", 170, y).text(r + "1.50", 290, y);
    }
    return tables(first, second);
  }

  @Test
  void whatStandsBelowAHeadingThatIsPrintedAgainIsARow() {
    List<Table> tables = withTextBelowHeading("Crowns", "of the hull");
    assertThat(tables).hasSize(1);
    assertThat(tables.get(0).columns()).extracting(c -> c.name()).contains("Work done");
    assertThat(texts(tables.get(0)))
        .contains(List.of("Skua 14", "slip and paint of the hull", "40.50"))
        .hasSize(9);
  }

  @Test
  void headingsOfAnotherTableStayWhole() {
    assertThat(withTextBelowHeading("Fee", "of the hull").stream().flatMap(t -> texts(t).stream()))
        .contains(List.of("Vessel", "Work done of the hull", "Fee"));
  }
}
