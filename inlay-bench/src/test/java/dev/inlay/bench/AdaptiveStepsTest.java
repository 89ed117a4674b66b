package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class AdaptiveStepsTest {

  /** Goes down from (4, -2) to the lowest place of (x - 1)^2 + 50 (y - 3)^2. */
  private static double[] lowest(double pull) {
    double[] weights = {4, -2};
    AdaptiveSteps steps = new AdaptiveSteps(List.of(weights), 800, 0.1, pull);
    for (int i = 0; i < 800; i++) {
      double[] slopes = {2 * (weights[0] - 1), 100 * (weights[1] - 3)};
      steps.take(List.of(slopes), 1);
    }
    return weights;
  }

  @Test
  void comeToTheLowestPlaceWhateverTheMeasureOfAWeight() {
    assertThat(lowest(0)[0]).isCloseTo(1, within(1e-3));
    assertThat(lowest(0)[1]).isCloseTo(3, within(1e-3));
  }

  @Test
  void aPullKeepsWeightsSmaller() {
    assertThat(lowest(0.5)[0]).isBetween(0.3, 0.99);
  }

  @Test
  void theFirstStepIsShortAndTheLastIsNone() {
    double[] weights = {1};
    AdaptiveSteps steps = new AdaptiveSteps(List.of(weights), 10, 1, 0);
    steps.take(List.of(new double[] {5}), 5);
    assertThat(weights[0]).isCloseTo(1 - 0.04, within(1e-6));
    for (int i = 1; i < 9; i++) {
      steps.take(List.of(new double[] {5}), 5);
    }
    double before = weights[0];
    steps.take(List.of(new double[] {5}), 5);
    assertThat(before - weights[0]).isBetween(0.0, 0.06);
  }
}
