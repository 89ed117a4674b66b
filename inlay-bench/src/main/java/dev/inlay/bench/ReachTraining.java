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
  private final ChoiceTraining examples = new ChoiceTraining(UNITS, PULL);
  private int skipped;

  private ReachTraining() {}

  /**
   * Trains on folders of papers and writes the weights.
   *
   * @param args the file to write, then folders; those behind a dash are for testing only
   */
  static void main(String[] args, PrintStream out) throws IOException {
    ReachTraining training = new ReachTraining();
    ReachTraining unseen = new ReachTraining();
    ReachTraining into = training;
    for (int i = 1; i < args.length; i++) {
      if (args[i].equals("-")) {
        into = unseen;
      } else {
        into.read(Path.of(args[i]));
      }
    }
    SignScore score = training.examples.train(training.names.size());
    String text =
        "# Weights of the signs of a text over some columns, trained on "
            + training.examples.examples().size()
            + " texts of made papers\n";
    Files.writeString(Path.of(args[0]), text + score.text(training.names));
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
