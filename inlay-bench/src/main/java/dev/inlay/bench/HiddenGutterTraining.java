package dev.inlay.bench;

import dev.inlay.choose.PageZones;
import dev.inlay.propose.HiddenGutter;
import dev.inlay.propose.HiddenGutterModel;
import dev.inlay.score.Choice;
import dev.inlay.score.SignScore;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/**
 * Trains the weights of {@link HiddenGutterModel} on papers with truth: of each strip inside a
 * column it is known from the rows that say the same in the truth whether cells are parted there.
 */
final class HiddenGutterTraining {

  private static final int UNITS = 8;
  private static final double PULL = 0.05;

  private final List<String> names = HiddenGutterModel.names();
  private final ChoiceTraining examples = new ChoiceTraining();
  private int skipped;

  private HiddenGutterTraining() {}

  private static HiddenGutterTraining of(List<Path> folders) throws IOException {
    HiddenGutterTraining training = new HiddenGutterTraining();
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
    HiddenGutterTraining training = HiddenGutterTraining.of(papers.shown());
    HiddenGutterTraining unseen = HiddenGutterTraining.of(papers.unseen());
    SignScore score = training.examples.train(training.names.size(), UNITS, PULL);
    String text =
        "# Weights of the signs of strips inside columns, trained on "
            + training.examples.examples().size()
            + " strips of made papers\n";
    Files.writeString(papers.weights(), text + score.text(training.names));
    training.report(new Choice(score), out);
    unseen.report(new Choice(score), out);
  }

  private void read(Path folder) throws IOException {
    TruthPages.each(
        folder,
        (page, tables, number) -> {
          for (HiddenGutter strip : PageZones.hiddenGutters(page)) {
            Optional<Boolean> right = isGutter(strip, tables, number);
            right.ifPresentOrElse(
                r -> examples.add(Choice.orNone(strip.signs()), r ? 0 : 1), () -> skipped++);
          }
        });
  }

  /** Whether most rows that the truth has, too, are parted there; empty where it has none. */
  static Optional<Boolean> isGutter(HiddenGutter strip, JsonNode tables, int page) {
    int parted = 0;
    int whole = 0;
    for (HiddenGutter.Parted row : strip.rows()) {
      Optional<Boolean> here = isParted(row, tables, page);
      parted += here.isPresent() && here.get() ? 1 : 0;
      whole += here.isPresent() && !here.get() ? 1 : 0;
    }
    return parted + whole == 0 ? Optional.empty() : Optional.of(parted > whole);
  }

  private static Optional<Boolean> isParted(HiddenGutter.Parted row, JsonNode tables, int page) {
    String text = ComparedText.of(row.text());
    int before = ComparedText.of(row.before()).length();
    for (JsonNode table : tables) {
      for (JsonNode on : table.get("pages")) {
        if (on.asInt() == page) {
          for (JsonNode cells : table.get("grid")) {
            if (ReachLabels.said(cells).equals(text)) {
              return Optional.of(endsAt(cells, before));
            }
          }
        }
      }
    }
    return Optional.empty();
  }

  private static boolean endsAt(JsonNode cells, int place) {
    int end = 0;
    for (JsonNode cell : cells) {
      end += ComparedText.of(cell.get(0).asString()).length();
      if (end == place) {
        return true;
      }
    }
    return false;
  }

  private void report(Choice model, PrintStream out) {
    int count = examples.examples().size();
    long gutters = examples.examples().stream().filter(e -> e.right() == 0).count();
    long wrong =
        examples.examples().stream()
            .filter(e -> e.right() == 1 && model.probabilities(e.signs())[0] > 0.5)
            .count();
    out.printf(
        Locale.ROOT,
        "of %d strips, %d of them gutters, right %.2f %%; %d are taken for gutters; left out %d%n",
        count,
        gutters,
        100.0 * examples.right(model) / Math.max(1, count),
        wrong,
        skipped);
  }
}
