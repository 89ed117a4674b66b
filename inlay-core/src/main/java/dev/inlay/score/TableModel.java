package dev.inlay.score;

import java.io.UncheckedIOException;
import java.util.List;

/**
 * The probability that a table is right as a whole, from named signs of it: a logistic model whose
 * weights were trained on papers with truth and stand in a text file, a sign and its weight in a
 * line.
 */
public final class TableModel {

  private static final String RESOURCE = "table-right.txt";

  private final double[] weights;

  /**
   * A model.
   *
   * @param weights in the order of the signs
   */
  public TableModel(double[] weights) {
    this.weights = weights.clone();
  }

  /**
   * The trained model that ships with the program.
   *
   * @param names of the signs, in the order of their values; one without a weight weighs nothing
   * @throws UncheckedIOException if it cannot be read
   */
  public static TableModel trained(List<String> names) {
    return new TableModel(Weights.ofNames(TableModel.class, RESOURCE, names));
  }

  /** The probability, 0 to 1, that a table with these signs is right. */
  public double probability(double[] signs) {
    return 1 / (1 + Math.exp(-Weights.sum(weights, signs)));
  }

  /** The weight of a sign, by its place; negative where it speaks against the table. */
  public double weight(int sign) {
    return weights[sign];
  }
}
