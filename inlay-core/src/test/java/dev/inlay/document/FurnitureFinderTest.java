package dev.inlay.document;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.geom.Box;
import java.util.List;
import org.junit.jupiter.api.Test;

class FurnitureFinderTest {

  private static List<EdgeLine> lines(int page, String own, Box... frames) {
    return EdgeLine.of(
        new PageBuilder(page)
            .text("Harbour Board", 50, 40)
            .text(own, 50, 60)
            .text("Turn over", 50, 765)
            .text("Page " + page, 280, 780)
            .build(),
        List.of(frames));
  }

  private static List<String> furniture(FurnitureFinder finder, int page) {
    return finder.take(page).stream().map(l -> l.line().text()).toList();
  }

  @Test
  void whatRepeatsAtOneHeightIsFurnitureWhateverItsFigures() {
    FurnitureFinder finder = new FurnitureFinder();
    finder.add(1, lines(1, "Landings"));
    finder.add(2, lines(2, "Vessels"));
    assertThat(furniture(finder, 2)).containsExactly("Harbour Board", "Page 2", "Turn over");
  }

  @Test
  void pagesAreCountedInTheDigitsOfAnyScript() {
    FurnitureFinder finder = new FurnitureFinder();
    finder.add(1, lines(1, "\u0661 \uD835\uDFD9"));
    finder.add(2, lines(2, "\u0662 \uD835\uDFDA"));
    assertThat(furniture(finder, 2)).contains("\u0662 \uD835\uDFDA");
  }

  @Test
  void onOnePageNothingRepeats() {
    FurnitureFinder finder = new FurnitureFinder();
    finder.add(1, lines(1, "Landings"));
    assertThat(furniture(finder, 1)).isEmpty();
  }

  @Test
  void whatOtherPagesHaveOutsideTablesIsNoHeadingOfOne() {
    FurnitureFinder finder = new FurnitureFinder();
    Box withHead = new Box(0, 30, 600, 400);
    finder.add(1, lines(1, "Species", new Box(0, 55, 600, 400)));
    finder.add(2, lines(2, "Species", withHead));
    assertThat(furniture(finder, 2)).contains("Harbour Board");
  }

  @Test
  void headingsInsideTheFrameOnEveryPageStay() {
    FurnitureFinder finder = new FurnitureFinder();
    Box frame = new Box(0, 50, 600, 400);
    finder.add(1, lines(1, "Species", frame));
    finder.add(2, lines(2, "Species", frame));
    assertThat(furniture(finder, 1)).doesNotContain("Species");
  }

  @Test
  void aPageOnWhichNoTableWasFoundSaysNothing() {
    FurnitureFinder finder = new FurnitureFinder();
    finder.add(1, lines(1, "Species"));
    finder.add(2, lines(2, "Species", new Box(0, 30, 600, 400)));
    assertThat(furniture(finder, 2)).doesNotContain("Harbour Board");
  }

  @Test
  void pageNumbersAndPhrasesAfterTheLastRowAreNoRowsOfATable() {
    FurnitureFinder finder = new FurnitureFinder();
    Box frame = new Box(0, 100, 600, 790);
    for (int page = 1; page <= 3; page++) {
      finder.add(page, lines(page, "Row " + page, frame));
    }
    assertThat(furniture(finder, 2)).contains("Page 2", "Turn over");
  }

  @Test
  void aRowOfFiguresAtTheSameHeightIsNone() {
    FurnitureFinder rows = new FurnitureFinder();
    rows.add(1, lines(1, "272 61 USD 33"));
    rows.add(2, lines(2, "251 48 USD 14"));
    assertThat(furniture(rows, 2)).doesNotContain("251 48 USD 14");
    FurnitureFinder dated = new FurnitureFinder();
    dated.add(1, lines(1, "Rows 1 to 50, week 14"));
    dated.add(2, lines(2, "Rows 51 to 99, week 14"));
    assertThat(furniture(dated, 2)).contains("Rows 51 to 99, week 14");
  }
}
