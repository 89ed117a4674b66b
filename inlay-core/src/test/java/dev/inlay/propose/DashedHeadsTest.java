package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.Regions;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Listings whose headings stand over groups of dashes; 5 points are a character. */
class DashedHeadsTest {

  private final List<Ruling> rulings = new ArrayList<>();

  private void dashes(double from, int characters) {
    rulings.add(new Ruling(true, 107, new Interval(from, from + 5 * characters)));
  }

  private List<Interval> gutters(boolean proportional, int crossing) {
    PageBuilder page = proportional ? new PageBuilder().proportional() : new PageBuilder();
    page.text("No. Code    Item", 50, 100);
    for (int r = 0; r < 5; r++) {
      String row = "  " + r + " 0039-" + r + (r < crossing ? "-long" : "  ") + " Tinned fish";
      page.text(row, 50, 114 + 12 * r);
    }
    List<ChunkLine> lines = Regions.zones(page).get(0).lines();
    return DashedHeads.gutters(rulings, lines.subList(0, 1), lines.subList(1, lines.size()));
  }

  @Test
  void groupsSayHowWideColumnsAre() {
    dashes(50, 3);
    dashes(70, 7);
    dashes(110, 12);
    assertThat(gutters(false, 0)).containsExactly(new Interval(65, 70), new Interval(105, 110));
  }

  @Test
  void aTextInFiveMayCrossAGap() {
    dashes(50, 3);
    dashes(70, 7);
    dashes(110, 12);
    assertThat(gutters(false, 1)).hasSize(2);
    assertThat(gutters(false, 2)).isEmpty();
  }

  @Test
  void otherRulesSayNothing() {
    dashes(50, 3);
    dashes(70, 19);
    assertThat(gutters(false, 0)).as("two groups").isEmpty();
    rulings.clear();
    dashes(50, 3);
    dashes(70, 7);
    dashes(125, 9);
    assertThat(gutters(false, 0)).as("too far apart").isEmpty();
    rulings.clear();
    dashes(50, 3);
    dashes(70, 2);
    dashes(85, 4);
    assertThat(gutters(false, 0)).as("over some columns").isEmpty();
  }

  @Test
  void onlyListingsPrintThem() {
    dashes(50, 3);
    dashes(70, 7);
    dashes(110, 12);
    assertThat(gutters(true, 0)).isEmpty();
  }

  @Test
  void aColumnOfSingleCharactersShowsItselfBeforeTheGroups() {
    dashes(70, 7);
    dashes(110, 7);
    dashes(150, 4);
    assertThat(gutters(false, 0)).startsWith(new Interval(65, 70)).hasSize(3);
  }
}
