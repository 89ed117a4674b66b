package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.LineComposer;
import java.util.List;
import org.junit.jupiter.api.Test;

class EmptyColumnsTest {

  private static final List<Interval> GUTTERS =
      List.of(new Interval(80, 100), new Interval(125, 180));

  /** Rows of a berth and two values; a heading over each and one more further right. */
  private static List<Interval> gutters(double lastValue, String... headings) {
    double[] places = {50, 100, 180, 230};
    PageBuilder page = new PageBuilder();
    for (int c = 0; c < headings.length; c++) {
      if (!headings[c].isEmpty()) {
        page.text(headings[c], places[places.length - headings.length + c], 86);
      }
    }
    for (int r = 0; r < 3; r++) {
      double y = 100 + 14 * r;
      page.text("Pier " + r, 50, y).text("1.5" + r, 105, y).text("2.0", lastValue, y);
    }
    List<ChunkLine> lines = ChunkLine.of(LineComposer.compose(page.build().glyphs()));
    return EmptyColumns.addLast(lines.subList(0, 1), lines.subList(1, lines.size()), GUTTERS);
  }

  @Test
  void aHeadingBeyondAllTextsStandsOverAnEmptyColumn() {
    assertThat(gutters(190, "Berth", "Depth", "Light", "Note"))
        .containsExactly(GUTTERS.get(0), GUTTERS.get(1), new Interval(205, 230));
  }

  @Test
  void theFirstColumnMayLackItsHeading() {
    assertThat(gutters(190, "", "Depth", "Light", "Note")).hasSize(3);
    assertThat(gutters(190, "Light", "Note")).as("two lack theirs").isEqualTo(GUTTERS);
  }

  @Test
  void theLastTextsEndWithTheHeadingBeforeIt() {
    assertThat(gutters(187.1, "Berth", "Depth", "Light", "Note")).hasSize(3);
    assertThat(gutters(186.9, "Berth", "Depth", "Light", "Note")).isEqualTo(GUTTERS);
    assertThat(gutters(217, "Berth", "Depth", "Light", "Note")).isEqualTo(GUTTERS);
  }

  @Test
  void asManyHeadingsAsColumnsLeaveNoneOver() {
    assertThat(gutters(240, "Berth", "Depth", "", "Light")).isEqualTo(GUTTERS);
  }
}
