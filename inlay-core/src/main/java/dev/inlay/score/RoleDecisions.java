package dev.inlay.score;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import dev.inlay.model.Decision;
import dev.inlay.model.Reason;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Says of each line of a zone why it is read as what it is: the weighed signs of the line, and of
 * the steps to its neighbours, that speak for its role and against the one that comes next.
 */
public final class RoleDecisions {

  private static final LineRole[] ROLES = LineRole.values();

  /** The sign that every step has. */
  private static final String ANY_STEP = "step";

  private final int page;
  private final Zone zone;
  private final RoleReading reading;
  private final double[][] lineSigns;
  private final double[][] stepSigns;
  private final RoleModel model = RoleModel.trained();

  private RoleDecisions(int page, Zone zone, RoleReading reading) {
    this.page = page;
    this.zone = zone;
    this.reading = reading;
    LineSigns signs = new LineSigns(zone);
    lineSigns = signs.ofLines();
    stepSigns = signs.ofSteps();
  }

  /**
   * The decisions about the lines of a zone, from top to bottom.
   *
   * @param page the page's number, from 1
   * @param zone has at least one line
   */
  public static List<Decision> of(int page, Zone zone) {
    Zone lines = RoleReading.asRead(zone);
    return of(page, lines, RoleReading.ofLines(lines, RoleChoice.BEST));
  }

  /** The decisions about the lines of a table whose rows rulings part; parameters as above. */
  public static List<Decision> ofRuled(int page, Zone zone) {
    return of(page, zone, RoleReading.ofRuled(zone, RoleChoice.BEST));
  }

  private static List<Decision> of(int page, Zone zone, RoleReading reading) {
    RoleDecisions deciding = new RoleDecisions(page, zone, reading);
    List<Decision> decisions = new ArrayList<>();
    for (int i = 0; i < zone.lines().size(); i++) {
      decisions.add(deciding.of(i));
    }
    return decisions;
  }

  private Decision of(int line) {
    LineRole chosen = reading.roles().get(line);
    LineRole other = mostProbableBut(line, chosen);
    ChunkLine text = zone.lines().get(line);
    return new Decision(
        Decision.Question.LINE,
        page,
        Optional.of(text.line().box()),
        text.chunks().stream().map(Chunk::text).collect(Collectors.joining(" | ")),
        chosen.words(),
        reading.probability(line, chosen),
        other.words(),
        reading.probability(line, other),
        reasons(line, chosen, other));
  }

  private LineRole mostProbableBut(int line, LineRole chosen) {
    LineRole best = chosen == LineRole.OUTSIDE ? LineRole.RECORD : LineRole.OUTSIDE;
    for (LineRole role : ROLES) {
      boolean better = reading.probability(line, role) > reading.probability(line, best);
      best = role != chosen && better ? role : best;
    }
    return best;
  }

  private List<Reason> reasons(int line, LineRole chosen, LineRole other) {
    List<Reason> reasons = new ArrayList<>();
    if (reading.probability(line, chosen) < reading.probability(line, other)) {
      reasons.add(new Reason("a custom of print, against the weights", 1));
    }
    double[][] weights = model.lineWeights();
    add(
        "",
        LineSigns.lineNames(),
        lineSigns[line],
        weights[chosen.ordinal()],
        weights[other.ordinal()],
        reasons);
    double[][][] steps = model.stepWeights();
    if (line > 0) {
      LineRole above = reading.roles().get(line - 1);
      double[][] from = steps[above.ordinal()];
      add(
          "after '" + above.words() + "'",
          LineSigns.stepNames(),
          stepSigns[line],
          from[chosen.ordinal()],
          from[other.ordinal()],
          reasons);
    }
    if (line + 1 < stepSigns.length) {
      LineRole below = reading.roles().get(line + 1);
      add(
          "before '" + below.words() + "'",
          LineSigns.stepNames(),
          stepSigns[line + 1],
          steps[chosen.ordinal()][below.ordinal()],
          steps[other.ordinal()][below.ordinal()],
          reasons);
    }
    return reasons;
  }

  private static void add(
      String where,
      List<String> names,
      double[] signs,
      double[] chosen,
      double[] other,
      List<Reason> reasons) {
    for (int s = 0; s < signs.length; s++) {
      double weight = (chosen[s] - other[s]) * signs[s];
      if (weight != 0) {
        String sign = names.get(s);
        boolean alone = where.isEmpty() || sign.equals(ANY_STEP);
        String name = !alone ? where + ", " + sign : where.isEmpty() ? sign : where;
        reasons.add(new Reason(name, weight));
      }
    }
  }
}
