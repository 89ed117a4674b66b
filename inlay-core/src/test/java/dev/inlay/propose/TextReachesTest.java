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

/** Texts over a column of names and three of figures that end at 150, 210 and 270 points. */
class TextReachesTest {

  private static final List<Interval> GUTTERS =
      List.of(new Interval(85, 130), new Interval(150, 190), new Interval(210, 250));

  private static final List<Interval> COLUMNS =
      List.of(
          new Interval(50, 107),
          new Interval(107, 170),
          new Interval(170, 230),
          new Interval(230, 270));

  /** The columns, as "first+width", of the text at the place in a row of its own below others. */
  private static String columnsOf(String text, double x, String... others) {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 8; r++) {
      double y = 100 + 14 * r;
      page.text("Quay " + r, 50, y).text("40" + r, 135, y).text("50" + r, 195, y);
      page.text("60" + r, 255, y);
    }
    double y = 100 + 14 * 8;
    page.text(text, x, y);
    for (int i = 0; i + 1 < others.length; i += 2) {
      page.text(others[i], Double.parseDouble(others[i + 1]), y);
    }
    List<TextLine> sorted =
        LineComposer.compose(page.build().glyphs()).stream()
            .sorted(Comparator.comparingDouble(TextLine::baseline))
            .toList();
    List<ColumnedLine> lines = new ArrayList<>();
    ChunkLine.of(sorted).forEach(l -> lines.add(ColumnedLine.of(l, GUTTERS)));
    List<TextReaches.Chosen> over =
        new TextReaches(lines, COLUMNS).chosen(lines.get(lines.size() - 1));
    return over.isEmpty() ? "" : over.get(0).first() + "+" + over.get(0).width();
  }

  @Test
  void aLabelAgainstTheFigureThatItNamesStandsOverAllColumnsBeforeIt() {
    assertThat(columnsOf("Total", 185, "4860", "250")).isEqualTo("0+3");
  }

  @Test
  void oneThatBeginsAsTheNamesBeginStaysInTheirColumn() {
    assertThat(columnsOf("Total", 50, "4860", "250")).isEmpty();
  }

  @Test
  void aTextInTheMiddleOfThreeColumnsOfFiguresStandsOverThem() {
    assertThat(columnsOf("Pier", 50, "not recorded yet", "162.5")).isEqualTo("1+3");
  }

  @Test
  void aNameAmongFiguresThatFillTheirColumnsStays() {
    assertThat(columnsOf("Pier", 50, "none", "130", "508", "195", "608", "255")).isEmpty();
  }

  @Test
  void aMonthStandsOverNoColumnsBesideItsOwn() {
    assertThat(columnsOf("Dez. 2017", 165, "4860", "250")).isEmpty();
    assertThat(columnsOf("Insgesamt", 165, "4860", "250")).isEqualTo("0+3");
  }
}
