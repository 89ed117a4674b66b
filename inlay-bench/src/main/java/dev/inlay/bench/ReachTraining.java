package dev.inlay.bench;

import dev.inlay.choose.PageZones;
import dev.inlay.page.Page;
import dev.inlay.propose.OpenFrame;
import dev.inlay.propose.OpenGridBuilder;
import dev.inlay.propose.ReachModel;
import dev.inlay.propose.RowText;
import dev.inlay.score.Choice;
import dev.inlay.score.SignScore;
import java.io.IOException;
import java.io.PrintStream;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import tools.jackson.databind.JsonNode;

/** Trains the weights of {@link ReachModel} on papers with truth. */
final class ReachTraining {

  private static final int UNITS = 12;
  private static final double PULL = 1e-2;

  private ReachTraining() {}

  /**
   * Trains on folders of papers and writes the weights.
   *
   * @param args see {@link TrainingPapers}
   */
  static void main(String[] args, PrintStream out) throws IOException {
    TrainingPapers papers = TrainingPapers.of(args);
    ChoiceTraining shown = ChoiceTraining.of(papers.shown(), ReachTraining::read);
    ChoiceTraining unseen = ChoiceTraining.of(papers.unseen(), ReachTraining::read);
    List<String> names = ReachModel.names();
    SignScore score = shown.train(names.size(), UNITS, PULL);
    int count = shown.examples().size();
    papers.write(
        "a text over some columns, trained on " + count + " texts of made papers", score, names);
    report(shown, new Choice(score), out);
    report(unseen, new Choice(score), out);
  }

  private static void read(Page page, JsonNode tables, int number, ChoiceTraining into) {
    for (OpenFrame open : PageZones.frames(page)) {
      for (RowText text : OpenGridBuilder.texts(open)) {
        OptionalInt right = ReachLabels.of(text, tables, number);
        right.ifPresentOrElse(r -> into.add(text.signs(), r), into::skip);
      }
    }
  }

  private static void report(ChoiceTraining training, Choice model, PrintStream out) {
    long over = training.examples().stream().filter(e -> e.right() > 0).count();
    out.printf(
        Locale.ROOT,
        "of %d texts, %d of them over several columns, right %.2f %%; left out %d%n",
        training.examples().size(),
        over,
        training.percentRight(model),
        training.skipped());
  }
}
