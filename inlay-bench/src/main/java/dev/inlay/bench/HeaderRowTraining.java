package dev.inlay.bench;

import dev.inlay.choose.HeaderSigns;
import dev.inlay.choose.PageZones;
import dev.inlay.propose.Grid;
import dev.inlay.score.Choice;
import dev.inlay.score.SignScore;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;

/**
 * Trains the weights of the header rows on papers with truth. The same papers give the same
 * weights.
 */
final class HeaderRowTraining {

  private static final int UNITS = 12;
  private static final double PULL = 0.1;

  /**
   * Added to the weight of headings that nothing sets off: made papers print few of them, others
   * many. Chosen on the corpus, where it is worth 2 tables of 164, and costs 1 of 1000 made ones.
   */
  private static final double PLAIN_HEADINGS = 1.8;

  private static final String PLAIN = "nothing sets off";

  private final List<String> names = HeaderSigns.names();
  private final ChoiceTraining examples = new ChoiceTraining();
  private int skipped;

  private HeaderRowTraining() {}

  private static HeaderRowTraining of(List<Path> folders) throws IOException {
    HeaderRowTraining training = new HeaderRowTraining();
    for (Path folder : folders) {
      training.read(folder);
    }
    return training;
  }

  /**
   * Trains on folders of papers and writes the weights.
   *
   * @param args see {@link TrainingPapers}
   */
  static void main(String[] args, PrintStream out) throws IOException {
    TrainingPapers papers = TrainingPapers.of(args);
    HeaderRowTraining training = HeaderRowTraining.of(papers.shown());
    HeaderRowTraining unseen = HeaderRowTraining.of(papers.unseen());
    out.println(training.examples.examples().size() + " grids, left out " + training.skipped);
    SignScore score = training.train();
    String text =
        "# Weights of the signs of the rows that are a header, trained on "
            + training.examples.examples().size()
            + " grids of made papers\n";
    score.parameters().get(0)[training.names.indexOf(PLAIN)] += PLAIN_HEADINGS;
    Files.writeString(papers.weights(), text + score.text(training.names));
    training.report(new Choice(score), out);
    unseen.report(new Choice(score), out);
  }

  /**
   * The mean of a score of single signs and of one with units: units alone tell made papers better
   * (0.2 of 100 tables), and go wrong where hardly any made paper shows the like, as on headings
   * that count.
   */
  private SignScore train() {
    return SignScore.mean(
        List.of(examples.train(names.size(), 0, PULL), examples.train(names.size(), UNITS, PULL)));
  }

  private void read(Path folder) throws IOException {
    TruthPages.each(
        folder,
        (page, tables, number) -> {
          for (Grid grid : PageZones.grids(page)) {
            OptionalInt right = HeaderRowLabels.of(grid, tables, number);
            double[][] signs = new HeaderSigns(grid).ofCandidates();
            if (right.isPresent() && right.getAsInt() < signs.length) {
              examples.add(signs, right.getAsInt());
            } else {
              skipped++;
            }
          }
        });
  }

  private void report(Choice model, PrintStream out) {
    if (examples.examples().isEmpty()) {
      return;
    }
    int count = examples.examples().size();
    int read = 0;
    int none = 0;
    int as = names.indexOf("as the lines are read");
    for (ChoiceTraining.Example example : examples.examples()) {
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
        count,
        100.0 * examples.right(model) / count,
        100.0 * read / count,
        none);
  }
}
