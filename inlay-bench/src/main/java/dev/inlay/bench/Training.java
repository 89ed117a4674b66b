package dev.inlay.bench;

import java.io.File;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Trains all weights from papers with truth, one model after the other, each on what those before
 * it decide. A step is a process of its own that finds the weights trained so far before those that
 * ship with the program. What is trained already is not trained again, so that a training that was
 * stopped goes on; the same papers give the same weights.
 */
final class Training {

  /** A model: the command that trains it, and where its weights stand among the resources. */
  record Step(String command, String weights) {}

  static final List<Step> STEPS =
      List.of(
          new Step("train-roles", "dev/inlay/score/line-roles.txt"),
          new Step("train-gutters", "dev/inlay/propose/hidden-gutters.txt"),
          new Step("train-headings", "dev/inlay/propose/heading-lines.txt"),
          new Step("train-header-rows", "dev/inlay/choose/header-rows.txt"),
          new Step("train-reach", "dev/inlay/propose/text-reach.txt"),
          new Step("train-tables", "dev/inlay/score/table-right.txt"));

  private final Path goal;
  private final List<String> papers;
  private final PrintStream out;

  private Training(Path goal, List<String> papers, PrintStream out) {
    this.goal = goal;
    this.papers = papers;
    this.out = out;
  }

  /**
   * Trains all weights.
   *
   * @param args the folder that the weights are written to, as they stand in {@code
   *     inlay-core/src/main/resources}; then folders of papers
   * @throws IOException if a file cannot be read or written, or a step fails
   * @throws InterruptedException if stopped from outside
   */
  static void main(String[] args, PrintStream out) throws IOException, InterruptedException {
    Path goal = Path.of(args[0]).toAbsolutePath();
    Training training = new Training(goal, Arrays.asList(args).subList(1, args.length), out);
    for (Step step : STEPS) {
      training.take(step);
    }
  }

  private void take(Step step) throws IOException, InterruptedException {
    Path weights = goal.resolve(step.weights());
    if (Files.exists(weights)) {
      out.println(step.command() + ": " + weights + " is trained already");
      return;
    }
    Files.createDirectories(weights.getParent());
    Path unfinished = weights.resolveSibling(weights.getFileName() + ".part");
    out.println(step.command());
    Process process =
        new ProcessBuilder(command(step, unfinished)).redirectErrorStream(true).start();
    process.getInputStream().transferTo(out);
    if (process.waitFor() != 0) {
      throw new IOException(step.command() + " failed");
    }
    Files.move(unfinished, weights, StandardCopyOption.ATOMIC_MOVE);
  }

  private List<String> command(Step step, Path weights) {
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.add("-cp");
    command.add(goal + File.pathSeparator + System.getProperty("java.class.path"));
    command.add(Bench.class.getName());
    command.add(step.command());
    command.add(weights.toString());
    command.addAll(papers);
    return command;
  }
}
