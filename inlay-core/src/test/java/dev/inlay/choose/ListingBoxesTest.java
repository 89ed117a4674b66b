package dev.inlay.choose;

import static dev.inlay.ReadTables.tables;
import static dev.inlay.ReadTables.texts;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.model.Column;
import dev.inlay.model.Table;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Boxes that listings draw of characters are read as drawn ones are. */
class ListingBoxesTest {

  private static PageBuilder listing(String text) {
    PageBuilder page = new PageBuilder();
    double y = 100;
    for (String line : text.split("\n")) {
      page.text(line, 50, y);
      y += 12;
    }
    return page;
  }

  @Test
  void cellsMergedBothWaysAreOneCell() {
    Table table =
        tables(
                listing(
                    """
                    +---------+---------------------+-------+
                    | Berth   | Vessels             | Depth |
                    |         +----------+----------+       |
                    |         | Morning  | Evening  |       |
                    +=========+==========+==========+=======+
                    | North 1 | Heron    | Star     |   4.2 |
                    |         +----------+----------+-------+
                    |         | Closed for repairs  |   3.9 |
                    +---------+----------+----------+-------+
                    | North 2 | Kestrel  | Petrel   |   5.0 |
                    |         |          | (ice)    |       |
                    +---------+----------+----------+-------+
                    """))
            .get(0);
    assertThat(table.columns())
        .extracting(Column::name)
        .containsExactly("Berth", "Vessels / Morning", "Vessels / Evening", "Depth");
    assertThat(texts(table).subList(2, 5))
        .containsExactly(
            List.of("North 1", "Heron", "Star", "4.2"),
            List.of("Closed for repairs", "3.9"),
            List.of("North 2", "Kestrel", "Petrel (ice)", "5.0"));
    assertThat(table.warnings()).isEmpty();
  }

  @Test
  void rowsThatNoRulePartsAreTheirLines() {
    Table table =
        tables(
                listing(
                    """
                     Code | Name     | Q1     | Q2
                    ------+----------+--------+-------
                     A1   | Cod      |     12 |    14
                     A2   | Ling     |      7 |     9
                     A3   | Saithe   |        |     3
                    """))
            .get(0);
    assertThat(table.headerRows()).isEqualTo(1);
    assertThat(texts(table).get(3)).containsExactly("A3", "Saithe", "3");
  }

  @Test
  void aRuleOfDashesAloneClosesTheBox() {
    Table table =
        tables(
                listing(
                    """
                    ------------------
                    | Code | Boxes   |
                    ------------------
                    | A1   |   1,204 |
                    | A2   |     980 |
                    ------------------
                    """))
            .get(0);
    assertThat(texts(table))
        .containsExactly(List.of("Code", "Boxes"), List.of("A1", "1,204"), List.of("A2", "980"));
  }

  @Test
  void labelsWithAFigureEachAreRowsHoweverLongTheTextsBetweenThem() {
    Table table =
        tables(
                listing(
                    """
                    +----------+-------------------+------+
                    | Term     | Meaning           | Page |
                    +----------+-------------------+------+
                    | berth    | the place at a    |   12 |
                    |          | quay for a vessel |      |
                    |          | by day or night   |      |
                    | draught  | depth of a hull   |   14 |
                    | lay days | days that a       |   17 |
                    |          | vessel may lie    |      |
                    +----------+-------------------+------+
                    """))
            .get(0);
    assertThat(texts(table))
        .contains(
            List.of("berth", "the place at a quay for a vessel by day or night", "12"),
            List.of("draught", "depth of a hull", "14"));
  }

  @Test
  void everyCharacterOfABoxIsBooked() {
    PageTables page =
        PageTables.of(
            listing("+----+----+\n| a1 | 12 |\n+----+----+\n| a2 | 13 |\n+----+----+").build());
    assertThat(page.ledger().printed()).isEqualTo(8 + 3 * 11 + 2 * 3);
    assertThat(page.ledger().inCells()).isEqualTo(8);
    assertThat(page.ledger().leaders()).isEqualTo(3 * 11 + 2 * 3);
    assertThat(page.ledger().balances()).isTrue();
  }

  @Test
  void barsAmongTimesAreSigns() {
    Table table =
        tables(
                listing(
                    """
                    Station       701    703    705    707
                    Oma          06:10  06:40  07:10  07:40
                    Brill        06:14    |    07:14    |
                    Tarn         06:18    |    07:18    |
                    Alder        06:22    |    07:22    |
                    Fell         06:25    |    07:25    |
                    Skua         06:31  06:55  07:31  07:55
                    """))
            .get(0);
    assertThat(texts(table)).contains(List.of("Tarn", "06:18", "|", "07:18", "|"));
  }

  @Test
  void treesAndFlowChartsAreNoTables() {
    assertThat(
            tables(
                listing(
                    """
                    inlay-core
                    |-- src
                    |   |-- main
                    |   |   |-- java
                    |   |   `-- resources
                    |   `-- test
                    |       |-- java
                    |       `-- files
                    `-- pom.xml

                    +----------+        +-----------+
                    | reader   |------->| composer  |
                    +----------+        +-----------+
                    """)))
        .isEmpty();
  }

  @Test
  void aLineUnderHeadingsThatCrossesLinesBetweenColumnsFramesATable() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 5; r++) {
      double y = 100 + 14 * r;
      page.text(r == 0 ? "n" : "" + r, 55, y)
          .text(r == 0 ? "mean" : r + ".5", 90, y)
          .text(r == 0 ? "odd" : r % 2 == 1 ? "yes" : "no", 140, y);
    }
    page.horizontal(104, 50, 170).vertical(80, 90, 160).vertical(130, 90, 160);
    Table table = tables(page).get(0);
    assertThat(table.columns()).extracting(Column::name).containsExactly("n", "mean", "odd");
    assertThat(table.bodyRows()).hasSize(4);
  }

  @Test
  void aRuleThatEndsEveryPageIsNoFurniture() {
    Page page =
        listing(
                """
                +------+--------+
                | Code | Weight |
                +------+--------+
                | A1   |     12 |
                | A2   |      7 |
                +------+--------+
                Page 1
                """)
            .build();
    List<TextLine> lines = LineComposer.compose(page.glyphs());
    PageTables tables = PageTables.of(page).withFurniture(lines.subList(5, 7));
    assertThat(tables.ledger().balances()).isTrue();
    assertThat(tables.ledger().furniture()).isEqualTo("Page1".length());
    assertThat(tables.ledger().outside()).isZero();
  }
}
