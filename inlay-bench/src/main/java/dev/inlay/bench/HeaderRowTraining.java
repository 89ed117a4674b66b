package dev.inlay.bench;

import dev.inlay.choose.HeaderSigns;
import dev.inlay.choose.PageZones;
import dev.inlay.page.Page;
import dev.inlay.propose.Grid;
import dev.inlay.score.Choice;
import dev.inlay.score.SignScore;
import java.io.IOException;
import java.io.PrintStream;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import tools.jackson.databind.JsonNode;

/**
 * Trains the weights of the header rows on papers with truth. The same papers give the same
 * weights.
 */
final class HeaderRowTraining implements ChoiceTask {

  private static final int UNITS = 12;
  private static final double PULL = 0.1;

  /**
   * Added to the weight of headings that nothing sets off: made papers print few of them, others
   * many. Chosen on the corpus, where it is worth 2 tables of 164, and costs 1 of 1000 made ones.
   */
  private static final double PLAIN_HEADINGS = 1.8;

  private static final String PLAIN = "nothing sets off";

  private HeaderRowTraining() {}

  /**
   * Trains on folders of papers and writes the weights.
   *
   * @param args see {@link TrainingPapers}
   */
  static void main(String[] args, PrintStream out) throws IOException {
    ChoiceTraining.run(new HeaderRowTraining(), args, out);
  }

  @Override
  public List<String> names() {
    return HeaderSigns.names();
  }

  @Override
  public String trainedOn(int count) {
    return "the rows that are a header, trained on " + count + " grids of made papers";
  }

  /**
   * The mean of a score of single signs and of one with units: units alone tell made papers better
   * (0.2 of 100 tables), and go wrong where hardly any made paper shows the like, as on headings
   * that count.
   */
  @Override
  public SignScore train(ChoiceTraining shown, PrintStream out) {
    out.println(shown.examples().size() + " grids, left out " + shown.skipped());
    int signs = names().size();
    SignScore score =
        SignScore.mean(List.of(shown.train(signs, 0, PULL), shown.train(signs, UNITS, PULL)));
    score.parameters().get(0)[names().indexOf(PLAIN)] += PLAIN_HEADINGS;
    return score;
  }

  @Override
  public void read(Page page, JsonNode tables, int number, ChoiceTraining into) {
    for (Grid grid : PageZones.grids(page)) {
      OptionalInt right = HeaderRowLabels.of(grid, tables, number);
      double[][] signs = new HeaderSigns(grid).ofCandidates();
      if (right.isPresent() && right.getAsInt() < signs.length) {
        into.add(signs, right.getAsInt());
      } else {
        into.skip();
      }
    }
  }

  @Override
  public void report(ChoiceTraining training, Choice model, PrintStream out) {
    if (training.examples().isEmpty()) {
      return;
    }
    int count = training.examples().size();
    int read = 0;
    int none = 0;
    int as = names().indexOf("as the lines are read");
    for (ChoiceTraining.Example example : training.examples()) {
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
        training.percentRight(model),
        100.0 * read / count,
        none);
  }
}
