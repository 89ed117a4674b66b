package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.Frame;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.LineComposer;
import dev.inlay.page.TextLine;
import java.util.List;
import org.junit.jupiter.api.Test;

class GivenGuttersTest {

  private static final Frame FRAME = new Frame(1, new Box(40, 80, 200, 140), List.of(), List.of());

  private static List<Interval> known(Double... gutters) {
    PageBuilder page = new PageBuilder();
    page.text("Skua", 50, 100).text("12", 150, 100).text("Tern", 50, 114).text("8", 155, 114);
    List<TextLine> lines = LineComposer.compose(page.build().glyphs());
    return GivenGutters.known(FRAME, lines, List.of(gutters)).gutters();
  }

  @Test
  void aGutterIsTheWhiteAroundItsPlace() {
    assertThat(known(100.0)).containsExactly(new Interval(70, 150));
  }

  @Test
  void besideAnEmptyColumnGuttersStayWhereTheyWere() {
    assertThat(known(90.0, 120.0)).containsExactly(new Interval(90, 90), new Interval(120, 120));
  }

  @Test
  void gutterPlacesOutsideTheFramePartNothing() {
    assertThat(known(30.0, 100.0, 240.0)).containsExactly(new Interval(70, 150));
    assertThat(known(40.0, 200.0)).isEmpty();
  }
}
