package dev.inlay.choose;

import static dev.inlay.ReadTables.tables;
import static dev.inlay.ReadTables.texts;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Rows that rulings part, with cells that are centred in their height. */
class RowRuledGridsTest {

  private static final double LEFT = 50;
  private static final double RIGHT = 500;
  private static final double HEIGHT = 44;

  private final PageBuilder page = new PageBuilder().proportional();
  private double y = 100;

  private void ruling() {
    page.horizontal(y, LEFT, RIGHT);
  }

  private void header() {
    ruling();
    page.bold().text("Item", 53, y + 13).text("What is done", 150, y + 13);
    page.text("Crowns", 420, y + 13).plain();
    y += 20;
    ruling();
  }

  /** A row of a work in three lines, its label and value beside the middle of them. */
  private void row(String item, String first, String crowns) {
    page.text(first, 150, y + 12).text("by the yard on the north", 150, y + 23);
    page.text("quay when the tide allows", 150, y + 34);
    page.text(item, 53, y + 17.5).text(crowns, 420, y + 17.5);
    y += HEIGHT;
  }

  private void rows(String... items) {
    for (String item : items) {
      row(item, "Hull of " + item + " painted", item.length() + ".50");
      ruling();
    }
  }

  private static List<String> read(String item) {
    return List.of(
        item,
        "Hull of " + item + " painted by the yard on the north quay when the tide allows",
        item.length() + ".50");
  }

  @Test
  void eachRowIsWhatStandsBetweenTwoRulings() {
    header();
    rows("Skua", "Petrel", "Tern");
    List<Table> tables = tables(page);
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0)))
        .containsExactly(
            List.of("Item", "What is done", "Crowns"), read("Skua"), read("Petrel"), read("Tern"));
    assertThat(tables.get(0).headerRows()).isEqualTo(1);
  }

  @Test
  void headingsAboveTheFirstRulingAndARowBelowTheLastBelongToIt() {
    page.bold().text("Item", 53, y - 6).text("What is done", 150, y - 6);
    page.text("Crowns", 420, y - 6).plain();
    ruling();
    rows("Skua", "Petrel", "Fulmar");
    row("Tern", "Hull of Tern painted", "4.50");
    Table table = tables(page).get(0);
    assertThat(texts(table)).hasSize(5).startsWith(List.of("Item", "What is done", "Crowns"));
    assertThat(texts(table)).endsWith(read("Tern"));
  }

  @Test
  void aPictureBetweenRulingsPartsTwoTables() {
    header();
    rows("Skua", "Petrel", "Tern");
    y += 120;
    header();
    rows("Gull", "Fulmar", "Heron");
    assertThat(tables(page)).hasSize(2);
  }

  @Test
  void aTextAloneInTheFirstColumnHeadsTheRowsBelowIt() {
    header();
    page.text("North quay", 53, y + 13);
    y += 20;
    ruling();
    rows("Skua", "Petrel", "Tern");
    Table table = tables(page).get(0);
    assertThat(table.rows().get(1).kind()).isEqualTo(RowKind.GROUP);
    assertThat(table.rows().get(1).textAt(0)).isEqualTo("North quay");
  }

  @Test
  void shorterRulingsPartTheRowsOfOneLabel() {
    header();
    double top = y;
    for (int r = 0; r < 5; r++) {
      row("", "Hull " + r + " painted", r + "1.50");
      boolean last = r == 4;
      page.horizontal(y, last ? LEFT : 140, RIGHT);
    }
    page.text("Skua", 53, top + 2.5 * HEIGHT);
    rows("Tern");
    Table table = tables(page).get(0);
    assertThat(table.rows()).hasSize(7);
    assertThat(table.rows().get(1).cells().get(0).text()).isEqualTo("Skua");
    assertThat(table.rows().get(1).cells().get(0).rowSpan()).isEqualTo(5);
  }

  @Test
  void aTextMayReachOverADrawnRuling() {
    header();
    double top = y;
    row("Skua-of-the-outer-harbour", "Hull painted", "4.50");
    ruling();
    rows("Petrel", "Tern");
    page.vertical(145, top - 20, y).vertical(410, top - 20, y);
    Table table = tables(page).get(0);
    assertThat(table.rows().get(1).textAt(0)).isEqualTo("Skua-of-the-outer-harbour");
    assertThat(table.rows().get(2).textAt(2)).isEqualTo("6.50");
  }

  @Test
  void linesInStepAreReadByTheirRoles() {
    ruling();
    page.bold().text("Vessel", 53, y + 13).text("Berth", 250, y + 13).plain();
    y += 20;
    ruling();
    for (int group = 0; group < 3; group++) {
      for (int r = 0; r < 3; r++) {
        page.text("Skua " + group + r, 53, y + 12 + 12 * r)
            .text("4" + r + ".50", 250, y + 12 + 12 * r);
      }
      y += HEIGHT;
      ruling();
    }
    assertThat(tables(page).get(0).rows()).hasSize(10);
  }

  @Test
  void ofTwoTablesPrintedOverEachOtherNoTextIsTakenTwice() {
    header();
    rows("Skua", "Petrel", "Tern");
    for (int r = 0; r <= 3; r++) {
      double top = 150 + HEIGHT * r;
      page.horizontal(top, LEFT - 30, RIGHT - 30);
      page.text("second", 25, top + 20).text("printed over the first", 130, top + 15);
      page.text("one by mistake", 130, top + 26).text(r + ".75", 380, top + 20);
    }
    assertThat(PageTables.of(page.build()).ledger().balances()).isTrue();
  }
}
