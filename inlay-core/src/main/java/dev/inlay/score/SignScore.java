package dev.inlay.score;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * A score from signs: each sign times its weight, and what the signs say together. For that, units
 * weigh all signs each in their own way, and add to the score by as much as their sum is above 0
 * (rectified linear units: Nair, Hinton, 2010).
 *
 * <p>Because a unit that speaks is linear in its signs, each sign's share in a score is exact.
 */
public final class SignScore {

  /** How files call what the sum of each unit begins with, and how much it adds. */
  private static final String BIASES = "units: begin with";

  private static final String OUTPUTS = "units: times";

  private final double[] weights;
  private final double[][] unitWeights;
  private final double[] biases;
  private final double[] outputs;

  /**
   * A score in which nothing weighs anything yet.
   *
   * @param signs how many there are
   * @param units how many, 0 or more
   */
  public SignScore(int signs, int units) {
    weights = new double[signs];
    unitWeights = new double[units][signs];
    biases = new double[units];
    outputs = new double[units];
  }

  /**
   * The trained score in a file that ships with the program; a sign without weights weighs nothing.
   *
   * @param owner the class beside which the file lies
   * @param resource its name
   * @param names of the signs, in the order of their values
   * @throws java.io.UncheckedIOException if it cannot be read
   */
  public static SignScore read(Class<?> owner, String resource, List<String> names) {
    List<String[]> lines = Weights.read(owner, resource);
    int units = lines.stream().filter(l -> l[0].equals(BIASES)).mapToInt(l -> l.length - 1).sum();
    SignScore score = new SignScore(names.size(), units);
    for (String[] line : lines) {
      double[] values = Arrays.stream(line).skip(1).mapToDouble(Double::parseDouble).toArray();
      int sign = names.indexOf(line[0]);
      if (line[0].equals(BIASES)) {
        System.arraycopy(values, 0, score.biases, 0, units);
      } else if (line[0].equals(OUTPUTS)) {
        System.arraycopy(values, 0, score.outputs, 0, units);
      } else if (sign >= 0) {
        score.weights[sign] = values[0];
        for (int u = 0; u < units; u++) {
          score.unitWeights[u][sign] = values[u + 1];
        }
      }
    }
    return score;
  }

  /** The weights as text: a line for each sign with its own weight and that in each unit. */
  public String text(List<String> names) {
    StringBuilder text = new StringBuilder();
    if (biases.length > 0) {
      text.append(line(BIASES, biases)).append(line(OUTPUTS, outputs));
    }
    for (int s = 0; s < weights.length; s++) {
      double[] values = new double[1 + biases.length];
      values[0] = weights[s];
      for (int u = 0; u < biases.length; u++) {
        values[u + 1] = unitWeights[u][s];
      }
      text.append(line(names.get(s), values));
    }
    return text.toString();
  }

  private static String line(String name, double[] values) {
    return Arrays.stream(values)
        .mapToObj(v -> String.format(Locale.ROOT, "%.3f", v))
        .collect(Collectors.joining("\t", name + "\t", "\n"));
  }

  /** The mean of several scores: it has the units of all. */
  public static SignScore mean(List<SignScore> scores) {
    int units = scores.stream().mapToInt(s -> s.biases.length).sum();
    SignScore mean = new SignScore(scores.get(0).weights.length, units);
    int at = 0;
    for (SignScore score : scores) {
      Weights.addTimes(mean.weights, 1.0 / scores.size(), score.weights);
      for (int u = 0; u < score.biases.length; u++, at++) {
        mean.biases[at] = score.biases[u];
        mean.outputs[at] = score.outputs[u] / scores.size();
        mean.unitWeights[at] = score.unitWeights[u].clone();
      }
    }
    return mean;
  }

  /** All weights: of the signs, of each unit's signs, where units begin and what they add. */
  public List<double[]> parameters() {
    List<double[]> all = new ArrayList<>(List.of(weights));
    all.addAll(List.of(unitWeights));
    all.add(biases);
    all.add(outputs);
    return all;
  }

  /** How many units it has. */
  public int units() {
    return biases.length;
  }

  /** The score. */
  public double of(double[] signs) {
    double score = Weights.sum(weights, signs);
    for (int u = 0; u < biases.length; u++) {
      score += outputs[u] * Math.max(0, biases[u] + Weights.sum(unitWeights[u], signs));
    }
    return score;
  }

  /** What each sign adds to a score; what units begin with is nobody's. */
  public double[] shares(double[] signs) {
    double[] shares = weights.clone();
    for (int u = 0; u < biases.length; u++) {
      if (biases[u] + Weights.sum(unitWeights[u], signs) > 0) {
        Weights.addTimes(shares, outputs[u], unitWeights[u]);
      }
    }
    Arrays.setAll(shares, s -> shares[s] * signs[s]);
    return shares;
  }
}
