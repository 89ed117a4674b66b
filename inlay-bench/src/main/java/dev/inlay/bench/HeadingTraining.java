package dev.inlay.bench;

import dev.inlay.choose.PageZones;
import dev.inlay.propose.HeaderLayout;
import dev.inlay.propose.Heading;
import dev.inlay.propose.HeadingLine;
import dev.inlay.propose.HeadingModel;
import dev.inlay.propose.OpenFrame;
import dev.inlay.propose.OpenGridBuilder;
import dev.inlay.score.SignScore;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.JsonNode;

/**
 * Trains the weights of {@link HeadingModel} on papers with truth: a score of single signs first,
 * then, among the placings that it finds possible, one with units. The same papers give the same
 * weights.
 */
final class HeadingTraining {

  private static final int UNITS = 24;
  private static final double PULL = 0.03;

  /** As long as there is no score all placings are possible: these few lines give a first one. */
  private static final int FIRST = 200;

  /** A line whose headings are known, and those of the lines below it. */
  private record Known(HeadingLine line, List<Heading> right) {}

  private final int signs = HeadingModel.names().size();
  private final List<Known> lines = new ArrayList<>();
  private int headers;
  private int skipped;

  private HeadingTraining() {}

  private static HeadingTraining of(List<Path> folders) throws IOException {
    HeadingTraining training = new HeadingTraining();
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
    HeadingTraining training = HeadingTraining.of(papers.shown());
    HeadingTraining unseen = HeadingTraining.of(papers.unseen());
    out.println(training.headers + " headers, left out " + training.skipped);
    SignScore score = training.train(out);
    papers.write(
        "headings over columns, trained on " + training.headers + " headers of made papers",
        score,
        HeadingModel.names());
    training.report(score, out);
    unseen.report(score, out);
  }

  private void read(Path folder) throws IOException {
    TruthPages.each(
        folder,
        (page, tables, number) -> {
          for (OpenFrame open : PageZones.frames(page)) {
            add(OpenGridBuilder.layout(open), tables, number);
          }
        });
  }

  private void add(HeaderLayout layout, JsonNode tables, int page) {
    if (layout.lines().isEmpty()) {
      return;
    }
    for (JsonNode table : tables) {
      boolean here = TruthRows.isOn(table, page);
      List<List<Heading>> right = here ? HeadingLabels.of(layout, table) : List.of();
      if (!right.isEmpty()) {
        headers++;
        for (int i = 0; i < right.size(); i++) {
          List<List<Heading>> below = right.subList(i + 1, right.size());
          lines.add(new Known(new HeadingLine(layout, i, below), right.get(i)));
        }
        return;
      }
    }
    skipped++;
  }

  private SignScore train(PrintStream out) {
    SignScore few =
        train(lines.subList(0, Math.min(FIRST, lines.size())), new SignScore(signs, 0), 0);
    SignScore single = train(lines, few, 0);
    report(single, out);
    return train(lines, single, UNITS);
  }

  /** A score trained on the placings that another one finds possible. */
  private SignScore train(List<Known> of, SignScore before, int units) {
    List<HeadingExample> examples =
        of.stream().map(k -> new HeadingExample(k.line(), k.right(), before)).toList();
    return new ScoreTraining(examples).train(signs, units, PULL);
  }

  private void report(SignScore model, PrintStream out) {
    if (lines.isEmpty()) {
      return;
    }
    long right = lines.stream().filter(k -> k.line().best(model).equals(k.right())).count();
    int count = lines.size();
    out.printf(Locale.ROOT, "of %d lines %.2f %% of lines right%n", count, 100.0 * right / count);
  }
}
