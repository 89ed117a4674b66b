package dev.inlay.choose;

import static dev.inlay.ReadTables.texts;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.ReadTables;
import dev.inlay.model.Table;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A table that breaks off at the foot of a page's column and goes on at the top of the next. */
class NextColumnsTest {

  private static final double LEFT = 40;
  private static final double RIGHT = 320;

  /** Lines of running text, 240 points wide. */
  private static void prose(PageBuilder page, double x, double from, int lines) {
    for (int i = 0; i < lines; i++) {
      page.text("The quay was measured again in spring by two men", x, from + 14 * i);
    }
  }

  /** A boxed table of two columns; the first row may be its header. */
  private static void table(PageBuilder page, double x, double top, String... texts) {
    int rows = texts.length / 2;
    page.lattice(x, top, 110, 18, rows, 2).cells(x, top, 110, 18, 2, texts);
  }

  /** A page of two columns: the table begins below text at the left and goes on at the right. */
  private static PageBuilder twoColumns(String... right) {
    PageBuilder page = new PageBuilder();
    prose(page, LEFT, 60, 20);
    table(page, LEFT, 360, "Quay", "Depth", "North", "4.10", "South", "3.85", "East", "5.20");
    table(page, RIGHT, 50, right);
    prose(page, RIGHT, 160, 20);
    return page;
  }

  private static List<Table> read(PageBuilder page) {
    return ReadTables.tables(page);
  }

  @Test
  void belowItsHeaderPrintedAgainTheTableGoesOn() {
    List<Table> tables = read(twoColumns("Quay", "Depth", "West", "6.00", "Inner", "2.95"));
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0)))
        .containsExactly(
            List.of("Quay", "Depth"),
            List.of("North", "4.10"),
            List.of("South", "3.85"),
            List.of("East", "5.20"),
            List.of("West", "6.00"),
            List.of("Inner", "2.95"));
    assertThat(tables.get(0).frames()).hasSize(2);
  }

  @Test
  void rowsWithoutHeaderGoOn() {
    List<Table> tables = read(twoColumns("West", "6.00", "Inner", "2.95"));
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0))).hasSize(6).endsWith(List.of("Inner", "2.95"));
  }

  @Test
  void ofTwoTablesOfAColumnTheLowerOneGoesOn() {
    PageBuilder page = twoColumns("Quay", "Depth", "West", "6.00", "Inner", "2.95");
    table(page, LEFT, 500, "Quay", "Depth", "Mole", "4.10", "Spit", "3.85", "Arm", "5.20");
    page.text("The second harbour:", LEFT, 480);
    List<Table> tables = read(page);
    assertThat(tables).hasSize(2);
    assertThat(texts(tables.get(1))).hasSize(6).endsWith(List.of("Inner", "2.95"));
  }

  @Test
  void belowAnotherHeaderATableIsItsOwn() {
    assertThat(read(twoColumns("Vessel", "Draught", "Tern", "6.00", "Skua", "2.95"))).hasSize(2);
  }

  @Test
  void belowTextOfItsColumnATableIsItsOwn() {
    PageBuilder page = twoColumns("Quay", "Depth", "West", "6.00", "Inner", "2.95");
    page.text("Depths of the second harbour, at low water:", RIGHT, 46);
    assertThat(read(page)).hasSize(2);
  }

  @Test
  void besideEachOtherAtOneHeightTwoTablesWithOtherColumnsStay() {
    PageBuilder page = new PageBuilder();
    table(page, LEFT, 60, "Quay", "Depth", "North", "4.10", "South", "3.85");
    page.lattice(RIGHT, 60, 90, 18, 3, 2)
        .cells(RIGHT, 60, 90, 18, 2, "Quay", "Depth", "West", "6.00", "Inner", "2.95");
    assertThat(read(page)).hasSize(2);
  }

  @Test
  void acrossTextOverTheWholePageNoTableGoesOn() {
    PageBuilder page = new PageBuilder();
    table(page, RIGHT, 50, "Quay", "Depth", "West", "6.00", "Inner", "2.95");
    for (int i = 0; i < 8; i++) {
      page.text(
          "The harbour board met four times and heard the masters of all vessels that had paid dues"
              + " late.",
          LEFT,
          160 + 14 * i);
    }
    table(page, LEFT, 360, "Quay", "Depth", "North", "4.10", "South", "3.85");
    assertThat(read(page)).hasSize(2);
  }
}
