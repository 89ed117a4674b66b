package dev.inlay.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.geom.Box;
import java.awt.geom.Point2D;
import org.junit.jupiter.api.Test;

/** Paths of rectangles in each other. */
class OutlinesTest {

  private static final boolean EVEN_ODD = true;
  private static final boolean NON_ZERO = false;

  private final Outlines outlines = new Outlines();

  private void box(double left, double top, double right, double bottom, boolean clockwise) {
    outlines.begin(new Point2D.Double(left, top));
    outlines.add(clockwise ? new Point2D.Double(right, top) : new Point2D.Double(left, bottom));
    outlines.add(new Point2D.Double(right, bottom));
    outlines.add(clockwise ? new Point2D.Double(left, bottom) : new Point2D.Double(right, top));
  }

  @Test
  void aBoxInABoxIsAHoleByTheEvenOddRule() {
    box(0, 0, 100, 50, true);
    box(1, 1, 99, 49, true);
    assertThat(outlines.strips(EVEN_ODD))
        .containsExactly(
            new Box(0, 0, 1, 50),
            new Box(99, 0, 100, 50),
            new Box(0, 0, 100, 1),
            new Box(0, 49, 100, 50));
  }

  @Test
  void byTheOtherRuleAHoleRunsTheOtherWayRound() {
    box(0, 0, 100, 50, true);
    box(1, 1, 99, 49, true);
    assertThat(outlines.strips(NON_ZERO)).isEmpty();
    outlines.clear();
    box(0, 0, 100, 50, true);
    box(1, 1, 99, 49, false);
    assertThat(outlines.strips(NON_ZERO)).hasSize(4);
  }

  @Test
  void betweenTwoHolesAStripIsPainted() {
    box(0, 0, 100, 50, true);
    box(1, 1, 49, 49, false);
    box(51, 1, 99, 49, false);
    assertThat(outlines.strips(NON_ZERO)).hasSize(5).contains(new Box(49, 0, 51, 50));
  }

  @Test
  void boxesBesideEachOtherHaveNoHoles() {
    box(0, 0, 40, 50, true);
    box(60, 0, 100, 50, false);
    assertThat(outlines.strips(EVEN_ODD)).isEmpty();
  }

  @Test
  void whatIsPaintedInAHoleIsNoHole() {
    box(0, 0, 100, 50, true);
    box(10, 10, 90, 40, true);
    box(20, 20, 80, 30, true);
    assertThat(outlines.strips(EVEN_ODD)).hasSize(4).doesNotContain(new Box(10, 10, 20, 40));
  }

  @Test
  void aDrawingOfThousandsOfOutlinesIsLetBe() {
    box(0, 0, 100, 50, true);
    box(1, 1, 99, 49, true);
    for (int i = 2; i < 2_000; i++) {
      box(200 + 2 * i, 0, 201 + 2 * i, 1, true);
    }
    assertThat(outlines.strips(EVEN_ODD)).hasSize(4);
    box(10, 60, 20, 70, true);
    assertThat(outlines.strips(EVEN_ODD)).isEmpty();
  }
}
