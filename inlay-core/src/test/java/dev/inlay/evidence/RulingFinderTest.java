package dev.inlay.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.Ruling.Kind;
import dev.inlay.geom.Interval;
import dev.inlay.page.Fill;
import dev.inlay.page.Page;
import java.util.List;
import org.junit.jupiter.api.Test;

class RulingFinderTest {

  private static final PageMeasure TEN_POINTS = new PageMeasure(10);

  private static List<Ruling> find(PageBuilder page) {
    return RulingFinder.find(page.build(), TEN_POINTS);
  }

  @Test
  void dashesInOneLineAreOneRuling() {
    PageBuilder page = new PageBuilder();
    for (int i = 0; i < 20; i++) {
      page.horizontal(100, 10 + i * 5, 12 + i * 5);
    }
    assertThat(find(page)).containsExactly(new Ruling(true, 100, new Interval(10, 107)));
  }

  @Test
  void aWideGapPartsTwoRulings() {
    PageBuilder page = new PageBuilder().horizontal(100, 10, 100).horizontal(100, 120, 200);
    assertThat(find(page)).hasSize(2);
  }

  @Test
  void aThinBoxIsALineAlongItsMiddle() {
    PageBuilder page = new PageBuilder().fill(10, 99.5, 200, 100.5, 0);
    assertThat(find(page)).containsExactly(new Ruling(true, 100, new Interval(10, 200)));
  }

  @Test
  void aShadedBoxHasFourEdges() {
    PageBuilder page = new PageBuilder().fill(10, 100, 200, 140, 0xDDDDDD);
    assertThat(find(page))
        .containsExactlyInAnyOrder(
            new Ruling(true, 100, new Interval(10, 200), Kind.SHADE_EDGE),
            new Ruling(true, 140, new Interval(10, 200), Kind.SHADE_EDGE),
            new Ruling(false, 10, new Interval(100, 140), Kind.SHADE_EDGE),
            new Ruling(false, 200, new Interval(100, 140), Kind.SHADE_EDGE));
  }

  @Test
  void aLineDrawnAlongMostOfAShadesEdgeIsDrawn() {
    PageBuilder shade = new PageBuilder().fill(10, 100, 200, 140, 0xDDDDDD);
    assertThat(find(shade.horizontal(140, 10, 106)))
        .filteredOn(r -> r.horizontal() && r.at() == 140)
        .containsExactly(new Ruling(true, 140, new Interval(10, 106)));
    PageBuilder other = new PageBuilder().fill(10, 100, 200, 140, 0xDDDDDD);
    assertThat(find(other.horizontal(140, 10, 104)))
        .as("less than half of it is drawn")
        .filteredOn(r -> r.horizontal() && r.at() == 140)
        .hasSize(2);
  }

  @Test
  void whiteOnPaperIsNotSeen() {
    assertThat(find(new PageBuilder().fill(10, 100, 200, 140, Fill.WHITE))).isEmpty();
  }

  @Test
  void dotsAndShortStrokesAreNoRulings() {
    PageBuilder page = new PageBuilder().fill(10, 100, 12, 102, 0).horizontal(50, 10, 14);
    assertThat(find(page)).isEmpty();
  }

  @Test
  void distancesFollowTheTypeOfThePage() {
    Page small = new PageBuilder().text("tiny", 10, 10, 4).build();
    Page large = new PageBuilder().text("huge", 10, 90, 40).build();
    assertThat(PageMeasure.of(large).snap()).isEqualTo(10 * PageMeasure.of(small).snap());
    assertThat(PageMeasure.of(new PageBuilder().build()).snap()).isPositive();
  }

  @Test
  void rulingsThatMeetMakeOneFrame() {
    PageBuilder page = new PageBuilder();
    page.lattice(50, 100, 60, 20, 3, 2).lattice(300, 100, 60, 20, 2, 2).horizontal(400, 50, 500);
    List<Frame> frames = FrameFinder.find(1, find(page), TEN_POINTS);
    assertThat(frames).extracting(f -> f.box().left()).containsExactly(50.0, 300.0);
    assertThat(frames).extracting(f -> f.horizontals().size()).containsExactly(4, 3);
  }
}
