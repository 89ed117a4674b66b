package dev.inlay.choose;

import static dev.inlay.ReadTables.texts;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.ReadTables;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Sums in boxes of their own right below the rows that they sum up. */
class SumBoxesTest {

  /** Four boxed columns with three rows; the last rule lies at 132. */
  private static PageBuilder account() {
    return new PageBuilder()
        .lattice(50, 60, 100, 18, 4, 4)
        .cells(
            50, 60, 100, 18, 4, "Item", "Pieces", "Each", "Amount", "Rope", "3", "4.50", "13.50",
            "Tar", "2", "8.00", "16.00", "Oakum", "5", "1.20", "6.00");
  }

  /** Two boxes: a label over three columns, and a value. */
  private static void sum(PageBuilder page, double top, String label, String value, double edge) {
    page.horizontal(top, 50, 450).horizontal(top + 18, 50, 450);
    page.vertical(50, top, top + 18).vertical(edge, top, top + 18).vertical(450, top, top + 18);
    page.text(label, 53, top + 12).text(value, edge + 3, top + 12);
  }

  private static List<Table> read(double top, double edge) {
    PageBuilder page = account();
    sum(page, top, "Net", "35.50", edge);
    sum(page, top + 18, "Duty 20 %", "7.10", edge);
    return ReadTables.tables(page);
  }

  @Test
  void theyAreRowsOfTheTable() {
    List<Table> tables = read(137, 350);
    assertThat(tables).hasSize(1);
    Table table = tables.get(0);
    assertThat(texts(table)).hasSize(6).endsWith(List.of("Duty 20 %", "7.10"));
    TableCell label = table.rows().get(4).cells().get(0);
    assertThat(label.columnSpan()).isEqualTo(3);
    assertThat(table.rows().get(4).textAt(3)).isEqualTo("35.50");
  }

  @Test
  void aLineBelowTheyAreATableOfTheirOwn() {
    assertThat(read(139, 350)).hasSize(2);
  }

  @Test
  void withAnEdgeThroughTheTextsOfAColumnTheyAreATableOfTheirOwn() {
    assertThat(read(137, 365)).hasSize(2);
  }

  /** Rows that nothing rules, and boxed sums that reach beyond their texts. */
  private static List<Table> belowOpenRows(double shift) {
    PageBuilder page = new PageBuilder().bold();
    page.text("Item", 60, 72).text("Pieces", 200, 72).text("Amount", 400, 72).plain();
    page.text("Rope", 60, 90).text("3", 225, 90).text("13.50", 405, 90);
    page.text("Tar", 60, 108).text("2", 225, 108).text("16.00", 405, 108);
    sum(page, 116, "Net", "29.50", 402 + shift);
    sum(page, 134, "Duty 20 %", " 5.90", 402 + shift);
    return ReadTables.tables(page);
  }

  @Test
  void belowRowsWithoutRulingsValuesEndWhereThoseOfTheRowsDo() {
    List<Table> tables = belowOpenRows(3);
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0)))
        .endsWith(List.of("Net", "29.50"), List.of("Duty 20 %", "5.90"));
    assertThat(tables.get(0).rows().get(3).cells().get(0).columnSpan()).isEqualTo(2);
    assertThat(belowOpenRows(13)).as("an edge through the amounts").hasSize(2);
  }
}
