package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.LineComposer;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Labels of sums below a column of prices, which end at 200. */
class SumLabelsTest {

  private static final List<Interval> GUTTERS =
      List.of(new Interval(90, 150), new Interval(201, 240));

  private static boolean isOverColumns(String label, double x, String... prices) {
    PageBuilder page = new PageBuilder();
    for (int i = 0; i < prices.length; i++) {
      page.text("Rope " + i, 50, 100 + 14 * i);
      page.text(prices[i], 200 - 5 * prices[i].length(), 100 + 14 * i);
      page.text("4" + i + ".50", 250, 100 + 14 * i);
    }
    double y = 100 + 14 * prices.length;
    page.text(label, x, y).text("94.50", 250, y);
    List<ColumnedLine> lines =
        ChunkLine.of(LineComposer.compose(page.build().glyphs())).stream()
            .map(l -> ColumnedLine.of(l, GUTTERS))
            .toList();
    return new SumLabels(lines).of(List.of(lines.get(lines.size() - 1))) != null;
  }

  @Test
  void aWordThatBeginsWhereSomeFiguresOfItsColumnBeginByChanceStandsOverColumns() {
    assertThat(isOverColumns("Vero 20", 170, "100.69", "7.92", "170.73", "3.54")).isTrue();
  }

  @Test
  void whereFiguresBeginAtOnePlaceAsTheyEndItIsATextOfTheirColumn() {
    assertThat(isOverColumns("Total", 170, "100.69", "107.92", "170.73", "103.54")).isFalse();
    assertThat(isOverColumns("Total", 175, "100.69", "107.92", "170.73", "103.54")).isTrue();
  }

  @Test
  void twoSignsThatAreWordsAreALabelTwoLettersAreNot() {
    assertThat(isOverColumns("小計", 190, "100.69", "7.92", "170.73")).isTrue();
    assertThat(isOverColumns("na", 190, "100.69", "7.92", "170.73")).isFalse();
  }
}
