package dev.inlay.choose;

import dev.inlay.score.Weights;
import java.io.UncheckedIOException;

/**
 * How probable each number of header rows of a grid is: the signs of each, weighed (a conditional
 * logit: McFadden, "Conditional logit analysis of qualitative choice behavior", 1974).
 */
public final class HeaderModel {

  private static final String RESOURCE = "header-rows.txt";

  private final double[] weights;

  /**
   * A model.
   *
   * @param weights in the order of the signs
   */
  public HeaderModel(double[] weights) {
    this.weights = weights.clone();
  }

  /**
   * The trained model that ships with the program; a sign without a weight weighs nothing.
   *
   * @throws UncheckedIOException if it cannot be read
   */
  public static HeaderModel trained() {
    return Trained.MODEL;
  }

  /** Read once, when it is first needed. */
  private static final class Trained {
    static final HeaderModel MODEL =
        new HeaderModel(Weights.ofNames(HeaderModel.class, RESOURCE, HeaderSigns.names()));
  }

  /** The probability of each number of header rows, from none on; they add up to 1. */
  public double[] probabilities(double[][] signs) {
    double[] scores = new double[signs.length];
    double most = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < scores.length; i++) {
      scores[i] = Weights.sum(weights, signs[i]);
      most = Math.max(most, scores[i]);
    }
    double sum = 0;
    for (int i = 0; i < scores.length; i++) {
      scores[i] = Math.exp(scores[i] - most);
      sum += scores[i];
    }
    for (int i = 0; i < scores.length; i++) {
      scores[i] /= sum;
    }
    return scores;
  }

  /** The weight of a sign, by its place. */
  double weight(int sign) {
    return weights[sign];
  }
}
