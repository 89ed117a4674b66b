package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.score.Choice;
import dev.inlay.score.SignScore;
import org.junit.jupiter.api.Test;

/** A thing is so where one of two signs is there, but not where both are. */
class ChoiceTrainingTest {

  private static ChoiceTraining training(int units, double pull) {
    ChoiceTraining training = new ChoiceTraining(units, pull);
    for (int i = 0; i < 25; i++) {
      for (int k = 0; k < 4; k++) {
        double[] signs = {1, k & 1, k >> 1};
        training.add(Choice.orNone(signs), k == 1 || k == 2 ? 0 : 1);
      }
    }
    return training;
  }

  @Test
  void unitsLearnWhatNoSignSaysAlone() {
    ChoiceTraining training = training(8, 1e-3);
    assertThat(training.right(new Choice(training.train(3)))).isEqualTo(100);
  }

  @Test
  void withoutUnitsItCannotBeLearned() {
    ChoiceTraining training = training(0, 1e-3);
    assertThat(training.right(new Choice(training.train(3)))).isLessThanOrEqualTo(75);
  }

  @Test
  void theSameExamplesGiveTheSameWeights() {
    SignScore one = training(3, 1e-2).train(3);
    SignScore other = training(3, 1e-2).train(3);
    for (int p = 0; p < one.parameters().size(); p++) {
      assertThat(one.parameters().get(p)).containsExactly(other.parameters().get(p));
    }
  }
}
