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
final class ReachTraining implements ChoiceTask {

  private static final int UNITS = 12;
  private static final double PULL = 1e-2;

  private ReachTraining() {}

  /**
   * Trains on folders of papers and writes the weights.
   *
   * @param args see {@link TrainingPapers}
   */
  static void main(String[] args, PrintStream out) throws IOException {
    ChoiceTraining.run(new ReachTraining(), args, out);
  }

  @Override
  public List<String> names() {
    return ReachModel.names();
  }

  @Override
  public String trainedOn(int count) {
    return "a text over some columns, trained on " + count + " texts of made papers";
  }

  @Override
  public SignScore train(ChoiceTraining shown, PrintStream out) {
    return shown.train(names().size(), UNITS, PULL);
  }

  @Override
  public void read(Page page, JsonNode tables, int number, ChoiceTraining into) {
    for (OpenFrame open : PageZones.frames(page)) {
      for (RowText text : OpenGridBuilder.texts(open)) {
        OptionalInt right = ReachLabels.of(text, tables, number);
        right.ifPresentOrElse(r -> into.add(text.signs(), r), into::skip);
      }
    }
  }

  @Override
  public void report(ChoiceTraining training, Choice model, PrintStream out) {
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
