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

  /**
   * The sequences of roles whose scores add up to the most, the greatest sum first (Viterbi, 1967;
   * several at a time: Seshadri and Sundberg, 1994).
   *
   * @param count at least 1; fewer are given where there are fewer
   */
  public List<List<LineRole>> best(int count) {
    int lines = ofLine.length;
    Ends[][] ends = new Ends[lines][ROLES.length];
    for (int i = 0; i < lines; i++) {
      for (int r = 0; r < ROLES.length; r++) {
        ends[i][r] = new Ends(count);
        if (i == 0) {
          ends[i][r].add(ofLine[0][r], 0, 0);
        }
        for (int b = 0; i > 0 && b < ROLES.length; b++) {
          Ends before = ends[i - 1][b];
          for (int k = 0; k < before.size; k++) {
            ends[i][r].add(before.sums[k] + ofStep[i][b][r] + ofLine[i][r], b, k);
          }
        }
      }
    }
    Ends all = new Ends(count);
    for (int r = 0; r < ROLES.length; r++) {
      for (int k = 0; k < ends[lines - 1][r].size; k++) {
        all.add(ends[lines - 1][r].sums[k], r, k);
      }
    }
    List<List<LineRole>> best = new ArrayList<>();
    for (int n = 0; n < all.size; n++) {
      best.add(roles(ends, all.roles[n], all.ranks[n]));
    }
    return best;
  }

  /** The roles of all lines, from the last one back. */
  private static List<LineRole> roles(Ends[][] ends, int lastRole, int lastRank) {
    LineRole[] roles = new LineRole[ends.length];
    int role = lastRole;
    int rank = lastRank;
    for (int i = ends.length - 1; i >= 0; i--) {
      roles[i] = ROLES[role];
      Ends here = ends[i][role];
      role = here.roles[rank];
      rank = here.ranks[rank];
    }
    return new ArrayList<>(List.of(roles));
  }

  /** The greatest sums of the ways to one place, each with the role before and its rank there. */
  private static final class Ends {
    private final double[] sums;
    private final int[] roles;
    private final int[] ranks;
    private int size;

    Ends(int count) {
      sums = new double[count];
      roles = new int[count];
      ranks = new int[count];
    }

    /** Of equal sums those added first come first. */
    void add(double sum, int role, int rank) {
      int at = size;
      while (at > 0 && sum > sums[at - 1]) {
        at--;
      }
      if (at == sums.length) {
        return;
      }
      size = Math.min(size + 1, sums.length);
      for (int i = size - 1; i > at; i--) {
        sums[i] = sums[i - 1];
        roles[i] = roles[i - 1];
        ranks[i] = ranks[i - 1];
      }
      sums[at] = sum;
      roles[at] = role;
      ranks[at] = rank;
    }
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
