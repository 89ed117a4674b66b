package dev.inlay.score;

import java.util.List;

/**
 * The probability that a table is right as a whole, from named signs of it: a choice between the
 * table and one without any sign, whose score was trained on papers with truth.
 */
public final class TableModel {

  private static final String RESOURCE = "table-right.txt";

  private final SignScore score;
  private final Choice choice;

  /** Weighs tables by a score. */
  public TableModel(SignScore score) {
    this.score = score;
    choice = new Choice(score);
  }

  /**
   * The trained model that ships with the program.
   *
   * @param names of the signs, in the order of their values; one without a weight weighs nothing
   * @throws java.io.UncheckedIOException if it cannot be read
   */
  public static TableModel trained(List<String> names) {
    return new TableModel(SignScore.read(TableModel.class, RESOURCE, names));
  }

  /** The probability, 0 to 1, that a table with these signs is right. */
  public double probability(double[] signs) {
    return choice.probabilities(Choice.orNone(signs))[0];
  }

  /** By how much each sign speaks for the table; negative where it speaks against it. */
  public double[] shares(double[] signs) {
    return score.shares(signs);
  }
}
