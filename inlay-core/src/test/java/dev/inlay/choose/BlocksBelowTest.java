package dev.inlay.choose;

import static dev.inlay.ReadTables.texts;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.ReadTables;
import dev.inlay.model.Table;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A boxed table that white parts in blocks, as after every second row. */
class BlocksBelowTest {

  private static final double LEFT = 60;
  private static final double ROW = 18;

  /** Boxes in three columns from a height on. */
  private static void block(PageBuilder page, double top, String... texts) {
    int rows = texts.length / 3;
    page.lattice(LEFT, top, 110, ROW, rows, 3).cells(LEFT, top, 110, ROW, 3, texts);
  }

  /** A headed block of three rows, and one of two rows some points below it. */
  private static PageBuilder blocks(double white, String... second) {
    PageBuilder page = new PageBuilder();
    block(page, 100, "Quay", "Depth", "Ships", "North", "4.10", "31", "South", "3.85", "27");
    block(page, 100 + 3 * ROW + white, second);
    return page;
  }

  private static final String[] ROWS = {"East", "5.20", "12", "West", "6.00", "9"};

  @Test
  void aBlockRightBelowGoesOnWithTheTable() {
    List<Table> tables = ReadTables.tables(blocks(10, ROWS));
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0)))
        .containsExactly(
            List.of("Quay", "Depth", "Ships"),
            List.of("North", "4.10", "31"),
            List.of("South", "3.85", "27"),
            List.of("East", "5.20", "12"),
            List.of("West", "6.00", "9"));
  }

  @Test
  void whiteOfTwoRowsEndsTheTable() {
    assertThat(ReadTables.tables(blocks(1.9 * ROW, ROWS))).hasSize(1);
    assertThat(ReadTables.tables(blocks(2.1 * ROW, ROWS))).hasSize(2);
  }

  @Test
  void headingsOfItsOwnMakeABlockATable() {
    PageBuilder page = blocks(10, "Crew", "Age", "Since", "Jonas Zabel", "41", "2011");
    assertThat(ReadTables.tables(page)).hasSize(2);
  }

  @Test
  void textBetweenBlocksPartsThem() {
    PageBuilder page = blocks(30, ROWS);
    page.text("Measured in spring:", LEFT, 100 + 3 * ROW + 18);
    assertThat(ReadTables.tables(page)).hasSize(2);
  }

  @Test
  void rowsWithoutBoxesGoOnBelowOthersWhereTheirColumnsHoldTheSame() {
    PageTable above = open(100, "Quay", "Depth", "Ships", "North", "4.10", "31", "South", "3", "2");
    PageTable same = open(165, "East", "5.20", "12", "West", "6.00", "9", "Pier", "2.20", "3");
    PageTable other = open(165, "5.20", "East", "12", "6.00", "West", "9", "2.20", "Pier", "3");
    assertThat(BlocksBelow.order(List.of(above, same), List.of(), 10).get(1).goesOn()).isTrue();
    assertThat(BlocksBelow.order(List.of(above, other), List.of(), 10).get(1).goesOn()).isFalse();
  }

  /** Rows of three texts that nothing draws, from a height on. */
  private static PageTable open(double top, String... texts) {
    PageBuilder page = new PageBuilder().cells(LEFT, top, 110, ROW, 3, texts);
    return PageTables.of(page.build()).tables().get(0);
  }

  @Test
  void otherColumnsMakeABlockATable() {
    PageBuilder page = new PageBuilder();
    block(page, 100, "Quay", "Depth", "Ships", "North", "4.10", "31", "South", "3.85", "27");
    double top = 100 + 3 * ROW + 10;
    page.lattice(LEFT, top, 80, ROW, 2, 3).cells(LEFT, top, 80, ROW, 3, ROWS);
    assertThat(ReadTables.tables(page)).hasSize(2);
  }

  /** A headed block, and rows below it that no box surrounds. */
  private static List<Table> rowsBelow(double white, String... texts) {
    PageBuilder page = new PageBuilder();
    block(page, 100, "Quay", "Depth", "Ships", "North", "4.10", "31", "South", "3.85", "27");
    page.cells(LEFT, 100 + 3 * ROW + white, 110, ROW, 3, texts);
    return ReadTables.tables(page);
  }

  @Test
  void rowsWithoutABoxGoOnWithTheBoxedOnesAboveThem() {
    String[] rows = {"East", "5.20", "12", "West", "6.00", "9", "Inner", "2.10", "40"};
    // a text's top stands 4.7 points below that of its row
    assertThat(rowsBelow(1.7 * ROW, rows)).hasSize(1);
    assertThat(texts(rowsBelow(8, rows).get(0))).hasSize(6);
    assertThat(rowsBelow(1.9 * ROW, rows)).as("far below").hasSize(2);
    String[] others = {"41", "Zabel", "March", "38", "Moran", "May", "52", "Tallis", "June"};
    assertThat(rowsBelow(8, others)).as("other texts in the columns").hasSize(2);
  }
}
