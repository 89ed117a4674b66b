package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.LineComposer;
import dev.inlay.propose.ColumnedLine.Part;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Phrases over a gutter between two columns, and values near to the labels before them. */
class PhraseJoinerTest {

  private static final List<Interval> GUTTERS = List.of(new Interval(99, 103));

  private static List<String> parts(PageBuilder page, int line) {
    List<ColumnedLine> lines =
        ChunkLine.of(LineComposer.compose(page.build().glyphs())).stream()
            .map(l -> ColumnedLine.of(l, GUTTERS))
            .toList();
    return PhraseJoiner.join(lines).get(line).parts().stream().map(Part::text).toList();
  }

  /** Eight districts and their places. */
  private static PageBuilder places(double left) {
    PageBuilder page = new PageBuilder();
    for (int i = 0; i < 8; i++) {
      page.text("Eichhof", 50, 100 + 14 * i).text("Stenburg " + i, left, 100 + 14 * i);
    }
    return page;
  }

  @Test
  void labelsOfSumsThatBeginAlikeShowNoEdgeByEachOther() {
    PageBuilder page = places(115);
    for (int i = 0; i < 5; i++) {
      page.text("Together", 59, 212 + 14 * i).text("Oyle " + i, 102.5, 212 + 14 * i);
    }
    assertThat(parts(page, 8)).containsExactly("Together Oyle 0");
    assertThat(parts(page, 0)).containsExactly("Eichhof", "Stenburg 0");
  }

  @Test
  void whatKeepsToTheColumnIsATextOfIt() {
    PageBuilder page = places(103).text("Together", 59, 212).text("Oyle", 103, 212);
    assertThat(parts(page, 8)).containsExactly("Together", "Oyle");
  }

  private static List<String> withValue(String label, double x, String value, double at) {
    PageBuilder page = new PageBuilder();
    for (int i = 0; i < 4; i++) {
      page.text("Depth " + i, 50, 100 + 14 * i).text("1" + i + ".5 m", 120, 100 + 14 * i);
    }
    return parts(page.text(label, x, 156).text(value, at, 156), 4);
  }

  @Test
  void aValueThatKeepsToItsColumnIsPartedFromTheLongestLabel() {
    assertThat(withValue("Temperature there", 30, "47.8 °C", 120))
        .as("five points of white")
        .containsExactly("Temperature there", "47.8 °C");
    assertThat(withValue("Temperature in it", 32, "47.8 °C", 120))
        .as("three points are a space")
        .containsExactly("Temperature in it 47.8 °C");
    assertThat(withValue("Temperature there", 33, "47.8 °C", 123))
        .as("neither edge is that of the column")
        .containsExactly("Temperature there 47.8 °C");
  }

  @Test
  void theLabelOfASumStandsBeforeTheColumnOfItsWideFigure() {
    PageBuilder page = new PageBuilder();
    for (int i = 0; i < 4; i++) {
      page.text("Rope " + i, 50, 100 + 14 * i).text("3" + i + ".50", 175, 100 + 14 * i);
    }
    page.text("Total", 125, 156).text("9,040.50 kr", 155, 156);
    List<ColumnedLine> lines =
        ChunkLine.of(LineComposer.compose(page.build().glyphs())).stream()
            .map(l -> ColumnedLine.of(l, GUTTERS))
            .toList();
    assertThat(PhraseJoiner.join(lines).get(4).parts()).hasSize(1);
    PageBuilder even = new PageBuilder();
    for (int i = 0; i < 4; i++) {
      even.text("Rope " + i, 50, 100 + 14 * i).text("3" + i + ".50", 175, 100 + 14 * i);
    }
    even.text("Total", 125, 156).text("9,040.50", 160, 156);
    assertThat(parts(even, 4)).containsExactly("Total", "9,040.50");
  }
}
