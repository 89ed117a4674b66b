package dev.inlay.score;

import dev.inlay.evidence.LineRole;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * What signs say together, which each of them alone does not: units that each weigh the signs of a
 * line, of the two lines above it and of the two below it, and speak for or against roles by as
 * much as their sum is above 0 (rectified linear units: Nair, Hinton, 2010). A line of bold words
 * is a header above records and a group heading among them; a weight for "bold" alone cannot say
 * so.
 *
 * <p>Because a unit that speaks is linear in its signs, each sign's share in a score is exact, and
 * {@code explain} shows it.
 */
public final class HiddenUnits {

  /** How many lines above and below are looked at: with one fewer zones are right. */
  public static final int REACH = 2;

  /** The lines that are looked at. */
  public static final int LINES = 2 * REACH + 1;

  private static final LineRole[] ROLES = LineRole.values();

  /** How files call the lines that are looked at, from the uppermost to the lowest. */
  private static final List<String> PLACES =
      List.of("2 lines above", "line above", "line", "line below", "2 lines below");

  /** How files call what a unit adds to each role, and what its sum begins with. */
  private static final String UNIT = "unit";

  private static final String BIAS = "begins with";

  private final List<String> inputs;
  private double[][][] weights;
  private double[] biases;
  private double[][] outputs;

  /**
   * Units that weigh nothing yet.
   *
   * @param inputs the names of the signs
   * @param count how many units, 0 or more
   */
  HiddenUnits(List<String> inputs, int count) {
    this.inputs = inputs;
    begin(count);
  }

  private void begin(int count) {
    weights = new double[LINES][inputs.size()][count];
    biases = new double[count];
    outputs = new double[ROLES.length][count];
  }

  /** By place (two lines above first), sign and unit: for training. */
  public double[][][] weights() {
    return weights;
  }

  /** What the sum of each unit begins with: for training. */
  public double[] biases() {
    return biases;
  }

  /** By role and unit, how strongly a unit speaks for the role: for training. */
  public double[][] outputs() {
    return outputs;
  }

  /** Whether a line of a file is about units. */
  static boolean isUnits(String where) {
    return where.equals(UNIT) || PLACES.contains(where);
  }

  /**
   * Sets weights as {@link #appendTo} writes them; signs that are not known are left out. Another
   * number of units than before begins anew.
   */
  void set(String[] parts) {
    double[] values = Arrays.stream(parts[2].split(" ")).mapToDouble(Double::parseDouble).toArray();
    if (values.length != biases.length) {
      begin(values.length);
    }
    if (!parts[0].equals(UNIT)) {
      int sign = inputs.indexOf(parts[1]);
      if (sign >= 0) {
        weights[PLACES.indexOf(parts[0])][sign] = values;
      }
    } else if (parts[1].equals(BIAS)) {
      biases = values;
    } else {
      outputs[LineRole.valueOf(parts[1]).ordinal()] = values;
    }
  }

  /** Writes all weights: where, sign, and a number for each unit. */
  void appendTo(StringBuilder text) {
    if (biases.length == 0) {
      return;
    }
    append(text, UNIT, BIAS, biases);
    for (LineRole role : ROLES) {
      append(text, UNIT, role.name(), outputs[role.ordinal()]);
    }
    for (int place = 0; place < LINES; place++) {
      for (int sign = 0; sign < inputs.size(); sign++) {
        append(text, PLACES.get(place), inputs.get(sign), weights[place][sign]);
      }
    }
  }

  private static void append(StringBuilder text, String where, String sign, double[] values) {
    List<String> numbers = new ArrayList<>();
    for (double value : values) {
      String number = String.format(Locale.ROOT, "%.3f", value);
      numbers.add(Double.parseDouble(number) == 0 ? "0" : number);
    }
    text.append(where).append('\t').append(sign).append('\t');
    text.append(String.join(" ", numbers)).append('\n');
  }

  /**
   * The sums of all units for each line of a zone.
   *
   * @param signs by line
   */
  public double[][] sums(double[][] signs) {
    double[][] sums = new double[signs.length][];
    for (int i = 0; i < signs.length; i++) {
      sums[i] = biases.clone();
    }
    for (int i = 0; i < signs.length; i++) {
      for (int sign = 0; sign < inputs.size(); sign++) {
        double value = signs[i][sign];
        for (int place = 0; value != 0 && place < LINES; place++) {
          int line = i + REACH - place;
          if (line >= 0 && line < signs.length) {
            Weights.addTimes(sums[line], value, weights[place][sign]);
          }
        }
      }
    }
    return sums;
  }

  /**
   * What one sign adds to the score of a role of a line, through the units that speak there.
   *
   * @param sums of the line's units
   * @param place from 0 for two lines above
   */
  double share(double[] sums, int place, int sign, LineRole role) {
    double share = 0;
    for (int u = 0; u < sums.length; u++) {
      share += sums[u] > 0 ? weights[place][sign][u] * outputs[role.ordinal()][u] : 0;
    }
    return share;
  }

  /** How a person calls a place, from 0 for two lines above; nothing for the line itself. */
  static String nameOf(int place) {
    return place == REACH ? "" : PLACES.get(place);
  }
}
