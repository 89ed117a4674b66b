package dev.inlay.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.inlay.PageBuilder;
import dev.inlay.Regions;
import dev.inlay.model.Decision;
import dev.inlay.model.Reason;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Why the lines of a small table with bold headings are read as they are. */
class RoleDecisionsTest {

  private static List<Decision> decisions() {
    PageBuilder page = new PageBuilder().bold();
    page.text("Ground", 50, 100).text("Gear", 150, 100).text("Catch", 250, 100).plain();
    for (int r = 0; r < 4; r++) {
      page.text("Ground " + r, 50, 114 + 14 * r).text("trawl", 150, 114 + 14 * r);
      page.text("11" + r + ".4", 250, 114 + 14 * r);
    }
    Zone zone = Regions.zones(page).get(0);
    return RoleDecisions.of(1, zone);
  }

  @Test
  void eachLineHasItsRoleAndTheOneThatComesNext() {
    List<Decision> decisions = decisions();
    assertThat(decisions).hasSize(5);
    Decision header = decisions.get(0);
    assertThat(header.subject()).isEqualTo("Ground | Gear | Catch");
    assertThat(header.chosen()).isEqualTo("header");
    assertThat(header.runnerUp()).isNotEqualTo("header").isNotEmpty();
    assertThat(header.margin()).isGreaterThan(0.5);
    assertThat(decisions.get(1).chosen()).isEqualTo("row");
  }

  @Test
  void whatSpeaksForAHeaderIsSaid() {
    List<Reason> reasons = decisions().get(0).reasons();
    assertThat(reasons)
        .anyMatch(r -> r.name().startsWith("before 'row'") && r.weight() > 0)
        .anyMatch(r -> r.name().equals("words over quantities") && r.weight() > 0);
    List<Double> weights = reasons.stream().map(r -> Math.abs(r.weight())).toList();
    assertThat(weights).isSortedAccordingTo((a, b) -> Double.compare(b, a));
  }

  /** Between the best reading of all lines and the one with another role, all else the same. */
  @Test
  void theReasonsAddUpToTheDifferenceOfTheScores() {
    Decision row = decisions().get(2);
    double sum = row.reasons().stream().mapToDouble(Reason::weight).sum();
    double odds = Math.log(row.probability() / row.runnerUpProbability());
    assertThat(sum).isPositive().isCloseTo(odds, within(0.5 * odds));
  }
}
