package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.score.Choice;
import dev.inlay.score.SignScore;
import org.junit.jupiter.api.Test;

/** A thing is so where one of two signs is there, but not where both are. */
class ChoiceTrainingTest {

  private static ChoiceTraining training() {
    ChoiceTraining training = new ChoiceTraining();
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
    ChoiceTraining training = training();
    assertThat(training.right(new Choice(training.train(3, 8, 1e-3)))).isEqualTo(100);
  }

  @Test
  void withoutUnitsItCannotBeLearned() {
    ChoiceTraining training = training();
    assertThat(training.right(new Choice(training.train(3, 0, 1e-3)))).isLessThanOrEqualTo(75);
  }

  @Test
  void theSameExamplesGiveTheSameWeights() {
    SignScore one = training().train(3, 3, 1e-2);
    SignScore other = training().train(3, 3, 1e-2);
    for (int p = 0; p < one.parameters().size(); p++) {
      assertThat(one.parameters().get(p)).containsExactly(other.parameters().get(p));
    }
  }
}
