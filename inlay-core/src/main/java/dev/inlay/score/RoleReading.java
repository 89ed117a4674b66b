package dev.inlay.score;

import dev.inlay.evidence.LineRole;
import java.util.ArrayList;
import java.util.List;

/**
 * The roles of a zone's lines as they are read, and how probable each is.
 *
 * @param roles one for each line
 * @param probabilities by line and role, 0 to 1
 */
public record RoleReading(List<LineRole> roles, double[][] probabilities) {

  /** Keeps a copy of the roles that cannot change. */
  public RoleReading {
    roles = List.copyOf(roles);
  }

  /**
   * Reads the roles of the lines of a table whose rows rulings part: as the trained model says, but
   * for the line that counts the columns.
   */
  public static RoleReading ofRuled(Zone zone, RoleChoice choice) {
    LineSigns signs = new LineSigns(zone);
    RoleReading model = of(signs, choice.rank());
    List<LineRole> roles = new ArrayList<>(model.roles);
    if (choice.customs()) {
      new ColumnCounts(zone).addTo(roles);
    }
    return new RoleReading(roles, model.probabilities);
  }

  private static RoleReading of(LineSigns signs, int rank) {
    RoleScores scores = RoleModel.trained().scores(signs.ofLines(), signs.ofSteps());
    double[][] probabilities = scores.probabilities();
    List<List<LineRole>> best = scores.best(rank + 1);
    List<LineRole> roles = best.get(Math.min(rank, best.size() - 1));
    if (rank == 0) {
      takeInProbable(roles, probabilities);
    }
    return new RoleReading(roles, probabilities);
  }

  /**
   * Lines that are outside in the one best sequence, but more often inside over all sequences, are
   * not lost: many readings of a list that differ in single lines outweigh the one without it.
   */
  private static void takeInProbable(List<LineRole> roles, double[][] probabilities) {
    for (int i = 0; i < roles.size(); i++) {
      if (roles.get(i) == LineRole.OUTSIDE && probabilities[i][LineRole.OUTSIDE.ordinal()] < 0.5) {
        roles.set(i, mostProbableInTable(probabilities[i]));
      }
    }
  }

  /** The most probable role of a line but for being outside. */
  private static LineRole mostProbableInTable(double[] probabilities) {
    LineRole best = LineRole.HEADER;
    for (LineRole role : LineRole.values()) {
      boolean better = probabilities[role.ordinal()] > probabilities[best.ordinal()];
      best = role != LineRole.OUTSIDE && better ? role : best;
    }
    return best;
  }

  /**
   * Reads the roles of a zone as the trained model says, and as customs of print say that made
   * papers do not show often enough.
   */
  public static RoleReading of(Zone zone) {
    return of(zone, RoleChoice.BEST);
  }

  /** Reads the roles of a zone as {@link #of(Zone)} does, or others that are possible. */
  public static RoleReading of(Zone zone, RoleChoice choice) {
    RowsOfLines rows = RowsOfLines.in(zone);
    return rows.exist() ? rows.ofAllLines(ofLines(rows.asLines(), choice)) : ofLines(zone, choice);
  }

  /** The zone with a line for each row that the eye joins of several lines: as it is read. */
  public static Zone asRead(Zone zone) {
    RowsOfLines rows = RowsOfLines.in(zone);
    return rows.exist() ? rows.asLines() : zone;
  }

  /** Reads the roles of a zone of which each line is read as one; else as {@link #of}. */
  static RoleReading ofLines(Zone zone, RoleChoice choice) {
    LineSigns signs = new LineSigns(zone);
    RoleReading model = of(signs, choice.rank());
    if (!choice.customs()) {
      return model;
    }
    List<LineRole> roles = new ArrayList<>(model.roles);
    new RowCustoms(zone, signs, model, roles).apply();
    new ColumnCounts(zone).addTo(roles);
    return new RoleReading(roles, model.probabilities);
  }

  /** How probable a role of a line is, 0 to 1. */
  public double probability(int line, LineRole role) {
    return probabilities[line][role.ordinal()];
  }

  /** The roles where it is known that all lines belong to one table. */
  public List<LineRole> inside() {
    List<LineRole> inside = new ArrayList<>(roles);
    for (int i = 0; i < inside.size(); i++) {
      if (inside.get(i) == LineRole.OUTSIDE) {
        inside.set(i, mostProbableInside(i));
      }
    }
    return inside;
  }

  /** The most probable role of a line that is known to belong to a table below its header. */
  LineRole mostProbableInside(int line) {
    LineRole best = LineRole.GROUP;
    for (LineRole role : List.of(LineRole.RECORD, LineRole.GOES_ON, LineRole.NOTE)) {
      best = probability(line, role) > probability(line, best) ? role : best;
    }
    return best;
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

  /**
   * How many of some lines are expected to have another role than they are read to have.
   *
   * @param from the first line
   * @param to the line behind the last
   */
  public double wrongLines(int from, int to) {
    double wrong = 0;
    for (int i = from; i < to; i++) {
      wrong += 1 - probability(i, roles.get(i));
    }
    return wrong;
  }
}
