package dev.inlay.score;

import dev.inlay.find.LineRole;
import java.util.List;

/**
 * The roles of a zone's lines as they are read, and how probable each is. Two customs of print that
 * made papers do not show often enough are added to what the model says: a table has a heading unless
 * much speaks against it, and a single line between rows that belong together belongs to them.
 *
 * @param roles one for each line
 * @param probabilities by line and role, 0 to 1
 */
public record RoleReading(List<LineRole> roles, double[][] probabilities) {

  /**
   * The first line of a table is its header from this probability on, if no other is: on papers by
   * many authors all first lines between this and one half were headings, and none below it.
   */
  private static final double LEAST_HEADER = 0.2;

  /** A single line between rows is outside them only where it is more probable than this. */
  private static final double SURELY_OUTSIDE = 0.85;

  /** Reads the roles of a zone with the trained model. */
  public static RoleReading of(Zone zone) {
    RoleScores scores = RoleModel.trained().scores(zone);
    RoleReading reading = new RoleReading(scores.best(), scores.probabilities());
    reading.takeInSingleLines();
    reading.addHeaders();
    return reading;
  }

  /** How probable a role of a line is, 0 to 1. */
  public double probability(int line, LineRole role) {
    return probabilities[line][role.ordinal()];
  }

  private void takeInSingleLines() {
    for (int i = 1; i + 1 < roles.size(); i++) {
      boolean between = isRow(roles.get(i - 1)) && isRow(roles.get(i + 1));
      if (roles.get(i) == LineRole.OUTSIDE
          && between
          && probability(i, LineRole.OUTSIDE) < SURELY_OUTSIDE) {
        roles.set(i, mostProbableInside(i));
      }
    }
  }

  private static boolean isRow(LineRole role) {
    return role == LineRole.RECORD || role == LineRole.GOES_ON;
  }

  private LineRole mostProbableInside(int line) {
    LineRole best = LineRole.GROUP;
    for (LineRole role : List.of(LineRole.RECORD, LineRole.GOES_ON, LineRole.NOTE)) {
      best = probability(line, role) > probability(line, best) ? role : best;
    }
    return best;
  }

  private void addHeaders() {
    for (int i = 0; i + 1 < roles.size(); i++) {
      boolean first = i == 0 || roles.get(i - 1) == LineRole.OUTSIDE;
      if (first
          && roles.get(i) == LineRole.RECORD
          && roles.get(i + 1) != LineRole.OUTSIDE
          && probability(i, LineRole.HEADER) >= LEAST_HEADER) {
        roles.set(i, LineRole.HEADER);
        for (int k = i + 1; k < roles.size() && roles.get(k) == LineRole.GOES_ON; k++) {
          roles.set(k, LineRole.HEADER);
        }
      }
    }
  }

  /**
   * How probable the least probable role among some lines is, 0 to 1.
   *
   * @param from the first line
   * @param to the line behind the last
   */
  public double leastProbable(int from, int to) {
    double least = 1;
    for (int i = from; i < to; i++) {
      least = Math.min(least, probability(i, roles.get(i)));
    }
    return least;
  }
}
