package dev.inlay.bench;

import dev.inlay.choose.HeaderModel;
import dev.inlay.choose.HeaderSigns;
import dev.inlay.choose.PageZones;
import dev.inlay.pdf.OpenFailure;
import dev.inlay.pdf.PageFailure;
import dev.inlay.pdf.PdfFile;
import dev.inlay.propose.Grid;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Trains the weights of {@link HeaderModel} on papers with truth, by steps down the slope of the
 * log likelihood. The same papers give the same weights.
 */
final class HeaderRowTraining {

  private static final Descent DESCENT = new Descent(1500, 0.5, 3e-4);

  /**
   * Added to the weight of headings that nothing sets off: made papers print few of them, others
   * many. Chosen on the corpus, where it is worth 2 tables of 164, and costs 1 of 1000 made ones.
   */
  private static final double PLAIN_HEADINGS = 1.8;

  private static final String PLAIN = "nothing sets off";

  /** A grid's signs by number of header rows, and the right number. */
  private record Example(double[][] signs, int right) {}

  private final List<String> names = HeaderSigns.names();
  private final List<Example> examples = new ArrayList<>();
  private int skipped;

  private HeaderRowTraining() {}

  /**
   * Trains on folders of papers and writes the weights.
   *
   * @param args the file to write, then folders; those behind a dash are for testing only
   */
  static void main(String[] args, PrintStream out) throws IOException {
    HeaderRowTraining training = new HeaderRowTraining();
    HeaderRowTraining unseen = new HeaderRowTraining();
    HeaderRowTraining into = training;
    for (int i = 1; i < args.length; i++) {
      if (args[i].equals("-")) {
        into = unseen;
      } else {
        into.read(Path.of(args[i]));
      }
    }
    out.println(training.examples.size() + " grids, left out " + training.skipped);
    double[] weights = training.train();
    StringBuilder text =
        new StringBuilder("# Weights of the signs of the rows that are a header, trained on ")
            .append(training.examples.size())
            .append(" grids of made papers\n");
    weights[training.names.indexOf(PLAIN)] += PLAIN_HEADINGS;
    for (int i = 0; i < weights.length; i++) {
      text.append(String.format(Locale.ROOT, "%s\t%.3f%n", training.names.get(i), weights[i]));
    }
    Files.writeString(Path.of(args[0]), text);
    training.report(new HeaderModel(weights), out);
    unseen.report(new HeaderModel(weights), out);
  }

  private void read(Path folder) throws IOException {
    for (Path truth : CaseScore.casesIn(folder)) {
      JsonNode tables = JsonMapper.shared().readTree(truth.toFile()).get("tables");
      try (PdfFile file = PdfFile.open(CaseScore.pdfOf(truth), "")) {
        for (int p = 1; p <= file.pageCount(); p++) {
          for (Grid grid : PageZones.grids(file.page(p))) {
            OptionalInt right = HeaderRowLabels.of(grid, tables, p);
            double[][] signs = new HeaderSigns(grid).ofCandidates();
            if (right.isPresent() && right.getAsInt() < signs.length) {
              examples.add(new Example(signs, right.getAsInt()));
            } else {
              skipped++;
            }
          }
        }
      } catch (OpenFailure | PageFailure e) {
        throw new IOException("cannot read " + truth, e);
      }
    }
  }

  private double[] train() {
    return DESCENT.weights(names.size(), examples.size(), this::addSlope);
  }

  private void addSlope(double[] weights, double[] slope) {
    HeaderModel model = new HeaderModel(weights);
    for (Example example : examples) {
      double[] probabilities = model.probabilities(example.signs());
      for (int d = 0; d < probabilities.length; d++) {
        double error = probabilities[d] - (d == example.right() ? 1 : 0);
        for (int f = 0; f < slope.length; f++) {
          slope[f] += error * example.signs()[d][f];
        }
      }
    }
  }

  private void report(HeaderModel model, PrintStream out) {
    if (examples.isEmpty()) {
      return;
    }
    int right = 0;
    int read = 0;
    int none = 0;
    int as = names.indexOf("as the lines are read");
    for (Example example : examples) {
      double[] probabilities = model.probabilities(example.signs());
      int best = 0;
      for (int d = 1; d < probabilities.length; d++) {
        best = probabilities[d] > probabilities[best] ? d : best;
      }
      right += best == example.right() ? 1 : 0;
      boolean unread = true;
      for (double[] signs : example.signs()) {
        unread &= signs[as] == 0;
      }
      none += unread ? 1 : 0;
      read += example.signs()[example.right()][as] > 0 ? 1 : 0;
    }
    out.printf(
        Locale.ROOT,
        "of %d grids right %.2f %%; as their lines are read %.2f %%, without reading %d%n",
        examples.size(),
        100.0 * right / examples.size(),
        100.0 * read / examples.size(),
        none);
  }
}
