package dev.inlay.score;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What the trained models share: their files of weights, and the weighing of signs. */
public final class Weights {

  private Weights() {}

  /**
   * The lines of a file of weights that ships with the program, each parted at its tabs; comments
   * left out.
   *
   * @param owner the class beside which the file lies
   * @param resource its name
   * @throws UncheckedIOException if it cannot be read
   */
  public static List<String[]> read(Class<?> owner, String resource) {
    try (InputStream in = owner.getResourceAsStream(resource);
        BufferedReader lines =
            new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
      return lines
          .lines()
          .filter(l -> !l.isEmpty() && !l.startsWith("#"))
          .map(l -> l.split("\t"))
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException("cannot read " + resource, e);
    }
  }

  /**
   * The weights of signs in such a file, in the order of their names; one that is not there weighs
   * nothing.
   *
   * @param owner the class beside which the file lies
   * @param resource its name
   * @throws UncheckedIOException if it cannot be read
   */
  public static double[] ofNames(Class<?> owner, String resource, List<String> names) {
    Map<String, Double> weights = new HashMap<>();
    read(owner, resource).forEach(p -> weights.put(p[0], Double.parseDouble(p[1])));
    return names.stream().mapToDouble(n -> weights.getOrDefault(n, 0.0)).toArray();
  }

  /** The sum of all signs, each times its weight. */
  public static double sum(double[] weights, double[] signs) {
    double sum = 0;
    for (int i = 0; i < weights.length; i++) {
      sum += weights[i] * signs[i];
    }
    return sum;
  }

  /** Adds values, each times the same number, to sums of the same length. */
  public static void addTimes(double[] sums, double times, double[] values) {
    for (int i = 0; i < sums.length; i++) {
      sums[i] += times * values[i];
    }
  }
}
