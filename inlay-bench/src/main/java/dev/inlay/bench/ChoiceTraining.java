package dev.inlay.bench;

import dev.inlay.score.Choice;
import dev.inlay.score.SignScore;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
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
  private int skipped;

  /**
   * Trains on folders of papers, writes the weights, and says how well they choose.
   *
   * @param args see {@link TrainingPapers}
   */
  static void run(ChoiceTask task, String[] args, PrintStream out) throws IOException {
    TrainingPapers papers = TrainingPapers.of(args);
    ChoiceTraining shown = of(papers.shown(), task);
    ChoiceTraining unseen = of(papers.unseen(), task);
    SignScore score = task.train(shown, out);
    papers.write(task.trainedOn(shown.examples.size()), score, task.names());
    task.report(shown, new Choice(score), out);
    task.report(unseen, new Choice(score), out);
  }

  /** The choices on all pages of the papers in some folders. */
  private static ChoiceTraining of(List<Path> folders, ChoiceTask task) throws IOException {
    ChoiceTraining training = new ChoiceTraining();
    for (Path folder : folders) {
      TruthPages.each(folder, (page, tables, number) -> task.read(page, tables, number, training));
    }
    return training;
  }

  /** Counts a choice of which it is not known what is right. */
  void skip() {
    skipped++;
  }

  int skipped() {
    return skipped;
  }

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

  /** How many of a hundred examples a model chooses right. */
  double percentRight(Choice model) {
    return 100.0 * right(model) / Math.max(1, examples.size());
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
