package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.LineComposer;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Labels and values in two columns; the values begin at 120. */
class LabelledValuesTest {

  private static final List<Interval> GUTTERS = List.of(new Interval(100, 115));

  /**
   * Whether the last of some lines is a record.
   *
   * @param kept how many of the others begin at the edge of the column
   * @param others how many do not
   */
  private static boolean isRecord(String label, String value, double at, int kept, int others) {
    PageBuilder page = new PageBuilder();
    for (int i = 0; i < kept + others; i++) {
      double left = i < kept ? 120 : 140 + 3 * i;
      page.text("Quay " + i, 50, 100 + 14 * i).text("1".repeat(1 + i % 4), left, 100 + 14 * i);
    }
    double y = 100 + 14 * (kept + others);
    page.text(label, 50, y).text(value, at, y);
    List<ColumnedLine> lines =
        ChunkLine.of(LineComposer.compose(page.build().glyphs())).stream()
            .map(l -> ColumnedLine.of(l, GUTTERS))
            .toList();
    return new LabelledValues(lines).are(lines.get(lines.size() - 1));
  }

  @Test
  void aLabelBesideAValueThatKeepsToItsColumnIsARecord() {
    assertThat(isRecord("Depth", "47.8 m", 120, 4, 0)).isTrue();
    assertThat(isRecord("Depth", "47.8 m", 120.9, 4, 0)).isTrue();
    assertThat(isRecord("Depth", "47.8 m", 121.1, 4, 0)).as("beside the edge").isFalse();
  }

  @Test
  void halfOfTheColumnShowsItsEdge() {
    assertThat(isRecord("Depth", "47.8 m", 120, 3, 3)).isTrue();
    assertThat(isRecord("Depth", "47.8 m", 120, 3, 4)).isFalse();
    assertThat(isRecord("Depth", "47.8 m", 120, 1, 0)).as("one text shows none").isFalse();
  }

  @Test
  void wordsAndNumbersAloneAreNoLabelWithItsValue() {
    assertThat(isRecord("Depth", "metres", 120, 4, 0)).isFalse();
    assertThat(isRecord("12", "47.8 m", 120, 4, 0)).isFalse();
  }
}
