package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.Regions;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import java.util.List;
import org.junit.jupiter.api.Test;

class LabelsOnceTest {

  /** Seven rows of two groups, the label in the first of each; 5 points are a letter. */
  private static List<ChunkLine> rows(double begin, double secondLabelled, String... sums) {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 7; r++) {
      double y = 100 + 12 * r;
      if (r == 0 || r == 4) {
        page.text(r == 0 ? "Quay A" : "Quay BC", 50, y);
      }
      page.text("gravel", r == 4 ? secondLabelled : begin, y).text("4" + r, 220, y);
    }
    for (int s = 0; s < sums.length; s++) {
      page.text(sums[s], 50, 184 + 12 * s).text("8" + s, 220, 184 + 12 * s);
    }
    return Regions.zones(page).get(0).lines();
  }

  @Test
  void labelsPrintedOnceForSeveralRowsAreAColumn() {
    assertThat(LabelsOnce.gutter(List.of(), rows(90, 90))).contains(new Interval(85, 90));
  }

  @Test
  void sumsMayReachOverIt() {
    assertThat(LabelsOnce.gutter(List.of(), rows(90, 90, "Total Quay A", "Total of both")))
        .isPresent();
    String[] four = {"Total Quay A", "Total Quay B", "Total Quay C", "Total Quay D"};
    assertThat(LabelsOnce.gutter(List.of(), rows(90, 90, four))).as("too many of them").isEmpty();
  }

  @Test
  void theTextBehindALabelBeginsWhereTheOthersDo() {
    assertThat(LabelsOnce.gutter(List.of(), rows(90, 91.1))).isPresent();
    assertThat(LabelsOnce.gutter(List.of(), rows(90, 91.3))).as("one label is left").isEmpty();
  }

  @Test
  void aSpaceAtLeastPartsBoth() {
    assertThat(LabelsOnce.gutter(List.of(), rows(87.3, 87.3))).isPresent();
    assertThat(LabelsOnce.gutter(List.of(), rows(87.1, 87.1))).isEmpty();
  }

  @Test
  void anIndentIsNoColumn() {
    PageBuilder page = new PageBuilder();
    page.text("Fixed assets", 50, 100).text("80", 220, 100);
    page.text("Stocks", 50, 148).text("90", 220, 148);
    for (int r = 1; r < 4; r++) {
      page.text("gravel", 60, 100 + 12 * r).text("4" + r, 220, 100 + 12 * r);
      page.text("sand", 60, 148 + 12 * r).text("3" + r, 220, 148 + 12 * r);
    }
    assertThat(LabelsOnce.gutter(List.of(), Regions.zones(page).get(0).lines())).isEmpty();
  }

  /** Four rows of one group, and headings over labels and texts; 5 points are a letter. */
  private static boolean isFound(double secondHeading) {
    PageBuilder page = new PageBuilder();
    page.text("Port", 50, 88).text("Goods", secondHeading, 88).text("Tonnes", 205, 88);
    for (int r = 0; r < 4; r++) {
      page.text("gravel", 90, 100 + 12 * r).text("4" + r, 220, 100 + 12 * r);
    }
    page.text("Quay A", 50, 100);
    List<ChunkLine> lines = Regions.zones(page).get(0).lines();
    return LabelsOnce.gutter(lines.subList(0, 1), lines.subList(1, 5)).isPresent();
  }

  @Test
  void oneLabelSufficesWhereTwoHeadingsStandOverTheColumns() {
    assertThat(isFound(90)).isTrue();
    assertThat(isFound(92)).as("the heading begins elsewhere").isFalse();
  }
}
