package dev.inlay.bench;

import dev.inlay.choose.PageZones;
import dev.inlay.propose.OpenFrame;
import dev.inlay.propose.OpenGridBuilder;
import dev.inlay.propose.ReachModel;
import dev.inlay.propose.RowText;
import dev.inlay.score.Choice;
import dev.inlay.score.SignScore;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;

/** Trains the weights of {@link ReachModel} on papers with truth. */
final class ReachTraining {

  private static final int UNITS = 12;
  private static final double PULL = 1e-2;

  private final List<String> names = ReachModel.names();
  private final ChoiceTraining examples = new ChoiceTraining();
  private int skipped;

  private ReachTraining() {}

  private static ReachTraining of(List<Path> folders) throws IOException {
    ReachTraining training = new ReachTraining();
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
    ReachTraining training = ReachTraining.of(papers.shown());
    ReachTraining unseen = ReachTraining.of(papers.unseen());
    SignScore score = training.examples.train(training.names.size(), UNITS, PULL);
    String text =
        "# Weights of the signs of a text over some columns, trained on "
            + training.examples.examples().size()
            + " texts of made papers\n";
    Files.writeString(papers.weights(), text + score.text(training.names));
    training.report(new Choice(score), out);
    unseen.report(new Choice(score), out);
  }

  private void read(Path folder) throws IOException {
    TruthPages.each(
        folder,
        (page, tables, number) -> {
          for (OpenFrame open : PageZones.frames(page)) {
            for (RowText text : OpenGridBuilder.texts(open)) {
              OptionalInt right = ReachLabels.of(text, tables, number);
              right.ifPresentOrElse(r -> examples.add(text.signs(), r), () -> skipped++);
            }
          }
        });
  }

  private void report(Choice model, PrintStream out) {
    int count = examples.examples().size();
    long over = examples.examples().stream().filter(e -> e.right() > 0).count();
    out.printf(
        Locale.ROOT,
        "of %d texts, %d of them over several columns, right %.2f %%; left out %d%n",
        count,
        over,
        100.0 * examples.right(model) / Math.max(1, count),
        skipped);
  }
}
