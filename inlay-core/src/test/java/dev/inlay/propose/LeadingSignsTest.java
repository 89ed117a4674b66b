package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.Regions;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Gutters beside currency signs; figures end at 150 and at 230 points. */
class LeadingSignsTest {

  private static final Interval BEHIND_SIGN = new Interval(165, 205);

  private static List<ChunkLine> records(String first, double x) {
    PageBuilder page = new PageBuilder().text(first, x, 100).text("4,310", 125, 100);
    page.text("$", 160, 100).text("2,697", 205, 100);
    page.text("Wages", 40, 114).text("512", 135, 114).text("88", 220, 114);
    return Regions.zones(page).get(0).lines();
  }

  @Test
  void aSignAtTheLeftEdgeOfItsCellStaysWithTheFigureBehindIt() {
    assertThat(LeadingSigns.before(records("$", 80), List.of(BEHIND_SIGN)))
        .containsExactly(new Interval(150, 160));
  }

  @Test
  void aSignRightBehindAFigureIsThatFigures() {
    PageBuilder page = new PageBuilder().text("4,310", 125, 100).text("$", 153, 100);
    page.text("2,697", 205, 100).text("$", 233, 100);
    List<ChunkLine> lines = Regions.zones(page).get(0).lines();
    assertThat(LeadingSigns.before(lines, List.of(BEHIND_SIGN))).containsExactly(BEHIND_SIGN);
  }
}
