package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.Regions;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class UnheadedLabelsTest {

  private static final List<Interval> GUTTERS = List.of(new Interval(150, 200));

  /** Four rows, one of them with a note, below a heading; 5 points are a letter. */
  private static Optional<Interval> gutter(double heading, String longest, double note) {
    PageBuilder page = new PageBuilder();
    page.text("Note", heading, 100).text("2024", 200, 100);
    String[] labels = {"Quays", longest, "Sheds", "Boats"};
    for (int r = 0; r < labels.length; r++) {
      double y = 112 + 12 * r;
      page.text(labels[r], 50, y).text("4" + r + ".50", 200, y);
      if (r == 2 && note > 0) {
        page.text("7", note, y);
      }
    }
    List<ChunkLine> lines = Regions.zones(page).get(0).lines();
    return UnheadedLabels.gutter(lines.subList(0, 1), lines.subList(1, 5), GUTTERS);
  }

  @Test
  void aHeadingBehindAllLabelsAndOverANoteIsAColumn() {
    assertThat(gutter(120, "Cranes", 128)).contains(new Interval(80, 120));
    assertThat(gutter(120, "Cranes", 0)).as("nothing below it").isEmpty();
    assertThat(gutter(60, "Cranes", 128)).as("it heads the labels").isEmpty();
  }

  @Test
  void theHeadingStandsNoSpaceBehindTheLongestLabel() {
    // the type is 10 points high: 8 points at least
    assertThat(gutter(118.1, "Deep canals 12", 125)).isEmpty();
    assertThat(gutter(118.1, "Deep canals", 125)).isPresent();
    assertThat(gutter(112.9, "Deep canals", 120)).as("7.9 points").isEmpty();
    assertThat(gutter(113.1, "Deep canals", 120)).as("8.1 points").isPresent();
  }

  @Test
  void theNoteStandsBelowTheHeading() {
    assertThat(gutter(120, "Cranes", 139.9)).isPresent();
    assertThat(gutter(110, "Cranes", 130.1)).as("it stands out by more than 5 points").isEmpty();
  }
}
