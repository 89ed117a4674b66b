package dev.inlay.bench;

import dev.inlay.score.SignScore;
import dev.inlay.score.Weights;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/**
 * Trains a {@link SignScore} by steps down the slope of the log likelihood, through its units
 * (Rumelhart, Hinton, Williams, 1986). At each step some signs of the units and some units are left
 * out by lot, so that no score comes to rest on a single one (Srivastava and others, 2014). The
 * same examples give the same weights.
 */
final class ScoreTraining {

  /** Something of which it is known how it should be scored. */
  interface Example {

    /** The signs of each thing that is scored. */
    double[][] signs();

    /**
     * By how much each score is too high: the slope of the loss.
     *
     * @param scores of the things, in the order of their signs
     */
    double[] errors(double[] scores);
  }

  /** How many scores are trained and taken together: their mean is steadier. */
  private static final int MODELS = 2;

  private static final int ROUNDS = 40;

  /** Few examples are gone over more often, until this many steps are taken. */
  private static final int LEAST_STEPS = 1500;

  /** Examples a step. */
  private static final int TOGETHER = 32;

  private static final double RATE = 5e-3;
  private static final double SIGNS_LEFT_OUT = 0.1;
  private static final double UNITS_LEFT_OUT = 0.2;

  /** The spread of the weights that units begin with. */
  private static final double BEGINNING = 0.1;

  private final List<? extends Example> examples;
  private final Random random = new Random(7); // the same examples give the same weights

  ScoreTraining(List<? extends Example> examples) {
    this.examples = examples;
  }

  /**
   * The trained score.
   *
   * @param signs how many there are
   * @param units how many each of the scores has
   * @param pull what share of a weight a step takes from it, times the rate
   */
  SignScore train(int signs, int units, double pull) {
    List<SignScore> scores = new ArrayList<>();
    for (int m = 0; m < MODELS; m++) {
      scores.add(trainOne(signs, units, pull));
    }
    return SignScore.mean(scores);
  }

  private SignScore trainOne(int signs, int units, double pull) {
    SignScore score = new SignScore(signs, units);
    List<double[]> parameters = score.parameters();
    parameters.stream().skip(1).limit(units).forEach(this::fill);
    fill(parameters.get(units + 2));
    int batches = (examples.size() + TOGETHER - 1) / TOGETHER;
    int rounds = Math.max(ROUNDS, (LEAST_STEPS + batches - 1) / batches);
    AdaptiveSteps steps = new AdaptiveSteps(parameters, rounds * batches, RATE, pull);
    List<Example> shuffled = new ArrayList<>(examples);
    for (int round = 0; round < rounds; round++) {
      Collections.shuffle(shuffled, random);
      for (int from = 0; from < shuffled.size(); from += TOGETHER) {
        List<Example> batch = shuffled.subList(from, Math.min(shuffled.size(), from + TOGETHER));
        SignScore slope = new SignScore(signs, units);
        for (Example example : batch) {
          addSlope(score, example, slope, leftOut(signs, SIGNS_LEFT_OUT));
        }
        steps.take(slope.parameters(), batch.size());
      }
    }
    return score;
  }

  private void fill(double[] weights) {
    Arrays.setAll(weights, i -> BEGINNING * random.nextGaussian());
  }

  /** What each of some values is multiplied by: those that stay make up for those left out. */
  private double[] leftOut(int count, double share) {
    double[] times = new double[count];
    Arrays.setAll(times, i -> random.nextDouble() < share ? 0 : 1 / (1 - share));
    return times;
  }

  /** Adds the slope of one example, the same signs and units left out of all its signs. */
  private void addSlope(SignScore score, Example example, SignScore slope, double[] shown) {
    List<double[]> own = score.parameters();
    List<double[]> sums = slope.parameters();
    int units = score.units();
    double[] kept = leftOut(units, UNITS_LEFT_OUT);
    double[] biases = own.get(units + 1);
    double[] outputs = own.get(units + 2);
    int count = example.signs().length;
    double[] scores = new double[count];
    double[][] spoken = new double[count][units];
    double[][] seen = new double[count][];
    for (int c = 0; c < count; c++) {
      double[] signs = example.signs()[c];
      seen[c] = new double[signs.length];
      Arrays.setAll(seen[c], s -> signs[s] * shown[s]);
      scores[c] = Weights.sum(own.get(0), signs);
      for (int u = 0; u < units; u++) {
        double sum = kept[u] == 0 ? 0 : biases[u] + Weights.sum(own.get(1 + u), seen[c]);
        spoken[c][u] = Math.max(0, sum) * kept[u];
      }
      scores[c] += Weights.sum(outputs, spoken[c]);
    }
    double[] errors = example.errors(scores);
    for (int c = 0; c < count; c++) {
      double error = errors[c];
      Weights.addTimes(sums.get(0), error, example.signs()[c]);
      Weights.addTimes(sums.get(units + 2), error, spoken[c]);
      for (int u = 0; u < units; u++) {
        if (spoken[c][u] > 0) {
          double back = error * outputs[u] * kept[u];
          sums.get(units + 1)[u] += back;
          Weights.addTimes(sums.get(1 + u), back, seen[c]);
        }
      }
    }
  }
}
