package dev.inlay.choose;

import static dev.inlay.ReadTables.texts;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.document.Stitcher;
import dev.inlay.model.Table;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is read apart on a page. */
class PagePartsTest {

  /** Rulings between the rows of the left table end before the right one, which has none. */
  @Test
  void aRowBesideARowOfABoxIsNotOneWithIt() {
    PageBuilder page = new PageBuilder(1).bold().text("Berth", 54, 112).text("Depth", 160, 112);
    page.plain().horizontal(100, 50, 220).vertical(50, 100, 196).vertical(220, 100, 196);
    for (int r = 0; r < 5; r++) {
      page.horizontal(116 + 16 * r, 50, 220);
      page.text("Quay " + (char) ('A' + r), 54, 128 + 16 * r).text(r + ".5", 175, 128 + 16 * r);
    }
    page.horizontal(196, 50, 220);
    page.bold().text("Vessel", 300, 106).text("Days", 430, 106).text("Crew", 480, 106).plain();
    for (int r = 0; r < 12; r++) {
      double y = 122 + 14 * r; // the sixth row shares the baseline of the last of the left
      page.text("Tern " + (char) ('A' + r), 300, y)
          .text("1" + r, 435, y)
          .text("" + (r + 2), 485, y);
    }
    Stitcher stitcher = new Stitcher();
    PageTables tables = PageTables.of(page.build());
    assertThat(tables.ledger().balances()).isTrue();
    stitcher.add(tables);
    List<Table> read = stitcher.finish();
    assertThat(read).hasSize(2);
    assertThat(read)
        .anySatisfy(t -> assertThat(texts(t)).hasSize(6).endsWith(List.of("Quay E", "4.5")))
        .anySatisfy(t -> assertThat(texts(t)).hasSize(13).contains(List.of("Tern F", "15", "7")));
  }
}
