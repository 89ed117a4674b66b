package dev.inlay.document;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.ReadTables;
import dev.inlay.model.Table;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What an estimate sees of the tables beside one. */
class TableNeighboursTest {

  private static PageBuilder page(int number) {
    return new PageBuilder(number);
  }

  /** Adds a ruled table of two columns and three rows, 80 points high. */
  private static PageBuilder table(PageBuilder page, double x, double y, String... headings) {
    page.lattice(x, y, 80, 20, 4, 2);
    page.bold().cells(x, y, 80, 20, 2, headings).plain();
    return page.cells(x, y + 20, 80, 20, 2, "Kestrel", "12", "Ann", "7", "Hope", "30");
  }

  private static double sign(Table table, String name) {
    return table.signs().get(WholeTable.names().indexOf(name));
  }

  @Test
  void aTableOverThePageIsSeenFromBothSides() {
    List<Table> tables =
        ReadTables.tables(
            table(page(1), 50, 600, "Vessel", "Trips"), table(page(2), 50, 60, "Port", "Days"));
    assertThat(tables).hasSize(2);
    assertThat(sign(tables.get(0), "a table right behind, over the page")).isEqualTo(1);
    assertThat(sign(tables.get(1), "a table right before, over the page")).isEqualTo(1);
    assertThat(sign(tables.get(0), "as many columns right behind")).isEqualTo(1);
    assertThat(sign(tables.get(0), "at the places of the table right behind")).isEqualTo(1);
    assertThat(sign(tables.get(0), "a table right before")).isZero();
    assertThat(sign(tables.get(1), "with the same headings, the table right before")).isZero();
  }

  @Test
  void whereTextStandsBetweenNoneIsNear() {
    PageBuilder first = table(page(1), 50, 500, "Vessel", "Trips");
    for (int line = 0; line < 4; line++) {
      first.text(
          "The season was short, and two vessels stayed in port until May,", 50, 640 + 12 * line);
    }
    List<Table> tables = ReadTables.tables(first, table(page(2), 50, 60, "Port", "Days"));
    assertThat(tables).hasSize(2);
    assertThat(sign(tables.get(0), "a table right behind")).isZero();
  }

  @Test
  void tablesOfOnePageAreNearWithinAFewRows() {
    assertThat(nearBelow(150)).isEqualTo(1);
    assertThat(nearBelow(170)).isZero();
  }

  /** Whether a table that begins so far below the top of another one, 80 points high, is near. */
  private static double nearBelow(double down) {
    PageBuilder page = table(page(1), 50, 100, "Vessel", "Trips");
    List<Table> tables = ReadTables.tables(table(page, 50, 100 + down, "Port", "Days"));
    assertThat(tables).hasSize(2);
    return sign(tables.get(0), "a table right behind");
  }

  @Test
  void tablesSideBySideAreSeen() {
    PageBuilder page = table(page(1), 50, 100, "Vessel", "Trips");
    List<Table> tables = ReadTables.tables(table(page, 330, 100, "Port", "Days"));
    assertThat(tables).hasSize(2);
    assertThat(sign(tables.get(0), "a table beside it")).isEqualTo(1);
    assertThat(sign(tables.get(1), "a table beside it")).isEqualTo(1);
  }

  /** The signs that tables are parts of one, of three, where a second stands between two alike. */
  private static List<Double> parted(PageBuilder first, String... headings) {
    PageBuilder second = table(page(2), 50, 60, "Port", "Days");
    List<Table> tables = ReadTables.tables(first, table(second, 50, 400, headings));
    assertThat(tables).hasSize(3);
    return tables.stream().map(t -> sign(t, "parted from a table by others")).toList();
  }

  @Test
  void tablesWithTheSameHeadingsMayBePartsThoughAnotherStandsBetween() {
    assertThat(parted(table(page(1), 50, 600, "Vessel", "Trips"), "Vessel", "Trips"))
        .containsExactly(1.0, 0.0, 1.0);
    assertThat(parted(table(page(1), 50, 600, "Vessel", "Trips"), "Vessel", "Weight"))
        .as("other headings")
        .containsExactly(0.0, 0.0, 0.0);
    PageBuilder ended = table(page(1), 50, 500, "Vessel", "Trips");
    ended.text("The season was short, and two vessels stayed in port until May,", 50, 640);
    ended.text("so that fewer dues came in than in the year before, as was feared.", 50, 652);
    assertThat(parted(ended, "Vessel", "Trips")).as("behind text").containsExactly(0.0, 0.0, 0.0);
  }
}
