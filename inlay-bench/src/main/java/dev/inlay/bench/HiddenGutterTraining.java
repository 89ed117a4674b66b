package dev.inlay.bench;

import dev.inlay.choose.PageZones;
import dev.inlay.page.Page;
import dev.inlay.propose.HiddenGutter;
import dev.inlay.propose.HiddenGutterModel;
import dev.inlay.score.Choice;
import dev.inlay.score.SignScore;
import java.io.IOException;
import java.io.PrintStream;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.JsonNode;

/** Trains the weights of {@link HiddenGutterModel} on papers with truth. */
final class HiddenGutterTraining implements ChoiceTask {

  private static final int UNITS = 8;
  private static final double PULL = 0.05;

  private HiddenGutterTraining() {}

  /**
   * Trains on folders of papers and writes the weights.
   *
   * @param args see {@link TrainingPapers}
   */
  static void main(String[] args, PrintStream out) throws IOException {
    ChoiceTraining.run(new HiddenGutterTraining(), args, out);
  }

  @Override
  public List<String> names() {
    return HiddenGutterModel.names();
  }

  @Override
  public String trainedOn(int count) {
    return "strips inside columns, trained on " + count + " strips of made papers";
  }

  @Override
  public SignScore train(ChoiceTraining shown, PrintStream out) {
    return shown.train(names().size(), UNITS, PULL);
  }

  @Override
  public void read(Page page, JsonNode tables, int number, ChoiceTraining into) {
    for (HiddenGutter strip : PageZones.hiddenGutters(page)) {
      HiddenGutterLabels.of(strip, tables, number)
          .ifPresentOrElse(
              right -> into.add(Choice.orNone(strip.signs()), right ? 0 : 1), into::skip);
    }
  }

  @Override
  public void report(ChoiceTraining training, Choice model, PrintStream out) {
    long gutters = training.examples().stream().filter(e -> e.right() == 0).count();
    long wrong =
        training.examples().stream()
            .filter(e -> e.right() == 1 && Choice.best(model.probabilities(e.signs())) == 0)
            .count();
    out.printf(
        Locale.ROOT,
        "of %d strips, %d of them gutters, right %.2f %%; %d are taken for gutters; left out %d%n",
        training.examples().size(),
        gutters,
        training.percentRight(model),
        wrong,
        training.skipped());
  }
}
