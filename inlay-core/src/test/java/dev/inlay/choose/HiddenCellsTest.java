package dev.inlay.choose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.FrameFinder;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.propose.GridBuilder;
import org.junit.jupiter.api.Test;

/** Boxes that hold several cells: texts far apart in one line. A letter is 5 points wide. */
class HiddenCellsTest {

  private static boolean areIn(PageBuilder page) {
    PageEvidence evidence = PageEvidence.of(page.build());
    return HiddenCells.in(
        GridBuilder.build(
            FrameFinder.find(1, evidence.rulings(), evidence.measure()).get(0), evidence));
  }

  /** Two boxes beside each other in rows of one line, two of them with white in their text. */
  private static PageBuilder rows(int rows, double white) {
    PageBuilder page = new PageBuilder().lattice(50, 100, 200, 18, rows, 2);
    for (int r = 0; r < rows; r++) {
      double y = 112 + 18 * r;
      page.text("Quay", 53, y).text("4.10", 253, y);
      if (r < 2) {
        page.text("North", 73 + white, y);
      }
    }
    return page;
  }

  @Test
  void textsFarApartAreSeveralCells() {
    assertThat(areIn(rows(4, 11.5))).as("more than 1.1 times the type of 10 points").isTrue();
    assertThat(areIn(rows(4, 10.5))).isFalse();
  }

  @Test
  void aFewOfManyCellsMayHoldATabulator() {
    assertThat(areIn(rows(16, 30))).as("2 of 32 cells: 6.3 of 100").isTrue();
    assertThat(areIn(rows(17, 30))).as("2 of 34 cells: 5.9 of 100").isFalse();
  }

  /** Two boxes with a wide white in their first line, and two lines below it. */
  private static PageBuilder paragraphs(String second, String third) {
    PageBuilder page = new PageBuilder().lattice(50, 100, 200, 45, 2, 1);
    for (int r = 0; r < 2; r++) {
      double y = 112 + 45 * r;
      page.text("Quay", 53, y).text("North", 93, y);
      page.text(second, 53, y + 12).text(third, 53, y + 24);
    }
    return page;
  }

  @Test
  void whiteThatMostOtherLinesCoverIsAStretchedSpace() {
    String over = "harbour-north";
    String short1 = "pier";
    assertThat(areIn(paragraphs(over, over))).isFalse();
    assertThat(areIn(paragraphs(over, short1))).as("half of them").isTrue();
  }
}
