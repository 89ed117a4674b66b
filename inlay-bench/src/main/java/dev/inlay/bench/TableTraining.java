package dev.inlay.bench;

import dev.inlay.document.WholeTable;
import dev.inlay.model.Table;
import dev.inlay.score.TableModel;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Trains the weights of {@code TableModel}: of each table that is found in papers with truth, its
 * signs and whether it is perfect. Logistic regression by gradient steps over all examples, with a
 * pull of the weights towards 0.
 */
final class TableTraining {

  private static final Descent DESCENT = new Descent(4000, 0.5, 2e-4);

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
    training.report(new TableModel(weights), out);
  }

  private void read(Path folder) throws IOException, InterruptedException {
    for (Path truth : CaseScore.casesIn(folder)) {
      CaseReading reading = CaseReading.of(truth);
      List<Table> tables = reading.document().tables();
      for (int i = 0; i < tables.size(); i++) {
        signs.add(WholeTable.signs(tables.get(i), names.size()));
        right.add(reading.score().perfectResults().contains(i));
      }
    }
  }

  private double[] train() {
    return DESCENT.weights(names.size(), signs.size(), this::addSlope);
  }

  private void addSlope(double[] weights, double[] slope) {
    TableModel model = new TableModel(weights);
    for (int i = 0; i < signs.size(); i++) {
      double error = model.probability(signs.get(i)) - (right.get(i) ? 1 : 0);
      for (int f = 0; f < slope.length; f++) {
        slope[f] += error * signs.get(i)[f];
      }
    }
  }

  private void report(TableModel model, PrintStream out) {
    for (double limit = 0.4; limit < 0.96; limit += 0.05) {
      int silent = 0;
      int flaggedRight = 0;
      for (int i = 0; i < signs.size(); i++) {
        boolean flagged = model.probability(signs.get(i)) < limit;
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
