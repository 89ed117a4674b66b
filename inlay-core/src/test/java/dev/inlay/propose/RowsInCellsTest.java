package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.Frame;
import dev.inlay.evidence.FrameFinder;
import dev.inlay.evidence.PageEvidence;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A box of two cells with lines of words in them. */
class RowsInCellsTest {

  /** Lines at some heights in each cell. */
  private static boolean rows(double[] left, double[] right) {
    PageBuilder builder = new PageBuilder().lattice(50, 100, 200, 120, 1, 2);
    for (double y : left) {
      builder.text("slip and paint", 60, y);
    }
    for (double y : right) {
      builder.text("shared", 260, y);
    }
    PageEvidence evidence = PageEvidence.of(builder.build());
    List<Frame> frames = FrameFinder.find(1, evidence.rulings(), evidence.measure());
    Grid grid = GridBuilder.build(frames.get(0), evidence);
    return RowsInCells.areIn(grid.rows().get(0));
  }

  private static double[] steps(double... steps) {
    double[] heights = new double[steps.length];
    double y = 112;
    for (int i = 0; i < steps.length; i++) {
      y += steps[i];
      heights[i] = y;
    }
    return heights;
  }

  @Test
  void fourLinesBesideEachOtherInAllCellsAreRows() {
    assertThat(rows(steps(0, 12, 12, 12), steps(0, 12, 12, 12))).isTrue();
    assertThat(rows(steps(0, 12, 12), steps(0, 12, 12))).as("three may be a list").isFalse();
  }

  @Test
  void linesThatKeepTheDistanceOfWrappedRowsAreRows() {
    double[] wrapped = steps(0, 12, 12, 12, 12, 12, 12);
    assertThat(rows(wrapped, steps(0, 24, 24, 24))).isTrue();
    assertThat(rows(wrapped, steps(0, 12, 12, 12))).as("a text that wraps").isFalse();
  }

  @Test
  void linesBetweenThoseBesideThemAreNoRows() {
    assertThat(rows(steps(0, 12, 12, 12, 12, 12, 12), steps(6, 24, 24, 24))).isFalse();
  }

  @Test
  void aTextAloneIsNoRow() {
    assertThat(rows(steps(0, 12, 12, 12), steps())).isFalse();
  }

  @Test
  void labelsBesideTheFirstLinesOfParagraphsAreRows() {
    double[] texts = steps(0, 16, 16, 16, 14, 16);
    assertThat(rows(steps(0, 16, 16, 16, 30), texts)).isTrue();
    assertThat(rows(steps(0, 16, 16, 16, 14), texts)).as("a label beside a closer line").isFalse();
    double[] even = steps(0, 15, 15, 15, 14, 15);
    assertThat(rows(steps(0, 15, 15, 15, 29), even)).as("hardly closer").isFalse();
  }
}
