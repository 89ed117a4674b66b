package dev.inlay.bench;

import dev.inlay.choose.PageZones;
import dev.inlay.propose.HeaderLayout;
import dev.inlay.propose.Heading;
import dev.inlay.propose.HeadingLine;
import dev.inlay.propose.HeadingModel;
import dev.inlay.propose.OpenFrame;
import dev.inlay.propose.OpenGridBuilder;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;

/**
 * Trains the weights of {@link HeadingModel} on papers with truth: wherever the best placing of a
 * line's headings is not the right one, the signs of the one cost more from then on and those of
 * the other less (the averaged perceptron: Collins, 2002). The same papers give the same weights.
 */
final class HeadingTraining {

  private static final int ROUNDS = 10;

  /** A step changes a weight by at most this much for each time that a sign is there. */
  private static final double RATE = 0.05;

  /** A line whose headings are known, and those of the lines below it. */
  private record Example(HeadingLine line, List<Heading> right) {}

  private final HeadingModel model = new HeadingModel();
  private final List<Example> examples = new ArrayList<>();
  private int headers;
  private int skipped;

  private HeadingTraining() {}

  /**
   * Trains on folders of papers and writes the weights.
   *
   * @param args the file to write, then folders
   */
  static void main(String[] args, PrintStream out) throws IOException {
    HeadingTraining training = new HeadingTraining();
    for (int i = 1; i < args.length; i++) {
      training.read(Path.of(args[i]));
      out.println(args[i] + ": " + training.headers + " headers, left out " + training.skipped);
    }
    training.train(out);
    Files.writeString(
        Path.of(args[0]),
        "# What the signs of headings cost, trained by inlay-bench on "
            + training.headers
            + " headers of made papers\n"
            + training.model.text());
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
      boolean here = false;
      for (JsonNode on : table.get("pages")) {
        here |= on.asInt() == page;
      }
      List<List<Heading>> right = here ? HeadingLabels.of(layout, table) : List.of();
      if (!right.isEmpty()) {
        headers++;
        for (int i = 0; i < right.size(); i++) {
          List<List<Heading>> below = right.subList(i + 1, right.size());
          examples.add(new Example(new HeadingLine(layout, i, below), right.get(i)));
        }
        return;
      }
    }
    skipped++;
  }

  private void train(PrintStream out) {
    double[] weights = model.weights();
    double[] sums = new double[weights.length];
    Random random = new Random(7);
    for (int round = 1; round <= ROUNDS; round++) {
      Collections.shuffle(examples, random);
      int right = 0;
      for (Example example : examples) {
        List<Heading> best = example.line().best(model);
        if (best.equals(example.right())) {
          right++;
        } else {
          double[] of = example.line().signs(best);
          double[] due = example.line().signs(example.right());
          for (int w = 0; w < weights.length; w++) {
            weights[w] += RATE * (of[w] - due[w]);
          }
        }
        for (int w = 0; w < weights.length; w++) {
          sums[w] += round == 1 ? 0 : weights[w];
        }
      }
      out.printf("round %d: %.2f %% of lines right%n", round, 100.0 * right / examples.size());
    }
    Arrays.setAll(weights, w -> sums[w] / ((ROUNDS - 1) * (double) examples.size()));
    long right = examples.stream().filter(e -> e.line().best(model).equals(e.right())).count();
    out.printf("mean of the rounds: %.2f %% of lines right%n", 100.0 * right / examples.size());
  }
}
