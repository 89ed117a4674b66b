package dev.inlay.choose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.document.Stitcher;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.model.WarningCode;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Ruled frames whose rulings do not tell all: missing edges, unparted columns, shades. */
class RuledCellsTest {

  private static Table one(PageBuilder page) {
    Stitcher stitcher = new Stitcher();
    stitcher.add(PageTables.of(page.build()));
    List<Table> tables = stitcher.finish();
    assertThat(tables).hasSize(1);
    return tables.get(0);
  }

  private static List<String> row(Table table, int row) {
    return table.rows().get(row).cells().stream()
        .map(TableCell::text)
        .filter(t -> !t.isEmpty())
        .toList();
  }

  /** Four columns of six rows; between the second and the third one edge is left out. */
  private static PageBuilder withMissingEdge(double x, int row, boolean vertical) {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r <= 6; r++) {
      boolean gap = !vertical && r == row;
      page.horizontal(100 + 20 * r, 50, gap ? x : 450);
      if (gap) {
        page.horizontal(100 + 20 * r, x + 100, 450);
      }
    }
    for (int c = 0; c <= 4; c++) {
      boolean gap = vertical && 50 + 100 * c == x;
      page.vertical(50 + 100 * c, 100, gap ? 100 + 20 * row : 220);
      if (gap) {
        page.vertical(50 + 100 * c, 120 + 20 * row, 220);
      }
    }
    page.bold().cells(50, 100, 100, 20, 4, "Vessel", "Home", "Boxed", "Bulk").plain();
    for (int r = 1; r < 6; r++) {
      page.cells(50, 100 + 20 * r, 100, 20, 4, "Skua " + r, "Oyle", "1" + r + ".5", r + ".25");
    }
    return page;
  }

  @Test
  void aCellIsPartedWhereARulingBetweenTwoColumnsIsMissing() {
    Table table = one(withMissingEdge(350, 3, true));
    assertThat(row(table, 3)).containsExactly("Skua 3", "Oyle", "13.5", "3.25");
  }

  @Test
  void aCellIsPartedWhereARulingBetweenTwoRowsIsMissing() {
    Table table = one(withMissingEdge(250, 3, false));
    assertThat(row(table, 2)).containsExactly("Skua 2", "Oyle", "12.5", "2.25");
    assertThat(row(table, 3)).containsExactly("Skua 3", "Oyle", "13.5", "3.25");
  }

  /** Cells 100 points wide hold 18 characters after a margin; "|" is a ruling. */
  private static PageBuilder ciphers(String name, double lengthAt) {
    PageBuilder page = new PageBuilder().lattice(50, 100, 100, 20, 4, 2);
    page.bold().text("Cipher", 55, 114).text("Key length", 155, 114).plain();
    page.text("aes", 55, 134).text("24", 155, 134);
    page.text(name, 55, 154).text("32", lengthAt, 154);
    return page.text("des", 55, 174).text("16", 155, 174);
  }

  @Test
  void aWordThatRunsOverARulingStaysWholeInItsCell() {
    Table table = one(ciphers("chacha20-with-poly1305", 152));
    assertThat(row(table, 2)).containsExactly("chacha20-with-poly1305", "32");
    assertThat(table.warnings()).as("most of it stands in its cell").isEmpty();
  }

  @Test
  void aWordOfWhichHalfStandsInEachOfTwoCellsIsReported() {
    int inFirst = 19; // characters from 55 on, before the ruling at 150
    Table clear = one(ciphers("x".repeat(2 * inFirst - 1), 152));
    assertThat(clear.warnings()).isEmpty();
    Table even = one(ciphers("x".repeat(2 * inFirst), 152));
    assertThat(row(even, 2)).containsExactly("x".repeat(2 * inFirst), "32");
    assertThat(even.warnings()).anyMatch(w -> w.code() == WarningCode.CUT_WORD);
  }

  @Test
  void aWordThatJustFillsItsCellDoesNotTakeTheNextOneAlong() {
    Table table = one(ciphers("chacha20-poly-1305", 150)); // ends at 145
    assertThat(row(table, 2)).containsExactly("chacha20-poly-1305", "32");
    Table touching = one(ciphers("chacha20-poly-01305", 150.3)); // ends at 150
    assertThat(row(touching, 2)).containsExactly("chacha20-poly-01305", "32");
  }

  @Test
  void columnsThatNoRulingPartsAreReadFromTheLines() {
    PageBuilder page = new PageBuilder().lattice(50, 100, 400, 20, 6, 1);
    page.bold().cells(50, 100, 100, 20, 4, "Vessel", "Home", "Boxed", "Bulk").plain();
    for (int r = 1; r < 6; r++) {
      page.cells(50, 100 + 20 * r, 100, 20, 4, "Skua " + r, "Oyle", "1" + r + ".5", r + ".25");
    }
    Table table = one(page);
    assertThat(table.columns()).hasSize(4);
    assertThat(row(table, 5)).containsExactly("Skua 5", "Oyle", "15.5", "5.25");
  }

  /** Two boxed columns of two rows; each cell has a line with wide white above another line. */
  private static Table underWideWhite(String below) {
    PageBuilder page = new PageBuilder().lattice(50, 100, 150, 20, 1, 2);
    page.lattice(50, 120, 150, 40, 2, 2).bold().cells(50, 100, 150, 20, 2, "Post", "Duty").plain();
    for (int r = 0; r < 2; r++) {
      for (int c = 0; c < 2; c++) {
        double x = 53 + 150 * c;
        double y = 134 + 40 * r;
        page.text("Mooring", x, y).text("of", x + 80, y).text(below, x, y + 12);
      }
    }
    return one(page);
  }

  @Test
  void whiteThatOtherLinesOfTheCellCoverIsAStretchedSpace() {
    Table stretched = underWideWhite("boats at night");
    assertThat(stretched.columns()).hasSize(2);
    assertThat(row(stretched, 2)).containsOnly("Mooring of boats at night");
    assertThat(underWideWhite("boats").columns()).hasSizeGreaterThan(2);
  }

  /**
   * Three boxed columns with a row that the page ends in: no ruling ends it.
   *
   * @param to where the second line between columns ends
   */
  private static Table cutOff(double to) {
    PageBuilder page = new PageBuilder();
    for (double y : new double[] {100, 120, 170}) {
      page.horizontal(y, 50, 350);
    }
    for (double x : new double[] {50, 150, 250, 350}) {
      page.vertical(x, 100, x == 150 ? to : 220);
    }
    page.bold().cells(50, 100, 100, 20, 3, "Line", "Terms", "Crowns").plain();
    for (int r = 0; r < 2; r++) {
      double y = 134 + 50 * r;
      page.text("Quay " + r, 53, y).text("paid within", 153, y).text("thirty days", 153, y + 12);
      page.text("of the landing", 153, y + 24).text("1" + r + ".50", 253, y + 6);
    }
    return one(page);
  }

  @Test
  void aBoxedTableThatThePageEndsWithinARowIsBoxed() {
    Table boxed = cutOff(220);
    assertThat(row(boxed, 2))
        .containsExactly("Quay 1", "paid within thirty days of the landing", "11.50");
    assertThat(boxed.frames().get(0).rulings()).isEqualTo(RulingExtent.FULL);
    // a line that ends with the last ruling parts no row below it
    assertThat(cutOff(170).frames().get(0).rulings()).isEqualTo(RulingExtent.PART);
  }

  @Test
  void stripesAreNoTablesOfTheirOwn() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 6; r += 2) {
      page.fill(50, 100 + 20 * r, 450, 120 + 20 * r, 0xDDDDDD);
    }
    page.bold().cells(50, 100, 100, 20, 4, "Vessel", "Home", "Boxed", "Bulk").plain();
    for (int r = 1; r < 6; r++) {
      page.cells(50, 100 + 20 * r, 100, 20, 4, "Skua " + r, "Oyle", "1" + r + ".5", r + ".25");
    }
    Table table = one(page);
    assertThat(table.headerRows()).isEqualTo(1);
    assertThat(table.bodyRows()).hasSize(5);
  }

  @Test
  void oneBoxAroundAllRowsHoldsAsManyRowsAsLinesOfFigures() {
    PageBuilder page = new PageBuilder().lattice(50, 100, 100, 20, 1, 4);
    for (int c = 0; c <= 4; c++) {
      page.vertical(50 + 100 * c, 120, 220);
    }
    page.horizontal(220, 50, 450);
    page.bold().cells(50, 100, 100, 20, 4, "Harbour", "Vessel", "Boxed", "Bulk").plain();
    for (int r = 1; r < 6; r++) {
      String harbour = r == 1 || r == 4 ? "Oyle " + r : "";
      page.cells(
          50, 100 + 20 * r, 100, 20, 4, harbour, "Skua " + r, "1" + r + ".5", "2" + r + ".25");
    }
    Table table = one(page);
    assertThat(table.bodyRows()).hasSize(5);
    assertThat(row(table, 3)).containsExactly("Skua 3", "13.5", "23.25");
  }

  @Test
  void wideWhiteLineByLineInOneCellShowsRows() {
    PageBuilder page = new PageBuilder().lattice(50, 100, 100, 20, 1, 4);
    page.vertical(50, 120, 220).vertical(450, 120, 220).horizontal(220, 50, 450);
    page.bold().cells(50, 100, 100, 20, 4, "Vessel", "Home", "Boxed", "Bulk").plain();
    for (int r = 1; r < 6; r++) {
      page.cells(50, 100 + 20 * r, 100, 20, 4, "Skua " + r, "Oyle", "1" + r + ".5", r + ".25");
    }
    assertThat(one(page).bodyRows()).hasSize(5);
  }

  @Test
  void twoNumbersInACellOfTheFirstRowsAreNoHeading() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r <= 5; r++) {
      page.horizontal(100 + 20 * r, 50, r == 1 ? 250 : 450);
    }
    for (int c = 0; c <= 4; c++) {
      page.vertical(50 + 100 * c, 100, 200);
    }
    page.horizontal(120, 350, 450);
    for (int r = 0; r < 5; r++) {
      page.cells(50, 100 + 20 * r, 100, 20, 4, "Skua " + r, "Oyle", "4" + r + "1.5", r + ".25");
    }
    Table table = one(page);
    assertThat(row(table, 0)).containsExactly("Skua 0", "Oyle", "401.5", "0.25");
    assertThat(row(table, 1)).containsExactly("Skua 1", "Oyle", "411.5", "1.25");
  }
}
