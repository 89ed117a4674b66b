package dev.inlay.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.inlay.evidence.LineRole;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The best roles and their probabilities are held against all sequences of three lines. */
class RoleScoresTest {

  private static final int ROLES = LineRole.values().length;

  private static RoleScores random(long seed) {
    Random random = new Random(seed);
    double[][] line = new double[3][ROLES];
    double[][][] step = new double[3][ROLES][ROLES];
    for (int i = 0; i < 3; i++) {
      for (int r = 0; r < ROLES; r++) {
        line[i][r] = random.nextGaussian();
        for (int b = 0; b < ROLES && i > 0; b++) {
          step[i][b][r] = random.nextGaussian();
        }
      }
    }
    return new RoleScores(line, step);
  }

  private static double sum(RoleScores scores, int a, int b, int c) {
    return scores.ofLine()[0][a]
        + scores.ofLine()[1][b]
        + scores.ofLine()[2][c]
        + scores.ofStep()[1][a][b]
        + scores.ofStep()[2][b][c];
  }

  @ParameterizedTest
  @MethodSource("dev.inlay.Seeds#some")
  void theBestSequenceHasTheGreatestSum(long seed) {
    RoleScores scores = random(seed);
    List<LineRole> best = scores.best(1).get(0);
    double found = sum(scores, best.get(0).ordinal(), best.get(1).ordinal(), best.get(2).ordinal());
    for (int a = 0; a < ROLES; a++) {
      for (int b = 0; b < ROLES; b++) {
        for (int c = 0; c < ROLES; c++) {
          assertThat(found).isGreaterThanOrEqualTo(sum(scores, a, b, c));
        }
      }
    }
  }

  @ParameterizedTest
  @MethodSource("dev.inlay.Seeds#some")
  void theBestSequencesComeInTheOrderOfTheirSums(long seed) {
    RoleScores scores = random(seed);
    List<Double> sums = new ArrayList<>();
    for (int a = 0; a < ROLES; a++) {
      for (int b = 0; b < ROLES; b++) {
        for (int c = 0; c < ROLES; c++) {
          sums.add(sum(scores, a, b, c));
        }
      }
    }
    sums.sort(Comparator.reverseOrder());
    List<List<LineRole>> best = scores.best(9);
    assertThat(best).hasSize(9).doesNotHaveDuplicates();
    for (int i = 0; i < best.size(); i++) {
      int[] roles = best.get(i).stream().mapToInt(LineRole::ordinal).toArray();
      assertThat(sum(scores, roles[0], roles[1], roles[2])).isCloseTo(sums.get(i), within(1e-9));
    }
    assertThat(scores.best(1000)).hasSize(sums.size());
  }

  @ParameterizedTest
  @MethodSource("dev.inlay.Seeds#some")
  void theProbabilityOfARoleIsItsShareOfAllSequences(long seed) {
    RoleScores scores = random(seed);
    double all = 0;
    double withGroupInTheMiddle = 0;
    for (int a = 0; a < ROLES; a++) {
      for (int b = 0; b < ROLES; b++) {
        for (int c = 0; c < ROLES; c++) {
          double weight = Math.exp(sum(scores, a, b, c));
          all += weight;
          withGroupInTheMiddle += b == LineRole.GROUP.ordinal() ? weight : 0;
        }
      }
    }
    double[][] probabilities = scores.probabilities();
    assertThat(probabilities[1][LineRole.GROUP.ordinal()])
        .isCloseTo(withGroupInTheMiddle / all, within(1e-9));
    for (double[] line : probabilities) {
      double sum = 0;
      for (double p : line) {
        sum += p;
      }
      assertThat(sum).isCloseTo(1, within(1e-9));
    }
  }

  @Test
  void sumsOfGreatLogarithmsDoNotOverflow() {
    assertThat(RoleScores.logSum(new double[] {1000, 1000}))
        .isCloseTo(1000 + Math.log(2), within(1e-9));
  }
}
