package dev.inlay.propose;

import dev.inlay.score.RoleScores;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

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

  Placings(int words, int columns) {
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
    List<Placed> best = new ArrayList<>();
    int word = least.length - 1;
    int column = least[0].length - 1;
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

  /** How probable the best way is, 0 to 1, each as probable as its cost is low. */
  double probabilityOfBest() {
    int words = least.length - 1;
    int columns = least[0].length - 1;
    return isReached(words, columns)
        ? Math.exp(-least[words][columns] - logSums[words][columns])
        : 0;
  }
}
