package dev.inlay.bench;

import java.util.function.BiConsumer;

/**
 * Steps down the slope of a loss, with momentum (Polyak, "Some methods of speeding up the
 * convergence of iteration methods", 1964). The same slopes give the same weights.
 *
 * @param steps how many
 * @param rate how far each goes, as a share of the slope
 * @param pull how strongly each weight is pulled to nothing
 */
record Descent(int steps, double rate, double pull) {

  /** The share of a step that the next one goes on with. */
  private static final double MOMENTUM = 0.9;

  /**
   * The weights after all steps.
   *
   * @param count how many weights there are
   * @param examples over how many the slope is a sum
   * @param slope adds the slope at some weights to an array
   */
  double[] weights(int count, int examples, BiConsumer<double[], double[]> slope) {
    double[] weights = new double[count];
    double[] speed = new double[count];
    for (int step = 0; step < steps; step++) {
      double[] sum = new double[count];
      slope.accept(weights, sum);
      for (int f = 0; f < count; f++) {
        speed[f] = MOMENTUM * speed[f] - rate * (sum[f] / examples + pull * weights[f]);
        weights[f] += speed[f];
      }
    }
    return weights;
  }
}
