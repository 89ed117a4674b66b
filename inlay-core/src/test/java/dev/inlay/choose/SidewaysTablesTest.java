package dev.inlay.choose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.document.Stitcher;
import dev.inlay.geom.Box;
import dev.inlay.model.Column;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.page.Page;
import java.util.List;
import org.junit.jupiter.api.Test;

class SidewaysTablesTest {

  private static final String[][] ROWS = {
    {"Species", "Boxed", "Bulk"},
    {"Cod", "12.5", "3.0"},
    {"Ling", "7.5", "1.5"},
    {"Tusk", "9.0", "2.5"},
    {"Hake", "4.0", "6.5"}
  };

  /** A table lying on its left side: its rows follow each other from left to right. */
  private static PageBuilder lying() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < ROWS.length; r++) {
      for (int c = 0; c < ROWS[r].length; c++) {
        page.upwards(ROWS[r][c], 100 + r * 14, 700 - c * 100);
      }
    }
    return page;
  }

  private static List<Table> tables(Page page) {
    PageTables found = PageTables.of(page);
    assertThat(found.ledger().balances()).isTrue();
    Stitcher stitcher = new Stitcher();
    stitcher.add(found);
    return stitcher.finish();
  }

  @Test
  void aTableLyingSidewaysIsReadUpright() {
    Page page = lying().text("Landings of the quarter", 50, 60).build();
    List<Table> tables = tables(page);
    assertThat(tables).hasSize(1);
    Table table = tables.get(0);
    assertThat(table.headerRows()).isEqualTo(1);
    for (int r = 0; r < ROWS.length; r++) {
      assertThat(table.rows().get(r).cells()).extracting(TableCell::text).containsExactly(ROWS[r]);
    }
  }

  @Test
  void itsCellsKeepTheirPlacesOnThePage() {
    Table table = tables(lying().build()).get(0);
    Box species = table.rows().get(0).cells().get(0).box();
    assertThat(species.contains(97, 690)).isTrue();
    Box bulk = table.rows().get(4).cells().get(2).box();
    assertThat(bulk.contains(153, 495)).isTrue();
    assertThat(table.frames().get(0).box().contains(120, 600)).isTrue();
  }

  @Test
  void turnedHeadingsOfAnUprightTableAreNoTableOfTheirOwn() {
    PageBuilder page = new PageBuilder();
    String[] heads = {"Landings in spring", "Landings in summer", "Landings in autumn"};
    for (int c = 0; c < heads.length; c++) {
      page.upwards(heads[c], 158 + c * 60, 200);
    }
    for (int r = 0; r < 4; r++) {
      page.text("Fish " + r, 50, 220 + r * 14);
      for (int c = 0; c < heads.length; c++) {
        page.text((r + 1) * 7 + "." + c, 150 + c * 60, 220 + r * 14);
      }
    }
    List<Table> tables = tables(page.build());
    assertThat(tables).hasSize(1);
    assertThat(tables.get(0).columns())
        .extracting(Column::name)
        .contains("Landings in spring", "Landings in autumn");
  }
}
