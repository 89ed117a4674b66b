package dev.inlay.find;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.page.LineComposer;
import dev.inlay.page.TextLine;
import java.util.List;
import org.junit.jupiter.api.Test;

class FurnitureFinderTest {

  private static List<TextLine> lines(int page, String own) {
    return LineComposer.compose(
        new PageBuilder(page)
            .text("Harbour Board", 50, 40)
            .text(own, 50, 60)
            .text("Page " + page, 280, 780)
            .build()
            .glyphs());
  }

  @Test
  void whatRepeatsAtOneHeightIsFurnitureWhateverItsFigures() {
    FurnitureFinder finder = new FurnitureFinder();
    finder.add(1, lines(1, "Landings"));
    finder.add(2, lines(2, "Vessels"));
    assertThat(lines(2, "Vessels"))
        .extracting(finder::isFurniture)
        .containsExactly(true, false, true);
  }

  @Test
  void onOnePageNothingRepeats() {
    FurnitureFinder finder = new FurnitureFinder();
    finder.add(1, lines(1, "Landings"));
    assertThat(lines(1, "Landings")).noneMatch(finder::isFurniture);
  }
}
