package dev.inlay.choose;

import dev.inlay.score.Weights;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How probable each number of header rows of a grid is: the signs of each, weighed (a conditional
 * logit: McFadden, "Conditional logit analysis of qualitative choice behavior", 1974).
 */
public final class HeaderModel {

  private static final String RESOURCE = "header-rows.txt";

  private static final List<String> NAMES = HeaderSigns.names();

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

  private static final class Trained {
    static final HeaderModel MODEL = read();

    private static HeaderModel read() {
      Map<String, Double> weights = new HashMap<>();
      Weights.read(HeaderModel.class, RESOURCE)
          .forEach(p -> weights.put(p[0], Double.parseDouble(p[1])));
      return new HeaderModel(
          NAMES.stream().mapToDouble(n -> weights.getOrDefault(n, 0.0)).toArray());
    }
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
