package dev.inlay.score;

/**
 * How probable each of several candidates is: the signs of each, weighed (a conditional logit:
 * McFadden, "Conditional logit analysis of qualitative choice behavior", 1974).
 */
public final class Choice {

  private final SignScore score;

  /** Chooses by a score. */
  public Choice(SignScore score) {
    this.score = score;
  }

  /**
   * The probability of each candidate; they add up to 1.
   *
   * @param signs of each candidate; at least one
   */
  public double[] probabilities(double[][] signs) {
    double[] scores = new double[signs.length];
    for (int i = 0; i < scores.length; i++) {
      scores[i] = score.of(signs[i]);
    }
    return shares(scores);
  }

  /** The probabilities that scores stand for; they add up to 1. */
  public static double[] shares(double[] scores) {
    double most = Double.NEGATIVE_INFINITY;
    for (double one : scores) {
      most = Math.max(most, one);
    }
    double[] shares = new double[scores.length];
    double sum = 0;
    for (int i = 0; i < shares.length; i++) {
      shares[i] = Math.exp(scores[i] - most);
      sum += shares[i];
    }
    for (int i = 0; i < shares.length; i++) {
      shares[i] /= sum;
    }
    return shares;
  }

  /** As candidates, signs and their absence: whether something is so or not. */
  public static double[][] orNone(double[] signs) {
    return new double[][] {signs, new double[signs.length]};
  }

  /** The place of the most probable candidate; of equal ones the first. */
  public static int best(double[] probabilities) {
    return best(probabilities, -1);
  }

  /** The place of the most probable candidate but for one; this one where there is no other. */
  public static int best(double[] probabilities, int but) {
    int best = -1;
    for (int i = 0; i < probabilities.length; i++) {
      boolean better = best < 0 || probabilities[i] > probabilities[best];
      best = i != but && better ? i : best;
    }
    return best < 0 ? but : best;
  }

  /** By how much each sign speaks for one candidate rather than for another. */
  public double[] reasons(double[] chosen, double[] rival) {
    double[] reasons = score.shares(chosen);
    Weights.addTimes(reasons, -1, score.shares(rival));
    return reasons;
  }
}
