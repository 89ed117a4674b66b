package dev.inlay.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.choose.PageTables;
import dev.inlay.document.Stitcher;
import dev.inlay.model.Table;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Tables side by side, and pages printed in columns here and there. */
class PageColumnsTest {

  private static List<Table> tables(PageBuilder page) {
    Stitcher stitcher = new Stitcher();
    stitcher.add(PageTables.of(page.build()));
    return stitcher.finish();
  }

  private static void small(PageBuilder page, double x, double y, double step, int rows) {
    page.text("Gear" + (int) x, x, y).text("km", x + 60, y).text("h", x + 110, y);
    for (int r = 1; r <= rows; r++) {
      page.text("no " + r, x, y + r * step).text(r * 3 + ".5", x + 60, y + r * step);
      page.text(r * 7 + ".25", x + 110, y + r * step);
    }
  }

  @Test
  void tablesWithLinesOfTheirOwnBesideEachOtherAreTwo() {
    PageBuilder page = new PageBuilder().text("A heading over all of the page, from left", 50, 60);
    small(page, 50, 100, 14, 6);
    small(page, 350, 106, 17, 5);
    List<Table> tables =
        tables(page.text("and a closing line over all of it, to the right", 50, 300));
    assertThat(tables).hasSize(2);
    assertThat(tables).allMatch(t -> t.columns().size() == 3);
    assertThat(tables).extracting(t -> t.bodyRows().size()).containsExactlyInAnyOrder(6, 5);
  }

  /** A table beside text of which some lines are a little longer; its sum stands below the text. */
  private static PageBuilder besideText(double stepToSum) {
    PageBuilder page = new PageBuilder().text("A heading over all of the page, from left", 50, 60);
    for (int i = 0; i < 11; i++) {
      String end = i < 3 || i > 8 ? "and a" : "and";
      page.text("words run on in the text at left " + end, 50, 94 + 12 * i);
    }
    small(page, 255, 96, 20, 6);
    double sum = 216 + stepToSum;
    page.text("Total", 255, sum).text("63.5", 315, sum).text("31.25", 365, sum);
    return page.text("and a closing line over all of it, to the right side of it", 50, 320);
  }

  /** How many lines are read together with the first row of the table. */
  private static int linesOfTable(PageBuilder page) {
    List<TextLine> lines = LineComposer.compose(page.build().glyphs());
    return PageColumns.part(lines, List.of()).stream()
        .filter(part -> part.stream().anyMatch(l -> l.text().startsWith("no 1")))
        .findFirst()
        .orElseThrow()
        .size();
  }

  @Test
  void aTableBesideTextEndsWhereItsOwnLinesEnd() {
    assertThat(linesOfTable(besideText(20))).isEqualTo(8);
    assertThat(linesOfTable(besideText(27))).as("too far below").isEqualTo(7);
  }

  @Test
  void tablesOfDifferentLengthOnCommonLinesAreTwo() {
    PageBuilder page = new PageBuilder();
    small(page, 50, 100, 14, 6);
    small(page, 350, 100, 14, 3);
    List<Table> tables = tables(page);
    assertThat(tables).hasSize(2);
    assertThat(tables).extracting(t -> t.bodyRows().size()).containsExactlyInAnyOrder(6, 3);
  }

  @Test
  void aListInRepeatsUnderOneHeadingStaysOneTable() {
    PageBuilder page = new PageBuilder();
    for (int c = 0; c < 2; c++) {
      page.text("Code", 50 + c * 300, 100).text("Price", 130 + c * 300, 100);
      for (int r = 1; r <= 6 - c * 2; r++) {
        page.text("10" + c + r, 50 + c * 300, 100 + r * 14);
        page.text(r + ".25", 130 + c * 300, 100 + r * 14);
      }
    }
    List<Table> tables = tables(page);
    assertThat(tables).hasSize(1);
    assertThat(tables.get(0).columns()).hasSize(4);
  }

  @Test
  void linesOfTwoColumnsAreReadOneColumnAfterTheOther() {
    PageBuilder builder = new PageBuilder();
    for (int i = 0; i < 8; i++) {
      builder.text("left side words run on line " + i, 50, 100 + i * 12);
      builder.text("right side words go line no " + i, 320, 106 + i * 12);
    }
    Page page = builder.build();
    List<String> lines = PageLines.of(page).stream().map(TextLine::text).toList();
    assertThat(lines).hasSize(16);
    assertThat(lines.get(7)).startsWith("left").endsWith("7");
    assertThat(lines.get(8)).startsWith("right").endsWith("0");
  }
}
