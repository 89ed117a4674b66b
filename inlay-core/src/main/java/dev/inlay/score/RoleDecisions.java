package dev.inlay.score;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import dev.inlay.model.Decision;
import dev.inlay.model.Reason;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
  private final double[][] inputs;
  private final double[][] sums;

  private RoleDecisions(int page, Zone zone, RoleReading reading) {
    this.page = page;
    this.zone = zone;
    this.reading = reading;
    LineSigns signs = new LineSigns(zone);
    lineSigns = signs.ofLines();
    stepSigns = signs.ofSteps();
    inputs = RoleModel.inputs(lineSigns, stepSigns);
    sums = model.units().sums(inputs);
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
    Map<String, Double> weights = new LinkedHashMap<>();
    addOfLine(line, chosen, other, weights);
    addOfUnits(line, chosen, other, weights);
    double[][][] steps = model.stepWeights();
    if (line > 0) {
      LineRole above = reading.roles().get(line - 1);
      double[][] from = steps[above.ordinal()];
      String where = "after '" + above.words() + "'";
      addOfStep(where, line, from[chosen.ordinal()], from[other.ordinal()], weights);
    }
    if (line + 1 < stepSigns.length) {
      LineRole below = reading.roles().get(line + 1);
      double[] ofChosen = steps[chosen.ordinal()][below.ordinal()];
      double[] ofOther = steps[other.ordinal()][below.ordinal()];
      addOfStep("before '" + below.words() + "'", line + 1, ofChosen, ofOther, weights);
    }
    List<Reason> reasons = new ArrayList<>();
    if (reading.probability(line, chosen) < reading.probability(line, other)) {
      reasons.add(new Reason("a custom of print, against the weights", 1));
    }
    weights.forEach((sign, weight) -> reasons.add(new Reason(sign, weight)));
    return reasons;
  }

  private void addOfLine(int line, LineRole chosen, LineRole other, Map<String, Double> weights) {
    double[] ofChosen = model.lineWeights()[chosen.ordinal()];
    double[] ofOther = model.lineWeights()[other.ordinal()];
    List<String> names = LineSigns.lineNames();
    for (int s = 0; s < names.size(); s++) {
      add(names.get(s), (ofChosen[s] - ofOther[s]) * lineSigns[line][s], weights);
    }
  }

  /** What the signs of the line and of those around it say together. */
  private void addOfUnits(int line, LineRole chosen, LineRole other, Map<String, Double> weights) {
    HiddenUnits units = model.units();
    List<String> names = RoleModel.inputNames();
    for (int place = 0; place < HiddenUnits.LINES; place++) {
      int from = line + place - HiddenUnits.REACH;
      for (int s = 0; s < names.size() && from >= 0 && from < inputs.length; s++) {
        if (inputs[from][s] != 0) {
          String at = HiddenUnits.nameOf(place);
          String name = at.isEmpty() ? names.get(s) : at + ": " + names.get(s);
          double share =
              units.share(sums[line], place, s, chosen) - units.share(sums[line], place, s, other);
          add(name, share * inputs[from][s], weights);
        }
      }
    }
  }

  private void addOfStep(
      String where, int line, double[] chosen, double[] other, Map<String, Double> weights) {
    List<String> names = LineSigns.stepNames();
    for (int s = 0; s < names.size(); s++) {
      String name = names.get(s).equals(ANY_STEP) ? where : where + ", " + names.get(s);
      add(name, (chosen[s] - other[s]) * stepSigns[line][s], weights);
    }
  }

  private static void add(String sign, double weight, Map<String, Double> weights) {
    if (weight != 0) {
      weights.merge(sign, weight, Double::sum);
    }
  }
}
