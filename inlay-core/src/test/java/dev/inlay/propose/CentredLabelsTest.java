package dev.inlay.propose;

import static dev.inlay.ReadTables.tables;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Labels between the rows that they stand for, with nothing drawn between these. */
class CentredLabelsTest {

  private final PageBuilder page =
      new PageBuilder()
          .proportional()
          .horizontal(88, 50, 430)
          .horizontal(104, 50, 430)
          .bold()
          .text("Quay", 50, 100)
          .text("Vessel", 150, 100)
          .text("Crowns", 380, 100)
          .plain();

  private Table withLabelsAt(double first, double second) {
    String[] vessels = {"Skua", "Tern", "Petrel", "Gull", "Heron", "Fulmar"};
    for (int r = 0; r < vessels.length; r++) {
      page.text(vessels[r], 150, 120 + 18 * r).text(r + "1.50", 380, 120 + 18 * r);
    }
    page.text("North", 50, 120 + 18 * first).text("South", 50, 120 + 18 * second);
    page.horizontal(218, 50, 430);
    return tables(page).get(0);
  }

  private static List<TableCell> labels(Table table) {
    return table.bodyRows().stream()
        .flatMap(r -> r.cells().stream())
        .filter(c -> c.column() == 0 && !c.text().isEmpty())
        .toList();
  }

  @Test
  void theyShareOutTheRows() {
    List<TableCell> labels = labels(withLabelsAt(0.5, 3.5));
    assertThat(labels).extracting(TableCell::text).containsExactly("North", "South");
    assertThat(labels).extracting(TableCell::rowSpan).containsExactly(2, 4);
  }

  @Test
  void onTheLinesOfRowsTheyMayBeTheirOwn() {
    assertThat(labels(withLabelsAt(1, 4))).extracting(TableCell::rowSpan).containsOnly(1);
  }
}
