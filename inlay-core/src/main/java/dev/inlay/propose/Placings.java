package dev.inlay.propose;

import dev.inlay.score.RoleScores;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

/**
 * All ways to give the words of a line, in their order, to columns, in theirs: the way that costs
 * least, and how much less than all others. A way is a path from no word and no column to all of
 * them; a step passes a column without heading, or some words that stand over some columns.
 *
 * <p>Steps must be given in the order of their starts, words first.
 */
final class Placings {

  /**
   * Some words over some columns.
   *
   * @param word the first word, from 0
   * @param endWord the word behind the last
   * @param first the first column, from 0
   * @param last the last column
   */
  record Placed(int word, int endWord, int first, int last) {}

  /** By words and columns passed: the least cost, and the logarithm of the sum over all ways. */
  private final double[][] least;

  private final double[][] logSums;

  /** By words and columns passed: the last step of the best way; null where it passed a column. */
  private final Placed[][] steps;

  /** All steps in their order, where they are asked for. */
  private final List<Step> kept = new ArrayList<>();

  private final boolean keepsSteps;

  /** A step from some words and columns passed to more; passes a column where nothing is placed. */
  record Step(int word, int column, int toWord, int toColumn, double cost, Placed placed) {}

  /**
   * The rest of the ways: the least cost from some words and columns passed to the end, and the
   * first step of the way that costs it.
   */
  private record Rest(double[][] cost, Step[][] next) {}

  Placings(int words, int columns) {
    this(words, columns, false);
  }

  /**
   * Prepares the ways of some words over some columns.
   *
   * @param keepsSteps whether the second best way, or those near the best, will be asked for
   */
  Placings(int words, int columns, boolean keepsSteps) {
    this.keepsSteps = keepsSteps;
    least = new double[words + 1][columns + 1];
    logSums = new double[words + 1][columns + 1];
    steps = new Placed[words + 1][columns + 1];
    for (int i = 0; i <= words; i++) {
      Arrays.fill(least[i], Double.POSITIVE_INFINITY);
      Arrays.fill(logSums[i], Double.NEGATIVE_INFINITY);
    }
    least[0][0] = 0;
    logSums[0][0] = 0;
  }

  /** Whether any way leads past some words and columns. */
  boolean isReached(int words, int columns) {
    return least[words][columns] < Double.POSITIVE_INFINITY;
  }

  /** The column before one has no heading. */
  void skip(int word, int column, double cost) {
    step(word, column - 1, word, column, cost, null);
  }

  /** Some words stand over some columns. */
  void place(int word, int endWord, int first, int last, double cost) {
    step(word, first, endWord, last + 1, cost, new Placed(word, endWord, first, last));
  }

  private void step(int word, int column, int toWord, int toColumn, double cost, Placed placed) {
    if (keepsSteps) {
      kept.add(new Step(word, column, toWord, toColumn, cost, placed));
    }
    double sum = least[word][column] + cost;
    if (sum < least[toWord][toColumn]) {
      least[toWord][toColumn] = sum;
      steps[toWord][toColumn] = placed;
    }
    if (isReached(word, column)) {
      double[] both = {logSums[toWord][toColumn], logSums[word][column] - cost};
      logSums[toWord][toColumn] = RoleScores.logSum(both);
    }
  }

  /** The way that costs least, from left to right; asked for where all is reached. */
  List<Placed> best() {
    return bestTo(least.length - 1, least[0].length - 1);
  }

  private List<Placed> bestTo(int words, int columns) {
    List<Placed> best = new ArrayList<>();
    int word = words;
    int column = columns;
    while (word > 0) {
      Placed step = steps[word][column];
      if (step == null) {
        column--;
      } else {
        best.add(step);
        word = step.word();
        column = step.first();
      }
    }
    Collections.reverse(best);
    return best;
  }

  /**
   * The way that costs least but for the best: it takes one step that the best does not, and from
   * there on the best way to the end. Empty where there is one way only.
   */
  List<Placed> secondBest() {
    Rest rest = rest();
    Set<Step> onBest = Collections.newSetFromMap(new IdentityHashMap<>());
    for (Step s = rest.next[0][0]; s != null; s = rest.next[s.toWord()][s.toColumn()]) {
      onBest.add(s);
    }
    Step turn = null;
    double cheapest = Double.POSITIVE_INFINITY;
    for (Step step : kept) {
      double cost = cost(step, rest);
      if (!onBest.contains(step) && cost < cheapest) {
        cheapest = cost;
        turn = step;
      }
    }
    if (turn == null) {
      return List.of();
    }
    List<Placed> way = new ArrayList<>(bestTo(turn.word(), turn.column()));
    for (Step s = turn; s != null; s = rest.next[s.toWord()][s.toColumn()]) {
      if (s.placed() != null) {
        way.add(s.placed());
      }
    }
    return way;
  }

  /** The steps of all ways that cost at most so much more than the best, in their order. */
  List<Step> near(double more) {
    Rest rest = rest();
    double limit = rest.cost[0][0] + more;
    return kept.stream().filter(s -> cost(s, rest) <= limit).toList();
  }

  /** The least cost of a way with some step. */
  private double cost(Step step, Rest rest) {
    return least[step.word()][step.column()]
        + step.cost()
        + rest.cost[step.toWord()][step.toColumn()];
  }

  private Rest rest() {
    int words = least.length - 1;
    int columns = least[0].length - 1;
    double[][] rest = new double[words + 1][columns + 1];
    Step[][] next = new Step[words + 1][columns + 1];
    for (double[] row : rest) {
      Arrays.fill(row, Double.POSITIVE_INFINITY);
    }
    rest[words][columns] = 0;
    for (int i = kept.size() - 1; i >= 0; i--) {
      Step step = kept.get(i);
      double cost = step.cost() + rest[step.toWord()][step.toColumn()];
      if (cost < rest[step.word()][step.column()]) {
        rest[step.word()][step.column()] = cost;
        next[step.word()][step.column()] = step;
      }
    }
    return new Rest(rest, next);
  }

  /** How probable the best way is, 0 to 1, each as probable as its cost is low. */
  double probabilityOfBest() {
    return probability(least[least.length - 1][least[0].length - 1]);
  }

  /** How probable a way of some cost is among all, 0 to 1. */
  double probability(double cost) {
    int words = least.length - 1;
    int columns = least[0].length - 1;
    return isReached(words, columns) ? Math.exp(-cost - logSums[words][columns]) : 0;
  }
}
