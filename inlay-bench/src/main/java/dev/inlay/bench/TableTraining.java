package dev.inlay.bench;

import dev.inlay.document.WholeTable;
import dev.inlay.model.Table;
import dev.inlay.score.Choice;
import dev.inlay.score.SignScore;
import dev.inlay.score.TableModel;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/**
 * Trains the weights of {@code TableModel}: of each table that is found in papers with truth, its
 * signs and whether it is perfect.
 */
final class TableTraining {

  private static final int UNITS = 4;

  /**
   * Strong, or the units learn the makers of papers. Of a right and a wrong table the right one has
   * the higher probability in 89.6 of 100 pairs from made papers and in 90.2 from papers by others;
   * with hardly any pull in 90.3 and 87.3.
   */
  private static final double PULL = 0.15;

  private final List<String> names = WholeTable.names();
  private final ChoiceTraining examples = new ChoiceTraining();

  private TableTraining() {}

  private static TableTraining of(List<Path> folders) throws IOException, InterruptedException {
    TableTraining training = new TableTraining();
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
  static void main(String[] args, PrintStream out) throws IOException, InterruptedException {
    TrainingPapers papers = TrainingPapers.of(args);
    TableTraining training = TableTraining.of(papers.shown());
    TableTraining unseen = TableTraining.of(papers.unseen());
    SignScore score = training.examples.train(training.names.size(), UNITS, PULL);
    papers.write(
        "a table that is right, trained on "
            + training.examples.examples().size()
            + " tables found in made papers",
        score,
        training.names);
    training.report(new TableModel(score), out);
    unseen.report(new TableModel(score), out);
  }

  private void read(Path folder) throws IOException, InterruptedException {
    for (Path truth : CaseScore.casesIn(folder)) {
      CaseReading reading = CaseReading.of(truth);
      List<Table> tables = reading.document().tables();
      for (int i = 0; i < tables.size(); i++) {
        double[] signs = tables.get(i).signs().stream().mapToDouble(s -> s).toArray();
        boolean right = reading.score().perfectResults().contains(i);
        examples.add(Choice.orNone(signs), right ? 0 : 1);
      }
    }
  }

  private void report(TableModel model, PrintStream out) {
    int count = Math.max(1, examples.examples().size());
    out.println(count + " tables");
    for (double limit = 0.4; limit < 0.96; limit += 0.05) {
      int silent = 0;
      int flaggedRight = 0;
      for (ChoiceTraining.Example example : examples.examples()) {
        boolean flagged = model.probability(example.signs()[0]) < limit;
        boolean right = example.right() == 0;
        silent += !right && !flagged ? 1 : 0;
        flaggedRight += right && flagged ? 1 : 0;
      }
      out.printf(
          Locale.ROOT,
          "below %.2f flagged: silently wrong %.1f %%, right but flagged %.1f %%%n",
          limit,
          100.0 * silent / count,
          100.0 * flaggedRight / count);
    }
  }
}
