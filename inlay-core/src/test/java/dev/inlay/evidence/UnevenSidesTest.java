package dev.inlay.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.geom.Interval;
import dev.inlay.page.LineComposer;
import dev.inlay.page.TextLine;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Two blocks beside each other. */
class UnevenSidesTest {

  private static List<Integer> sizes(PageBuilder page, Ruling... rulings) {
    return parts(page, rulings).stream().map(List::size).toList();
  }

  private static List<List<TextLine>> parts(PageBuilder page, Ruling... rulings) {
    List<TextLine> lines =
        LineComposer.compose(page.build().glyphs()).stream()
            .sorted(Comparator.comparingDouble(TextLine::baseline))
            .toList();
    return UnevenSides.part(lines, List.of(rulings));
  }

  /** Rows of a label and a figure, some points apart. */
  private static PageBuilder rows(PageBuilder page, double x, double top, double step, int count) {
    for (int r = 0; r < count; r++) {
      page.text("Quay " + r, x, top + step * r).text("4" + r, x + 80, top + step * r);
    }
    return page;
  }

  private static PageBuilder uneven() {
    return rows(rows(new PageBuilder(), 50, 100, 14, 8), 260, 103, 17, 6);
  }

  @Test
  void blocksOnBaselinesOfTheirOwnAreParted() {
    List<List<TextLine>> parts = parts(uneven());
    assertThat(parts).extracting(List::size).containsExactly(8, 6);
    assertThat(parts.get(1).get(0).box().left()).isEqualTo(260);
  }

  @Test
  void rowsThatShareTheirBaselinesAreNot() {
    assertThat(sizes(rows(rows(new PageBuilder(), 50, 100, 14, 8), 260, 100, 14, 8))).hasSize(1);
  }

  @Test
  void twoLinesOfTheirOwnAreTooFew() {
    assertThat(sizes(rows(rows(new PageBuilder(), 50, 100, 14, 8), 260, 103, 22, 2))).hasSize(1);
    assertThat(sizes(rows(rows(new PageBuilder(), 50, 100, 14, 8), 260, 103, 22, 3)))
        .containsExactly(8, 3);
  }

  @Test
  void labelsCentredBesideRowsAreNoTable() {
    PageBuilder page = rows(new PageBuilder(), 160, 100, 14, 8);
    page.text("Harbour", 50, 107).text("Sound", 50, 149).text("River", 50, 191);
    assertThat(sizes(page)).hasSize(1);
  }

  @Test
  void aRulingOverTheWhiteHoldsBothTogether() {
    assertThat(sizes(uneven(), new Ruling(true, 121, new Interval(50, 400)))).hasSize(1);
    assertThat(sizes(uneven(), new Ruling(true, 121, new Interval(50, 150)))).hasSize(2);
  }

  /** Figures end at 140, the block beside begins 6 points further right: less than a gutter. */
  private static PageBuilder close() {
    return rows(rows(new PageBuilder(), 50, 100, 14, 8), 146, 103, 17, 6);
  }

  @Test
  void blocksCloseToEachOtherArePartedWhereTheRulingsOfBothEnd() {
    Ruling[] rulings = {
      new Ruling(true, 106, new Interval(48, 142)),
      new Ruling(true, 204, new Interval(48, 142)),
      new Ruling(true, 109, new Interval(144, 240)),
      new Ruling(true, 196, new Interval(144, 240))
    };
    assertThat(sizes(close())).hasSize(1);
    assertThat(sizes(close(), rulings)).containsExactly(8, 6);
    assertThat(sizes(close(), rulings[0], rulings[2], rulings[3])).as("one on the left").hasSize(1);
    rulings[3] = new Ruling(true, 186, new Interval(48, 240));
    assertThat(sizes(close(), rulings)).as("one over both").hasSize(1);
  }

  /** Lines of running text beside rows of a table on baselines of their own. */
  private static PageBuilder text(double step, double paragraph) {
    PageBuilder page = rows(new PageBuilder(), 300, 103, 17, 6);
    double y = 100;
    for (int l = 0; l < 9; l++) {
      page.text("the quay was mended in the spring", 50, y);
      y += step + (l == 4 ? paragraph : 0);
    }
    return page;
  }

  @Test
  void aTableBesideRunningTextIsParted() {
    assertThat(sizes(text(12, 0))).hasSize(2);
    assertThat(sizes(text(12, 6))).as("paragraphs").hasSize(2);
  }

  @Test
  void sentencesThatBeginAnewWithEachRowAreCells() {
    PageBuilder page = rows(new PageBuilder(), 300, 108, 34, 4);
    for (int r = 0; r < 4; r++) {
      page.text("the quay was mended in the spring", 50, 102 + 34 * r);
      page.text("and painted in the same week again", 50, 114 + 34 * r);
    }
    assertThat(sizes(page)).hasSize(1);
  }
}
