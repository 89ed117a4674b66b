package dev.inlay.bench;

import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import dev.inlay.page.PageSelection;
import dev.inlay.table.Table;
import dev.inlay.table.WholeTable;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Trains the weights of {@code TableModel}: of each table that is found in papers with truth, its
 * signs and whether it is perfect. Logistic regression by gradient steps over all examples, with a
 * pull of the weights towards 0.
 */
final class TableTraining {

  private static final int STEPS = 4000;
  private static final double RATE = 0.5;
  private static final double PULL = 2e-4;

  private final List<String> names = WholeTable.names();
  private final List<double[]> signs = new ArrayList<>();
  private final List<Boolean> right = new ArrayList<>();

  private TableTraining() {}

  /**
   * Trains on folders of papers and writes the weights.
   *
   * @param args the file to write, then folders
   */
  static void main(String[] args, PrintStream out) throws IOException, InterruptedException {
    TableTraining training = new TableTraining();
    for (int i = 1; i < args.length; i++) {
      training.read(Path.of(args[i]));
    }
    double[] weights = training.train();
    StringBuilder text = new StringBuilder("# Weights of the signs of a table that is right\n");
    for (int i = 0; i < weights.length; i++) {
      text.append(String.format(Locale.ROOT, "%s\t%.3f%n", training.names.get(i), weights[i]));
    }
    Files.writeString(Path.of(args[0]), text);
    training.report(weights, out);
  }

  private void read(Path folder) throws IOException, InterruptedException {
    for (Path truth : CaseScore.casesIn(folder)) {
      DocumentTables document =
          new Extractor(PageSelection.ALL, "").extract(CaseScore.pdfOf(truth));
      JsonNode due = JsonMapper.shared().readTree(truth.toFile());
      List<Boolean> perfect = CaseScore.perfect(due, CaseReading.asJson(document));
      for (int i = 0; i < document.tables().size(); i++) {
        Table table = document.tables().get(i);
        signs.add(WholeTable.signs(table, names.size()));
        right.add(perfect.get(i));
      }
    }
  }

  private double[] train() {
    double[] weights = new double[names.size()];
    double[] speed = new double[weights.length];
    for (int step = 0; step < STEPS; step++) {
      double[] gradient = new double[weights.length];
      for (int i = 0; i < signs.size(); i++) {
        double error = probability(weights, signs.get(i)) - (right.get(i) ? 1 : 0);
        for (int f = 0; f < weights.length; f++) {
          gradient[f] += error * signs.get(i)[f];
        }
      }
      for (int f = 0; f < weights.length; f++) {
        double slope = gradient[f] / signs.size() + PULL * weights[f];
        speed[f] = 0.9 * speed[f] - RATE * slope;
        weights[f] += speed[f];
      }
    }
    return weights;
  }

  private static double probability(double[] weights, double[] signs) {
    double sum = 0;
    for (int f = 0; f < weights.length; f++) {
      sum += weights[f] * signs[f];
    }
    return 1 / (1 + Math.exp(-sum));
  }

  private void report(double[] weights, PrintStream out) {
    for (double limit = 0.4; limit < 0.96; limit += 0.05) {
      int silent = 0;
      int flaggedRight = 0;
      for (int i = 0; i < signs.size(); i++) {
        boolean flagged = probability(weights, signs.get(i)) < limit;
        silent += !right.get(i) && !flagged ? 1 : 0;
        flaggedRight += right.get(i) && flagged ? 1 : 0;
      }
      out.printf(
          Locale.ROOT,
          "below %.2f flagged: silently wrong %.1f %%, right but flagged %.1f %%%n",
          limit,
          100.0 * silent / signs.size(),
          100.0 * flaggedRight / signs.size());
    }
  }
}
