package dev.inlay.bench;

import java.util.List;

/**
 * Steps down the slope of a loss, each weight's by its own measure, with a pull of all weights to 0
 * that does not pass through that measure (Adam: Kingma, Ba, 2015; the pull: Loshchilov, Hutter,
 * 2019). Steps grow over the first part of a training and then shrink to nothing (Smith, Topin,
 * 2019). The same slopes give the same weights.
 */
final class AdaptiveSteps {

  private static final double MEAN_KEPT = 0.9;
  private static final double SQUARE_KEPT = 0.999;
  private static final double LEAST = 1e-8;

  /** The share of a training in which steps grow, and what they begin with. */
  private static final double GROWING = 0.3;

  private static final double BEGINNING = 0.04;

  private final List<double[]> weights;
  private final List<double[]> means;
  private final List<double[]> squares;
  private final int steps;
  private final double rate;
  private final double pull;
  private int taken;

  /**
   * Prepares the steps of a training.
   *
   * @param weights are changed
   * @param steps how many there will be
   * @param rate how far the largest goes
   * @param pull what share of a weight a step takes from it, times the rate
   */
  AdaptiveSteps(List<double[]> weights, int steps, double rate, double pull) {
    this.weights = weights;
    this.steps = steps;
    this.rate = rate;
    this.pull = pull;
    means = weights.stream().map(w -> new double[w.length]).toList();
    squares = weights.stream().map(w -> new double[w.length]).toList();
  }

  /**
   * Takes one step.
   *
   * @param slopes of the weights, in their order
   * @param over how many examples they are a sum
   */
  void take(List<double[]> slopes, double over) {
    double now = rate * share((double) taken / steps);
    taken++;
    double meanBias = 1 - Math.pow(MEAN_KEPT, taken);
    double squareBias = 1 - Math.pow(SQUARE_KEPT, taken);
    for (int k = 0; k < slopes.size(); k++) {
      double[] own = weights.get(k);
      double[] mean = means.get(k);
      double[] square = squares.get(k);
      for (int f = 0; f < own.length; f++) {
        double slope = slopes.get(k)[f] / over;
        mean[f] = MEAN_KEPT * mean[f] + (1 - MEAN_KEPT) * slope;
        square[f] = SQUARE_KEPT * square[f] + (1 - SQUARE_KEPT) * slope * slope;
        double way = mean[f] / meanBias / (Math.sqrt(square[f] / squareBias) + LEAST);
        own[f] -= now * (way + pull * own[f]);
      }
    }
  }

  /** What share of the largest step is taken after a share of the training. */
  private static double share(double done) {
    boolean growing = done < GROWING;
    double part = growing ? 1 - done / GROWING : (done - GROWING) / (1 - GROWING);
    double least = growing ? BEGINNING : 0;
    return least + (1 - least) * (1 + Math.cos(Math.PI * part)) / 2;
  }
}
