package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.Regions;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import java.util.List;
import org.junit.jupiter.api.Test;

/** One label beside all rows of a table. */
class LoneLabelTest {

  private static List<ChunkLine> rows(String label, double from, int count) {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < count; r++) {
      page.text("Quay " + r, 120, 100 + 14 * r).text("4" + r, 220, 100 + 14 * r);
    }
    page.text(label, from, 100 + 14 * (count / 2));
    return Regions.zones(page).get(0).lines();
  }

  @Test
  void aWordLeftOfAllRowsIsAColumn() {
    assertThat(LoneLabel.gutter(rows("Actual", 60, 3))).contains(new Interval(90, 120));
  }

  @Test
  void twoRowsShowNoPlaceWhereRowsBegin() {
    assertThat(LoneLabel.gutter(rows("Actual", 60, 2))).isEmpty();
  }

  @Test
  void aMarkOrANumberIsNoLabel() {
    assertThat(LoneLabel.gutter(rows("*", 60, 4))).isEmpty();
    assertThat(LoneLabel.gutter(rows("12", 60, 4))).isEmpty();
  }

  @Test
  void aLabelThatReachesTheRowsIsPartOfThem() {
    assertThat(LoneLabel.gutter(rows("Actual", 86, 4))).isEmpty();
    assertThat(LoneLabel.gutter(rows("Actual", 82, 4))).isPresent();
  }
}
