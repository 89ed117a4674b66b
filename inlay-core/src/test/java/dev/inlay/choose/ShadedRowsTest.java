package dev.inlay.choose;

import static dev.inlay.ReadTables.texts;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.ReadTables;
import dev.inlay.evidence.Frame;
import dev.inlay.evidence.FrameFinder;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.Table;
import dev.inlay.page.Page;
import dev.inlay.propose.GridBuilder;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Rows whose cells have shades of their own, among rows without. */
class ShadedRowsTest {

  private static final String[] ROWS = {
    "Wharf", "Tons", "Alder", "410", "Birch", "385", "Cedar", "520", "Elm", "118", "Fir", "960",
    "Hazel", "75", "Larch", "330", "Maple", "215"
  };

  /** Rows of two texts, 18 points apart; those from one to another are shaded cell by cell. */
  private static PageBuilder page(int shadedFrom, int shadedTo) {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < ROWS.length / 2; r++) {
      double top = 60 + 18 * r;
      if (r >= shadedFrom && r < shadedTo) {
        int colour = r % 2 == 0 ? 0xDDE8F0 : 0xF0E8DD;
        page.fill(50, top, 150, top + 18, colour).fill(150, top, 250, top + 18, colour);
      }
      (r == 0 ? page.bold() : page.plain())
          .text(ROWS[2 * r], 53, top + 12)
          .text(ROWS[2 * r + 1], 153, top + 12);
    }
    return page;
  }

  @Test
  void someOfTheRowsAreNoTableOfTheirOwn() {
    List<Table> tables = ReadTables.tables(page(3, 6));
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0))).hasSize(9).endsWith(List.of("Maple", "215"));
  }

  @Test
  void allOfThemAreATable() {
    List<Table> tables = ReadTables.tables(page(0, 9));
    assertThat(tables).hasSize(1);
    assertThat(tables.get(0).frames().get(0).rulings()).isEqualTo(RulingExtent.FULL);
  }

  /** A header of three shaded rows, then perhaps a heading of rows, then rows. */
  private static PageBuilder shadedHeader(boolean headingBetween) {
    PageBuilder page = new PageBuilder().bold();
    String[] lines = {"2024 2025", "Weight Weight", "tons tons"};
    for (int r = 0; r < 3; r++) {
      double top = 60 + 18 * r;
      String[] texts = lines[r].split(" ");
      page.fill(50, top, 150, top + 18, 0xDDE8F0);
      for (int c = 0; c < 2; c++) {
        page.fill(150 + 100 * c, top, 250 + 100 * c, top + 18, 0xDDE8F0);
        page.text(texts[c], 153 + 100 * c, top + 12);
      }
    }
    double y = 126;
    if (headingBetween) {
      page.text("Northern harbours", 53, y);
      y += 18;
    }
    page.plain();
    for (int r = 0; r < 7; r++) {
      String name = ROWS[2 * r + 2];
      page.text(name, 53, y).text(ROWS[2 * r + 3], 153, y).text("1" + r, 253, y);
      y += 18;
    }
    return page;
  }

  @Test
  void aShadedHeaderAndRowsBelowAHeadingOfRowsAreOneTable() {
    for (boolean headingBetween : new boolean[] {false, true}) {
      List<Table> tables = ReadTables.tables(shadedHeader(headingBetween));
      assertThat(tables).as("heading between " + headingBetween).hasSize(1);
      assertThat(texts(tables.get(0))).endsWith(List.of("Larch", "330", "16"));
    }
  }

  @Test
  void onlyAHeadingOfRowsBelowAShadedHeaderMakesItsLinesCount() {
    assertThat(rowsBeyondHeader(false)).isFalse(); // the boxes are joined to the rows
    assertThat(rowsBeyondHeader(true)).isTrue();
  }

  private static boolean rowsBeyondHeader(boolean headingBetween) {
    Page page = shadedHeader(headingBetween).build();
    PageEvidence evidence = PageEvidence.of(page);
    Frame frame = FrameFinder.find(1, evidence.rulings(), evidence.measure()).get(0);
    return RowsBeyond.exist(GridBuilder.build(frame, evidence), evidence);
  }
}
