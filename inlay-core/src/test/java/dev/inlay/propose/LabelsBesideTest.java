package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.Regions;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Labels in a first column, each beside the middle of two rows. */
class LabelsBesideTest {

  private static final double MOST = 0.75;

  /** Six rows, 12 points apart, with labels between the first two, the next two and the last. */
  private static List<ChunkLine> rows(double rowsFrom, String sum, String... labels) {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 6; r++) {
      double y = 100 + 12 * r;
      page.text("dose " + r, rowsFrom, y).text("4" + r, 220, y).text("1" + r, 260, y);
    }
    for (int i = 0; i < labels.length; i++) {
      page.text(labels[i], 60, 106 + 24 * i);
    }
    if (!sum.isEmpty()) {
      page.text(sum, 60, 172).text("255", 215, 172).text("75", 260, 172);
    }
    return Regions.zones(page).get(0).lines();
  }

  @Test
  void labelsBetweenRowsAreAColumn() {
    assertThat(LabelsBeside.gutter(rows(120, "", "Alder", "Birch"), MOST))
        .contains(new Interval(85, 120));
  }

  @Test
  void aSumOverBothColumnsMayCross() {
    assertThat(LabelsBeside.gutter(rows(120, "All of the trees", "Alder", "Birch"), MOST))
        .contains(new Interval(85, 120));
    assertThat(LabelsBeside.gutter(rows(120, "All wood", "Alder", "Birch"), MOST))
        .contains(new Interval(100, 120));
  }

  @Test
  void oneLabelSaysLittle() {
    assertThat(LabelsBeside.gutter(rows(120, "", "Alder"), MOST)).isEmpty();
  }

  @Test
  void linesFurtherFromTheirNeighboursAreRowsOfTheirOwn() {
    assertThat(LabelsBeside.gutter(rows(120, "", "Alder", "Birch"), 0.59)).isEmpty();
    assertThat(LabelsBeside.gutter(rows(120, "", "Alder", "Birch"), 0.61)).isPresent();
  }

  @Test
  void labelsThatReachTheRowsArePartOfThem() {
    assertThat(LabelsBeside.gutter(rows(89, "", "Alder", "Birch"), MOST)).isEmpty();
    assertThat(LabelsBeside.gutter(rows(91, "", "Alder", "Birch"), MOST)).isPresent();
  }
}
