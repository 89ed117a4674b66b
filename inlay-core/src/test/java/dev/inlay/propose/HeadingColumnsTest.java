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

/** Three columns of 60 points with headings, and a text above the middle one. */
class HeadingColumnsTest {

  private static boolean isOneOfSeries(String... headings) {
    PageBuilder page = new PageBuilder().text("Ships", 140, 100);
    List<Interval> columns = new ArrayList<>();
    for (int c = 0; c < headings.length; c++) {
      page.text(headings[c], 75 + 60 * c, 112);
      columns.add(new Interval(60 + 60 * c, 120 + 60 * c));
    }
    List<ChunkLine> lines =
        ChunkLine.of(
            LineComposer.compose(page.build().glyphs()).stream()
                .sorted(Comparator.comparingDouble(TextLine::baseline))
                .toList());
    HeadingColumns read = new HeadingColumns(columns, columns);
    for (int c = 0; c < headings.length; c++) {
      read.add(new Heading(lines.get(1).words().subList(c, c + 1), c, c), lines.get(1));
    }
    return read.isOneOfSeries(1, lines.get(0));
  }

  @Test
  void yearsThatCountUpOrDownAreASeries() {
    assertThat(isOneOfSeries("2022", "2023", "2024")).isTrue();
    assertThat(isOneOfSeries("2024", "2023", "2022")).isTrue();
  }

  @Test
  void twoThatCountOnAreNone() {
    assertThat(isOneOfSeries("2022", "2023", "2030")).isFalse();
  }

  @Test
  void whatMayNumberColumnsIsNone() {
    assertThat(isOneOfSeries("1", "2", "3")).isFalse();
    assertThat(isOneOfSeries("(1)", "(2)", "(3)")).isFalse();
  }
}
