package dev.inlay.bench;

import dev.inlay.score.Choice;
import dev.inlay.score.SignScore;
import java.util.ArrayList;
import java.util.List;

/** Trains the score of a {@link Choice} on choices of which it is known what is right. */
final class ChoiceTraining {

  /**
   * One such choice.
   *
   * @param signs of each candidate; at least one
   * @param right the place of the right one
   */
  record Example(double[][] signs, int right) implements ScoreTraining.Example {

    @Override
    public double[] errors(double[] scores) {
      double[] errors = Choice.shares(scores);
      errors[right]--;
      return errors;
    }
  }

  private final List<Example> examples = new ArrayList<>();

  void add(double[][] signs, int right) {
    examples.add(new Example(signs, right));
  }

  List<Example> examples() {
    return examples;
  }

  /**
   * The trained score.
   *
   * @param signs how many there are
   * @param units how many each of the scores has
   * @param pull what share of a weight a step takes from it, times the rate
   */
  SignScore train(int signs, int units, double pull) {
    return new ScoreTraining(examples).train(signs, units, pull);
  }

  /** How many examples a model chooses right. */
  int right(Choice model) {
    int right = 0;
    for (Example example : examples) {
      right += Choice.best(model.probabilities(example.signs())) == example.right() ? 1 : 0;
    }
    return right;
  }
}
