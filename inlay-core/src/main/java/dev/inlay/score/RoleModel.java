package dev.inlay.score;

import dev.inlay.find.LineRole;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;

/**
 * A linear chain over the lines of a zone: each line's role is weighed by the line's signs, and
 * each pair of roles by the signs of the step between their lines (a conditional random field:
 * Lafferty, McCallum, Pereira, 2001). The weights were trained on papers with truth and stand in a
 * text file.
 *
 * <p>Works in the number of lines times the square of the number of roles.
 */
public final class RoleModel {

  private static final String RESOURCE = "line-roles.txt";

  private static final LineRole[] ROLES = LineRole.values();

  private final List<String> lineNames = LineSigns.lineNames();
  private final List<String> stepNames = LineSigns.stepNames();

  /** For each role the weight of each sign of a line. */
  private final double[][] lineWeights = new double[ROLES.length][lineNames.size()];

  /** For each role before and each role the weight of each sign of a step. */
  private final double[][][] stepWeights = new double[ROLES.length][ROLES.length][stepNames.size()];

  /** A model that weighs nothing yet. */
  public RoleModel() {}

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
      try (InputStream in = RoleModel.class.getResourceAsStream(RESOURCE);
          BufferedReader lines =
              new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
        RoleModel model = new RoleModel();
        lines.lines().filter(l -> !l.isEmpty() && !l.startsWith("#")).forEach(model::set);
        return model;
      } catch (IOException e) {
        throw new UncheckedIOException("cannot read " + RESOURCE, e);
      }
    }
  }

  /** Sets a weight as {@link #text} writes it; signs that are not known any more are left out. */
  private void set(String line) {
    String[] parts = line.split("\t");
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

  /** The weights as text: roles, sign and weight in a line, parted by tabs; those of 0 left out. */
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

  /** The scores of a zone: each line with each role, each step with each pair of roles. */
  public RoleScores scores(Zone zone) {
    LineSigns signs = new LineSigns(zone);
    int lines = zone.lines().size();
    double[][] ofLine = new double[lines][];
    double[][][] ofStep = new double[lines][ROLES.length][];
    for (int i = 0; i < lines; i++) {
      ofLine[i] = lineScores(signs.ofLine(i, lineNames.size()));
      double[] step = signs.ofStep(i, stepNames.size());
      for (int before = 0; before < ROLES.length; before++) {
        ofStep[i][before] = stepScores(before, step, i == 0);
      }
    }
    return new RoleScores(ofLine, ofStep);
  }

  /** How well each role fits a line. */
  public double[] lineScores(double[] signs) {
    double[] scores = new double[ROLES.length];
    for (int r = 0; r < scores.length; r++) {
      scores[r] = dot(lineWeights[r], signs);
    }
    return scores;
  }

  /** How well each role fits behind another; before the first line there is none. */
  public double[] stepScores(int before, double[] signs, boolean first) {
    double[] scores = new double[ROLES.length];
    for (int r = 0; r < scores.length && !first; r++) {
      scores[r] = dot(stepWeights[before][r], signs);
    }
    return scores;
  }

  private static double dot(double[] weights, double[] signs) {
    double sum = 0;
    for (int i = 0; i < weights.length; i++) {
      sum += weights[i] * signs[i];
    }
    return sum;
  }
}
