package dev.inlay.score;

import dev.inlay.evidence.LineRole;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * A chain over the lines of a zone: each line's role is weighed by the line's signs and by what
 * they say together with those of the lines around it ({@link HiddenUnits}), each pair of roles by
 * the signs of the step between their lines (a conditional random field: Lafferty, McCallum,
 * Pereira, 2001). The weights were trained on papers with truth and stand in a text file.
 *
 * <p>Works in the number of lines times the square of the number of roles.
 */
public final class RoleModel {

  private static final String RESOURCE = "line-roles.txt";

  private static final LineRole[] ROLES = LineRole.values();

  /** Begins the names of the signs of steps among those of lines. */
  private static final String STEP_TO_IT = "step to it: ";

  private final List<String> lineNames = LineSigns.lineNames();
  private final List<String> stepNames = LineSigns.stepNames();

  /** For each role the weight of each sign of a line. */
  private final double[][] lineWeights = new double[ROLES.length][lineNames.size()];

  /** For each role before and each role the weight of each sign of a step. */
  private final double[][][] stepWeights = new double[ROLES.length][ROLES.length][stepNames.size()];

  private final HiddenUnits units;

  /**
   * A model that weighs nothing yet.
   *
   * @param units how many hidden units it has, 0 or more
   */
  public RoleModel(int units) {
    this.units = new HiddenUnits(inputNames(), units);
  }

  /** What hidden units weigh: the signs of a line, then those of the step to it. */
  static List<String> inputNames() {
    List<String> names = new ArrayList<>(LineSigns.lineNames());
    LineSigns.stepNames().forEach(n -> names.add(STEP_TO_IT + n));
    return names;
  }

  /**
   * The trained model that ships with the program.
   *
   * @throws UncheckedIOException if it cannot be read
   */
  public static RoleModel trained() {
    return Trained.MODEL;
  }

  /** Read once, when it is first needed. */
  private static final class Trained {
    static final RoleModel MODEL = read();

    private static RoleModel read() {
      RoleModel model = new RoleModel(0);
      Weights.read(RoleModel.class, RESOURCE).forEach(model::set);
      return model;
    }
  }

  /** Sets a weight as {@link #text} writes it; signs that are not known any more are left out. */
  private void set(String[] parts) {
    if (HiddenUnits.isUnits(parts[0])) {
      units.set(parts);
      return;
    }
    double weight = Double.parseDouble(parts[2]);
    String[] roles = parts[0].split(" ");
    int last = LineRole.valueOf(roles[roles.length - 1]).ordinal();
    boolean step = roles.length == 2;
    int sign = (step ? stepNames : lineNames).indexOf(parts[1]);
    if (sign >= 0 && step) {
      stepWeights[LineRole.valueOf(roles[0]).ordinal()][last][sign] = weight;
    } else if (sign >= 0) {
      lineWeights[last][sign] = weight;
    }
  }

  /**
   * The weights as text: roles, sign and weight in a line, parted by tabs, those of 0 left out;
   * then those of the hidden units.
   */
  public String text() {
    StringBuilder text = new StringBuilder();
    for (LineRole role : ROLES) {
      append(text, role.name(), lineNames, lineWeights[role.ordinal()]);
    }
    for (LineRole before : ROLES) {
      for (LineRole role : ROLES) {
        String roles = before.name() + " " + role.name();
        append(text, roles, stepNames, stepWeights[before.ordinal()][role.ordinal()]);
      }
    }
    units.appendTo(text);
    return text.toString();
  }

  private static void append(
      StringBuilder text, String roles, List<String> names, double[] values) {
    for (int i = 0; i < values.length; i++) {
      String weight = String.format(Locale.ROOT, "%.3f", values[i]);
      if (Double.parseDouble(weight) != 0) {
        text.append(roles)
            .append('\t')
            .append(names.get(i))
            .append('\t')
            .append(weight)
            .append('\n');
      }
    }
  }

  /** The weights of the signs of a line, by role: for training. */
  public double[][] lineWeights() {
    return lineWeights;
  }

  /** The weights of the signs of a step, by the role before and the role: for training. */
  public double[][][] stepWeights() {
    return stepWeights;
  }

  /** What the signs of lines say together. */
  public HiddenUnits units() {
    return units;
  }

  /** For each line what hidden units weigh: its signs, then those of the step to it. */
  public static double[][] inputs(double[][] lineSigns, double[][] stepSigns) {
    double[][] inputs = new double[lineSigns.length][];
    for (int i = 0; i < inputs.length; i++) {
      int own = lineSigns[i].length;
      inputs[i] = Arrays.copyOf(lineSigns[i], own + stepSigns[i].length);
      System.arraycopy(stepSigns[i], 0, inputs[i], own, stepSigns[i].length);
    }
    return inputs;
  }

  /**
   * The scores of the lines of a zone: each line with each role, each step with each pair of roles.
   *
   * @param lineSigns by line
   * @param stepSigns by line, for the step from the line before; those of the first weigh nothing
   */
  public RoleScores scores(double[][] lineSigns, double[][] stepSigns) {
    double[][] sums = units.sums(inputs(lineSigns, stepSigns));
    for (double[] line : sums) {
      Arrays.setAll(line, u -> Math.max(0, line[u]));
    }
    return scores(lineSigns, stepSigns, sums);
  }

  /**
   * As {@link #scores(double[][], double[][])}, with what the hidden units say: for training.
   *
   * @param spoken by line and unit, 0 where it says nothing
   */
  public RoleScores scores(double[][] lineSigns, double[][] stepSigns, double[][] spoken) {
    int lines = lineSigns.length;
    double[][] ofLine = new double[lines][ROLES.length];
    double[][][] ofStep = new double[lines][ROLES.length][ROLES.length];
    for (int i = 0; i < lines; i++) {
      for (int role = 0; role < ROLES.length; role++) {
        ofLine[i][role] =
            Weights.sum(lineWeights[role], lineSigns[i])
                + Weights.sum(units.outputs()[role], spoken[i]);
        for (int before = 0; before < ROLES.length && i > 0; before++) {
          ofStep[i][before][role] = Weights.sum(stepWeights[before][role], stepSigns[i]);
        }
      }
    }
    return new RoleScores(ofLine, ofStep);
  }
}
