package dev.inlay.document;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.ReadTables;
import dev.inlay.model.Column;
import dev.inlay.model.Table;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Sheets wider than the paper. */
class WidePartsTest {

  private static PageBuilder sheet(int page, int rows, String... head) {
    PageBuilder sheet = new PageBuilder(page).lattice(50, 100, 80, 20, rows + 1, head.length);
    sheet.bold().cells(50, 100, 80, 20, head.length, head).plain();
    for (int r = 1; r <= rows; r++) {
      for (int c = 0; c < head.length; c++) {
        sheet.text(page + "" + r + c, 55 + 80 * c, 114 + 20 * r);
      }
    }
    return sheet;
  }

  @Test
  void thePartToTheRightIsToldAndJoinedOnRequest() {
    List<Table> tables =
        ReadTables.tables(sheet(1, 4, "Vessel", "Port"), sheet(2, 4, "Trips", "Value"));
    assertThat(tables).hasSize(2);
    assertThat(tables.get(1).rightOf()).contains("p1t1");
    List<Table> joined = WideParts.join(tables);
    assertThat(joined).hasSize(1);
    assertThat(joined.get(0).columns())
        .extracting(Column::name)
        .containsExactly("Vessel", "Port", "Trips", "Value");
    assertThat(ReadTables.texts(joined.get(0)).get(4)).containsExactly("140", "141", "240", "241");
  }

  @Test
  void asManyRowsUnderOtherHeightsAreAnotherTable() {
    PageBuilder lower = new PageBuilder(2).lattice(50, 140, 80, 24, 5, 2);
    lower.bold().cells(50, 140, 80, 24, 2, "Trips", "Value").plain();
    lower.cells(50, 164, 80, 24, 2, "1", "2", "3", "4", "5", "6", "7", "8");
    List<Table> tables = ReadTables.tables(sheet(1, 4, "Vessel", "Port"), lower);
    assertThat(tables).hasSize(2);
    assertThat(tables.get(1).rightOf()).isEmpty();
    assertThat(WideParts.join(tables)).hasSize(2);
  }
}
