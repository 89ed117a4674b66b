package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.LineComposer;
import dev.inlay.page.TextLine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Texts over columns of figures that end at 150, 210 and 270 points. */
class SpanningTextsTest {

  private static final List<Interval> GUTTERS =
      List.of(new Interval(100, 120), new Interval(150, 180), new Interval(210, 240));

  private static final List<Interval> COLUMNS =
      List.of(
          new Interval(50, 110),
          new Interval(110, 165),
          new Interval(165, 225),
          new Interval(225, 280));

  private static List<SpanningTexts.Spanning> spanning(String text, double x, String figure) {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 3; r++) {
      double y = 100 + 14 * r;
      page.text("Quay " + r, 50, y).text("40" + r, 135, y).text("50" + r, 195, y);
      page.text(figure, 270 - 5 * figure.length(), y);
    }
    page.text("Pier", 50, 142).text(text, x, 142);
    List<ColumnedLine> lines = new ArrayList<>();
    List<TextLine> sorted =
        LineComposer.compose(page.build().glyphs()).stream()
            .sorted(Comparator.comparingDouble(TextLine::baseline))
            .toList();
    ChunkLine.of(sorted).forEach(l -> lines.add(ColumnedLine.of(l, GUTTERS)));
    return new SpanningTexts(lines, GUTTERS, COLUMNS).in(lines.get(3));
  }

  @Test
  void aTextInTheMiddleOfThreeColumnsSpansThem() {
    List<SpanningTexts.Spanning> found = spanning("not recorded here", 152.5, "600");
    assertThat(found).hasSize(1);
    assertThat(found.get(0).first()).isEqualTo(1);
    assertThat(found.get(0).last()).isEqualTo(3);
  }

  @Test
  void oneSetElsewhereSpansNone() {
    assertThat(spanning("not recorded here", 146, "600")).isEmpty();
  }

  @Test
  void columnsOfWordsAreNotSpanned() {
    assertThat(spanning("not recorded here", 152.5, "grey")).isEmpty();
  }
}
