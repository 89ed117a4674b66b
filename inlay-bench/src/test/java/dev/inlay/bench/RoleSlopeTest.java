package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.inlay.evidence.LineRole;
import dev.inlay.score.LineSigns;
import dev.inlay.score.RoleModel;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The slope of each weight is what the loss changes by when the weight is moved a little. */
class RoleSlopeTest {

  private static final int UNITS = 3;
  private static final double MOVE = 1e-5;

  private final Random random = new Random(3);
  private final double[] kept = {1, 0, 1.5};

  private double[][] signs(int lines, int count) {
    double[][] signs = new double[lines][count];
    for (double[] line : signs) {
      Arrays.setAll(line, s -> random.nextInt(3) == 0 ? random.nextDouble() : 0);
    }
    return signs;
  }

  private RoleSlope.Example example() {
    double[][] ofLines = signs(4, LineSigns.lineNames().size());
    double[][] ofSteps = signs(4, LineSigns.stepNames().size());
    int[] roles = {
      LineRole.OUTSIDE.ordinal(),
      LineRole.HEADER.ordinal(),
      LineRole.RECORD.ordinal(),
      LineRole.GOES_ON.ordinal()
    };
    return new RoleSlope.Example(ofLines, ofSteps, RoleModel.inputs(ofLines, ofSteps), roles);
  }

  @Test
  void isWhatTheLossChangesBy() {
    RoleModel model = new RoleModel(UNITS);
    List<double[]> weights = RoleSlope.weightsOf(model);
    weights.forEach(w -> Arrays.setAll(w, f -> 0.3 * random.nextGaussian()));
    RoleSlope.Example example = example();
    RoleSlope slope = new RoleSlope(model);
    assertThat(slope.add(example, kept)).isPositive();
    int steep = 0;
    for (int k = 0; k < weights.size(); k++) {
      double[] own = weights.get(k);
      int f = random.nextInt(own.length);
      double before = own[f];
      own[f] = before + MOVE;
      double above = new RoleSlope(model).add(example, kept);
      own[f] = before - MOVE;
      double below = new RoleSlope(model).add(example, kept);
      own[f] = before;
      double expected = (above - below) / (2 * MOVE);
      assertThat(slope.slopes().get(k)[f])
          .as("weight %d of %d", f, k)
          .isCloseTo(expected, within(1e-4));
      steep += Math.abs(expected) > 1e-3 ? 1 : 0;
    }
    assertThat(steep).isGreaterThan(50);
  }

  @Test
  void aUnitThatIsLeftOutLearnsNothing() {
    RoleModel model = new RoleModel(UNITS);
    RoleSlope.weightsOf(model).forEach(w -> Arrays.setAll(w, f -> 0.3 * random.nextGaussian()));
    RoleSlope slope = new RoleSlope(model);
    slope.add(example(), kept);
    double[] biases = slope.slopes().get(slope.slopes().size() - 1 - LineRole.values().length);
    assertThat(biases[1]).isZero();
    assertThat(Math.abs(biases[0]) + Math.abs(biases[2])).isPositive();
  }
}
