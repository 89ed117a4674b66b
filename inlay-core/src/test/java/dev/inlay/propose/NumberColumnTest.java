package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.LineComposer;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class NumberColumnTest {

  /** Rows of a number, a name right behind it, and a value; "No." and "Name" above. */
  private static Optional<Interval> gutter(double heading, double names, int... numbers) {
    PageBuilder page = new PageBuilder().text("No.", 50, 86).text("Name", heading, 86);
    for (int r = 0; r < numbers.length; r++) {
      double y = 100 + 14 * r;
      page.text(numbers[r] + ".", 55, y).text("Skua " + r, r == 1 ? names : 70, y);
      page.text("4" + r, 200, y);
    }
    List<ChunkLine> lines = ChunkLine.of(LineComposer.compose(page.build().glyphs()));
    List<Interval> behind = List.of(new Interval(100, 200));
    return NumberColumn.gutter(lines.subList(0, 1), lines.subList(1, lines.size()), behind);
  }

  @Test
  void runningNumbersAreAColumnHoweverNearTheNamesStand() {
    assertThat(gutter(70, 70, 5, 6, 7, 8)).contains(new Interval(65, 70));
  }

  @Test
  void threeThatDoNotBeginWithOneMayBeChance() {
    assertThat(gutter(70, 70, 7, 8, 9)).isEmpty();
    assertThat(gutter(70, 70, 1, 2)).as("all rows from one on").isPresent();
    assertThat(gutter(70, 70, 1)).isEmpty();
  }

  @Test
  void numbersThatDoNotCountNameSomethingElse() {
    assertThat(gutter(70, 70, 7, 8, 9, 11)).isEmpty();
  }

  @Test
  void theNamesBeginAtOnePlaceAndSoDoesTheirHeading() {
    assertThat(gutter(70, 71.1, 1, 2, 3, 4)).isPresent();
    assertThat(gutter(70, 71.3, 1, 2, 3, 4)).isEmpty();
    assertThat(gutter(72, 70, 1, 2, 3, 4)).isEmpty();
  }

  @Test
  void textsThatCountAreKnownAsSuch() {
    assertThat(NumberColumn.counts(List.of("7", "8", "9", "10"))).isTrue();
    assertThat(NumberColumn.counts(List.of("7", "8", "9"))).isFalse();
    assertThat(NumberColumn.counts(List.of("1.", "2."))).isTrue();
    assertThat(NumberColumn.counts(List.of("1", "2", "4", "5"))).isFalse();
    assertThat(NumberColumn.counts(List.of())).isFalse();
  }
}
