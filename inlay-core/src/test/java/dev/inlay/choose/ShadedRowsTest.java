package dev.inlay.choose;

import static dev.inlay.ReadTables.texts;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.ReadTables;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.Table;
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
}
