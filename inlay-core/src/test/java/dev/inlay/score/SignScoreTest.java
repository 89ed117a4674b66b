package dev.inlay.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class SignScoreTest {

  private static final double[] BOTH = {1, 1};
  private static final double[] FIRST = {1, 0};

  /** Each sign weighs 1; the one unit speaks where both are there, and then takes 3 times 0.5. */
  private static SignScore score() {
    SignScore score = new SignScore(2, 1);
    List<double[]> weights = score.parameters();
    Arrays.fill(weights.get(0), 1);
    Arrays.fill(weights.get(1), 1);
    weights.get(2)[0] = -1.5;
    weights.get(3)[0] = -3;
    return score;
  }

  @Test
  void aUnitSpeaksWhereItsSumIsAboveNothing() {
    assertThat(score().of(FIRST)).isEqualTo(1);
    assertThat(score().of(BOTH)).isEqualTo(2 - 3 * 0.5);
  }

  @Test
  void sharesOfSignsMakeUpTheScoreButForWhatUnitsBeginWith() {
    assertThat(score().shares(FIRST)).containsExactly(1, 0);
    assertThat(score().shares(BOTH)).containsExactly(-2, -2);
    assertThat(Arrays.stream(score().shares(BOTH)).sum() + -3 * -1.5).isEqualTo(score().of(BOTH));
  }

  @Test
  void theMeanOfScoresIsTheMeanOfWhatTheySay() {
    SignScore plain = new SignScore(2, 1);
    plain.parameters().get(0)[0] = 5;
    SignScore mean = SignScore.mean(List.of(score(), plain));
    assertThat(mean.units()).isEqualTo(2);
    for (double[] signs : List.of(FIRST, BOTH)) {
      double due = (score().of(signs) + plain.of(signs)) / 2;
      assertThat(mean.of(signs)).isCloseTo(due, within(1e-9));
    }
  }

  @Test
  void asTextEachSignHasALineWithItsOwnWeightAndThatInEachUnit() {
    assertThat(score().text(List.of("bold", "last line")))
        .isEqualTo(
            """
            units: begin with\t-1.500
            units: times\t-3.000
            bold\t1.000\t1.000
            last line\t1.000\t1.000
            """);
  }

  @Test
  void chancesAddUpToOneAndTheBestIsTheFirstOfEqualOnes() {
    Choice choice = new Choice(score());
    double[] chances = choice.probabilities(new double[][] {BOTH, FIRST, FIRST});
    assertThat(Arrays.stream(chances).sum()).isCloseTo(1, within(1e-9));
    assertThat(chances[1] / chances[0]).isCloseTo(Math.exp(0.5), within(1e-9));
    assertThat(Choice.best(chances)).isEqualTo(1);
  }

  @Test
  void reasonsForOneCandidateAreTheSharesInWhichItDiffersFromTheOther() {
    assertThat(new Choice(score()).reasons(BOTH, FIRST)).containsExactly(-3, -2);
  }
}
