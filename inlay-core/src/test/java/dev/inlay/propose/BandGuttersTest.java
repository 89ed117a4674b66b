package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.PageLines;
import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class BandGuttersTest {

  private static final Interval EXTENT = new Interval(50, 500);

  private final List<RowBand> bands = new ArrayList<>();

  private void band(PageBuilder page) {
    double from = 100.0 * bands.size();
    List<ChunkLine> lines = ChunkLine.of(PageLines.of(page.build()));
    bands.add(new RowBand(new Interval(from, from + 100), lines));
  }

  private List<Interval> gutters() {
    return BandGutters.find(bands, EXTENT, List.of());
  }

  /** Texts in three columns; the second keeps a narrow distance from the third. */
  private void rows(int count, double third) {
    for (int r = 0; r < count; r++) {
      band(
          new PageBuilder()
              .proportional()
              .text("Skua" + "abcdefgh".charAt(r % 8), 60, 20)
              .text("rope of hemp", 150, 20)
              .text("Q" + r, third, 20));
    }
  }

  @Test
  void whiteThatNoRowCrossesIsAGutter() {
    rows(3, 300);
    List<Interval> gutters = gutters();
    assertThat(gutters).hasSize(2);
    assertThat(gutters.get(0).to()).isEqualTo(150);
    assertThat(gutters.get(1).to()).isEqualTo(300);
  }

  @Test
  void aNarrowOneNeedsEightLines() {
    rows(8, 216);
    assertThat(gutters()).hasSize(2);
    bands.remove(7);
    assertThat(gutters()).hasSize(1);
  }

  @Test
  void spacesBetweenTheSameWordsAreNone() {
    for (int r = 0; r < 9; r++) {
      band(new PageBuilder().text("Skua", 60, 20).text("Usual value: " + r, 200, 20));
    }
    assertThat(gutters()).containsExactly(new Interval(80, 200));
  }

  @Test
  void aFewRowsMayHoldATextOverSeveralColumns() {
    rows(8, 300);
    band(new PageBuilder().text("All vessels of the outer harbour in spring", 60, 20));
    assertThat(gutters()).hasSize(2);
  }

  @Test
  void drawnRulingsCountWhateverCrossesThem() {
    rows(3, 300);
    assertThat(BandGutters.find(bands, EXTENT, List.of(160.0)))
        .contains(new Interval(160, 160))
        .hasSize(3);
  }
}
