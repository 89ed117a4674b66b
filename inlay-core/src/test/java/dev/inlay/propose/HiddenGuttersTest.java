package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.LineComposer;
import dev.inlay.score.Choice;
import java.util.List;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;

/** Rows of two texts a space apart and a value, under headings; types are 10 points high. */
class HiddenGuttersTest {

  private static final List<Interval> KNOWN = List.of(new Interval(150, 200));

  private static final List<String> GOODS =
      List.of("Rope", "Lamp oil", "Net floats, small", "Tar", "Oars", "Paint, red", "Bait", "Salt");

  /** The strips in rows of a text, one right behind it, and a value. */
  private static List<HiddenGutter> strips(
      int rows, IntFunction<String> before, IntFunction<String> behind, double place) {
    PageBuilder page = new PageBuilder().text("No", 50, 86).text("Item", place, 86);
    page.text("Price", 200, 86);
    for (int r = 0; r < rows; r++) {
      double y = 100 + 14 * r;
      page.text(before.apply(r), 50, y).text(behind.apply(r), place, y).text("4" + r, 200, y);
    }
    List<ChunkLine> lines = ChunkLine.of(LineComposer.compose(page.build().glyphs()));
    return new HiddenGutters(lines.subList(0, 1), lines.subList(1, lines.size()), KNOWN)
        .candidates();
  }

  private static double probability(HiddenGutter strip) {
    return HiddenGutterModel.trained().probabilities(Choice.orNone(strip.signs()))[0];
  }

  @Test
  void codesBeforeNamesAreAColumnHoweverNearTheNamesStand() {
    List<HiddenGutter> strips = strips(8, r -> "0070" + r, GOODS::get, 81);
    assertThat(strips).hasSize(1);
    assertThat(strips.get(0).strip()).isEqualTo(new Interval(75, 81));
    assertThat(probability(strips.get(0))).isGreaterThan(0.8);
    assertThat(strips.get(0).rows().get(2).before()).isEqualTo("00702");
  }

  @Test
  void runningNumbersBeforeNamesAreAColumn() {
    List<HiddenGutter> strips = strips(8, r -> r + 1 + ".", GOODS::get, 66);
    assertThat(strips).hasSize(1);
    assertThat(probability(strips.get(0))).isGreaterThan(0.8);
  }

  @Test
  void theGroupsOfANumberAreOneText() {
    List<HiddenGutter> strips = strips(6, r -> 12 + r + "", r -> 300 + 37 * r + "", 64);
    assertThat(strips).hasSize(1);
    assertThat(probability(strips.get(0))).isLessThan(0.8);
  }

  @Test
  void whatWordsCrossOrPartsFewRowsIsNoStrip() {
    assertThat(strips(8, r -> r < 5 ? "Cod" : "Haddock, cut", r -> "x", 90)).isEmpty();
    assertThat(strips(8, r -> r < 3 ? "Cod cut" : "Haddock", r -> "", 100)).isEmpty();
  }
}
