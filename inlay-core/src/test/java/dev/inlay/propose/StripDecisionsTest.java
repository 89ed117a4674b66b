package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.Regions;
import dev.inlay.geom.Interval;
import dev.inlay.model.Certainty;
import dev.inlay.model.Decision;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is said of strips hardly wider than a space. */
class StripDecisionsTest {

  private static final List<String> GOODS =
      List.of("Rope", "Lamp oil", "Net floats, small", "Tar", "Oars", "Paint, red", "Bait", "Salt");

  private static PageBuilder codes(String numbers) {
    PageBuilder page = new PageBuilder().bold();
    page.text("No", 50, 86).text("Item", 80, 86).text("Price", 220, 86).plain();
    for (int r = 0; r < GOODS.size(); r++) {
      double y = 100 + 14 * r;
      page.text(numbers + r + " " + GOODS.get(r), 50, y).text("4" + r + ".50", 220, y);
    }
    return page;
  }

  private static List<Decision> decisions(String numbers) {
    OpenFrame region = Regions.of(codes(numbers)).get(0);
    List<HiddenGutter> strips =
        new HiddenGutters(
                region.lines().subList(0, 1),
                region.lines().subList(1, region.lines().size()),
                List.of(new Interval(150, 200)))
            .candidates();
    assertThat(strips).hasSize(1);
    return StripDecisions.of(3, frame(region, strips));
  }

  private static OpenFrame frame(OpenFrame region, List<HiddenGutter> strips) {
    return new OpenFrame(
        region.frame(),
        region.lines(),
        List.of(),
        region.gutters(),
        false,
        Optional.empty(),
        region.roles(),
        Certainty.FULL,
        List.of(),
        strips);
  }

  @Test
  void aStripBehindCodesPartsColumnsAndItsReasonsAreNamed() {
    List<Decision> decisions = decisions("0070");
    assertThat(decisions).hasSize(1);
    Decision strip = decisions.get(0);
    assertThat(strip.question()).isEqualTo(Decision.Question.STRIPS);
    assertThat(strip.subject()).isEqualTo("00700 | Rope 40.50");
    assertThat(strip.chosen()).isEqualTo("parts columns");
    assertThat(strip.probability()).isGreaterThan(0.8);
    assertThat(strip.probability() + strip.runnerUpProbability()).isEqualTo(1);
    assertThat(strip.place().orElseThrow().left()).isEqualTo(75);
    assertThat(strip.reasons()).isNotEmpty();
  }

  @Test
  void wordsThatReadLeftwardsAreShownWithoutABar() {
    double[] signs = new double[HiddenGutterModel.names().size()];
    HiddenGutter.Parted row = new HiddenGutter.Parted("first second", "second");
    HiddenGutter strip = new HiddenGutter(new Interval(75, 80), signs, List.of(row));
    OpenFrame region = Regions.of(codes("0070")).get(0);
    List<Decision> decisions = StripDecisions.of(1, frame(region, List.of(strip)));
    assertThat(decisions).extracting(Decision::subject).containsExactly("first second");
  }

  @Test
  void aStripIsBelievedWhereItIsSurerThanTheLimit() {
    assertThat(RegionGutters.isBelieved(0.8)).isFalse();
    assertThat(RegionGutters.isBelieved(0.801)).isTrue();
  }
}
