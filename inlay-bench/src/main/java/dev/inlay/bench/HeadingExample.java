package dev.inlay.bench;

import dev.inlay.propose.Heading;
import dev.inlay.propose.HeadingLine;
import dev.inlay.propose.HeadingLine.Step;
import dev.inlay.score.RoleScores;
import dev.inlay.score.SignScore;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A line of a header whose right headings are known. The steps of its right placing and of all
 * others that are not far less probable are scored; each step's score is too high by how much more
 * probable it is than right (the slope of a conditional random field: Lafferty, McCallum, Pereira,
 * 2001).
 */
final class HeadingExample implements ScoreTraining.Example {

  /** Placings whose odds against the best are lower than this say nothing. */
  private static final double LEAST_ODDS = 1e-4;

  /** Words and columns passed. */
  private record Passed(int word, int column) {}

  private final List<Step> steps;
  private final double[][] signs;
  private final boolean[] right;

  HeadingExample(HeadingLine line, List<Heading> placed, SignScore model) {
    line.best(model);
    Map<List<Integer>, Step> all = new HashMap<>();
    line.steps(model, LEAST_ODDS).forEach(s -> all.put(key(s), s));
    List<List<Integer>> way = new ArrayList<>();
    for (Step step : line.way(placed)) {
      all.put(key(step), step);
      way.add(key(step));
    }
    steps =
        all.values().stream()
            .sorted(
                Comparator.comparingInt(Step::word)
                    .thenComparingInt(Step::column)
                    .thenComparingInt(Step::toWord)
                    .thenComparingInt(Step::toColumn))
            .toList();
    signs = steps.stream().map(Step::signs).toArray(double[][]::new);
    right = new boolean[signs.length];
    for (int s = 0; s < right.length; s++) {
      right[s] = way.contains(key(steps.get(s)));
    }
  }

  private static List<Integer> key(Step step) {
    return List.of(step.word(), step.column(), step.toWord(), step.toColumn());
  }

  @Override
  public double[][] signs() {
    return signs;
  }

  @Override
  public double[] errors(double[] scores) {
    Map<Passed, Double> before = new HashMap<>();
    Map<Passed, Double> behind = new HashMap<>();
    Step last = steps.get(steps.size() - 1);
    before.put(new Passed(0, 0), 0.0);
    behind.put(new Passed(last.toWord(), last.toColumn()), 0.0);
    for (int s = 0; s < scores.length; s++) {
      add(before, to(s), at(before, from(s)) + scores[s]);
    }
    for (int s = scores.length - 1; s >= 0; s--) {
      add(behind, from(s), at(behind, to(s)) + scores[s]);
    }
    double all = behind.get(new Passed(0, 0));
    double[] errors = new double[scores.length];
    Arrays.setAll(
        errors,
        s ->
            Math.exp(at(before, from(s)) + scores[s] + at(behind, to(s)) - all)
                - (right[s] ? 1 : 0));
    return errors;
  }

  private Passed from(int step) {
    return new Passed(steps.get(step).word(), steps.get(step).column());
  }

  private Passed to(int step) {
    return new Passed(steps.get(step).toWord(), steps.get(step).toColumn());
  }

  private static double at(Map<Passed, Double> sums, Passed passed) {
    return sums.getOrDefault(passed, Double.NEGATIVE_INFINITY);
  }

  /** Adds the weight of some ways, as logarithms. */
  private static void add(Map<Passed, Double> sums, Passed passed, double weight) {
    if (weight > Double.NEGATIVE_INFINITY) {
      sums.merge(passed, weight, (a, b) -> RoleScores.logSum(new double[] {a, b}));
    }
  }
}
