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

/**
 * The probability that a table is right as a whole, from named signs of it: a logistic model whose
 * weights were trained on papers with truth and stand in a text file, a sign and its weight in a
 * line.
 */
public final class TableModel {

  private static final String RESOURCE = "table-right.txt";

  private final double[] weights;

  /**
   * A model.
   *
   * @param names of the signs, in the order of their values
   * @param weights by name; a sign without one weighs nothing
   */
  public TableModel(List<String> names, Map<String, Double> weights) {
    this.weights = names.stream().mapToDouble(n -> weights.getOrDefault(n, 0.0)).toArray();
  }

  /**
   * The trained model that ships with the program.
   *
   * @param names of the signs, in the order of their values
   * @throws UncheckedIOException if it cannot be read
   */
  public static TableModel trained(List<String> names) {
    try (InputStream in = TableModel.class.getResourceAsStream(RESOURCE);
        BufferedReader lines =
            new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
      Map<String, Double> weights = new HashMap<>();
      lines
          .lines()
          .filter(l -> !l.isEmpty() && !l.startsWith("#"))
          .map(l -> l.split("\t"))
          .forEach(p -> weights.put(p[0], Double.parseDouble(p[1])));
      return new TableModel(names, weights);
    } catch (IOException e) {
      throw new UncheckedIOException("cannot read " + RESOURCE, e);
    }
  }

  /** The probability, 0 to 1, that a table with these signs is right. */
  public double probability(double[] signs) {
    double sum = 0;
    for (int i = 0; i < weights.length; i++) {
      sum += weights[i] * signs[i];
    }
    return 1 / (1 + Math.exp(-sum));
  }
}
