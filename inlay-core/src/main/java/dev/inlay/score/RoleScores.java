package dev.inlay.score;

import dev.inlay.evidence.LineRole;
import java.util.ArrayList;
import java.util.List;

/**
 * The scores of the roles of a zone's lines, and what follows from them: the best roles together,
 * and how probable each role of each line is.
 *
 * @param ofLine by line and role
 * @param ofStep by line, role of the line before, and role; for the first line all are 0
 */
public record RoleScores(double[][] ofLine, double[][][] ofStep) {

  private static final LineRole[] ROLES = LineRole.values();

  /** The roles whose scores add up to the most (Viterbi, 1967). */
  public List<LineRole> best() {
    int lines = ofLine.length;
    int[][] from = new int[lines][ROLES.length];
    double[] sums = ofLine[0].clone();
    for (int i = 1; i < lines; i++) {
      double[] next = new double[ROLES.length];
      for (int r = 0; r < ROLES.length; r++) {
        double best = Double.NEGATIVE_INFINITY;
        for (int b = 0; b < ROLES.length; b++) {
          double sum = sums[b] + ofStep[i][b][r];
          if (sum > best) {
            best = sum;
            from[i][r] = b;
          }
        }
        next[r] = best + ofLine[i][r];
      }
      sums = next;
    }
    int last = 0;
    for (int r = 1; r < ROLES.length; r++) {
      last = sums[r] > sums[last] ? r : last;
    }
    LineRole[] roles = new LineRole[lines];
    for (int i = lines - 1; i >= 0; i--) {
      roles[i] = ROLES[last];
      last = from[i][last];
    }
    return new ArrayList<>(List.of(roles));
  }

  /** The probability of each role of each line, 0 to 1, all other lines considered. */
  public double[][] probabilities() {
    int lines = ofLine.length;
    double[][] forward = forward();
    double[][] backward = backward();
    double[][] result = new double[lines][ROLES.length];
    double all = logSum(forward[lines - 1]);
    for (int i = 0; i < lines; i++) {
      for (int r = 0; r < ROLES.length; r++) {
        result[i][r] = Math.exp(forward[i][r] + backward[i][r] - all);
      }
    }
    return result;
  }

  /** The logarithm of the sum over all role sequences that end with a role at a line. */
  public double[][] forward() {
    double[][] forward = new double[ofLine.length][ROLES.length];
    forward[0] = ofLine[0].clone();
    double[] terms = new double[ROLES.length];
    for (int i = 1; i < forward.length; i++) {
      for (int r = 0; r < ROLES.length; r++) {
        for (int b = 0; b < ROLES.length; b++) {
          terms[b] = forward[i - 1][b] + ofStep[i][b][r];
        }
        forward[i][r] = logSum(terms) + ofLine[i][r];
      }
    }
    return forward;
  }

  /** The logarithm of the sum over all role sequences that follow a role at a line. */
  public double[][] backward() {
    double[][] backward = new double[ofLine.length][ROLES.length];
    double[] terms = new double[ROLES.length];
    for (int i = backward.length - 2; i >= 0; i--) {
      for (int b = 0; b < ROLES.length; b++) {
        for (int r = 0; r < ROLES.length; r++) {
          terms[r] = ofStep[i + 1][b][r] + ofLine[i + 1][r] + backward[i + 1][r];
        }
        backward[i][b] = logSum(terms);
      }
    }
    return backward;
  }

  /** The logarithm of the sum of exponentials. */
  public static double logSum(double[] terms) {
    double most = Double.NEGATIVE_INFINITY;
    for (double term : terms) {
      most = Math.max(most, term);
    }
    double sum = 0;
    for (double term : terms) {
      sum += Math.exp(term - most);
    }
    return most + Math.log(sum);
  }
}
