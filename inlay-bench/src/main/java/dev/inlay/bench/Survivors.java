package dev.inlay.bench;

import java.io.BufferedReader;
import java.io.File;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;

/**
 * Runs changes of the code that no unit test noticed against the cases: how many of them change the
 * state of a case? The changes are a sample of those that a run of the mutation profile reports.
 */
final class Survivors {

  static final String USE = "use: survivors MUTATIONS.xml CASES [COUNT [SEED]]";

  private static final int SAMPLE = 300;

  /** A change that keeps the reader busy for longer runs for ever. */
  private static final int MOST_SECONDS = 120;

  /** The end of a worker's output. */
  private static final String END = "";

  private final List<String> workerArguments;
  private final PrintStream out;
  private int noticed;
  private int endless;
  private int unnoticed;

  private Survivors(List<String> workerArguments, PrintStream out) {
    this.workerArguments = workerArguments;
    this.out = out;
  }

  /**
   * Runs a sample against the cases.
   *
   * @param args the report of the mutation run, the folder of cases, how many changes, the seed
   * @throws IOException if the report cannot be read, or no worker can be started
   * @throws InterruptedException if stopped from outside
   */
  static void main(String[] args, PrintStream out) throws IOException, InterruptedException {
    if (args.length < 2) {
      throw new IllegalArgumentException(USE);
    }
    int count = args.length > 2 ? Integer.parseInt(args[2]) : SAMPLE;
    long seed = args.length > 3 ? Long.parseLong(args[3]) : 1;
    MutationReport report = MutationReport.read(Path.of(args[0]));
    List<Integer> sample = sample(report.survivors().size(), count, seed);
    out.printf(
        "%d of %d changes were noticed by unit tests; %d of the other %d are tried (seed %d)%n",
        report.all() - report.survivors().size(),
        report.all(),
        sample.size(),
        report.survivors().size(),
        seed);
    new Survivors(List.of(args[0], args[1]), out).run(sample);
  }

  /** Numbers of a random sample, in order. */
  static List<Integer> sample(int all, int count, long seed) {
    List<Integer> numbers = new ArrayList<>();
    for (int i = 0; i < all; i++) {
      numbers.add(i);
    }
    Collections.shuffle(numbers, new Random(seed));
    List<Integer> sample = new ArrayList<>(numbers.subList(0, Math.min(count, all)));
    Collections.sort(sample);
    return sample;
  }

  private void run(List<Integer> sample) throws IOException, InterruptedException {
    int next = 0;
    while (next < sample.size()) {
      next += runWorker(sample.subList(next, sample.size()));
    }
    out.printf("%d noticed by a case, %d endless, %d unnoticed%n", noticed, endless, unnoticed);
  }

  /** Starts a worker, and stops it at the first change that keeps it busy; how many were tried. */
  private int runWorker(List<Integer> numbers) throws IOException, InterruptedException {
    Process worker = start(numbers);
    BlockingQueue<String> lines = new LinkedBlockingQueue<>();
    Thread reader = new Thread(() -> read(worker, lines));
    reader.setDaemon(true);
    reader.start();
    int tried = 0;
    try {
      while (tried < numbers.size()) {
        String line = lines.poll(MOST_SECONDS, TimeUnit.SECONDS);
        if (END.equals(line)) {
          throw new IOException("the worker ended early, after " + tried + " changes");
        }
        tried++;
        count(line == null ? "endless: change " + numbers.get(tried - 1) : line);
        if (line == null) {
          break;
        }
      }
      return tried;
    } finally {
      worker.destroyForcibly();
    }
  }

  private void count(String line) {
    out.println(line);
    if (line.startsWith("noticed")) {
      noticed++;
    } else if (line.startsWith("endless")) {
      endless++;
    } else {
      unnoticed++;
    }
  }

  private Process start(List<Integer> numbers) throws IOException {
    String classPath = System.getProperty("java.class.path");
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    // With -jar the class path is the jar alone, whose manifest names the rest and the agent.
    command.add("-javaagent:" + classPath.split(File.pathSeparator)[0]);
    command.add("-cp");
    command.add(classPath);
    command.add(MutantWorker.class.getName());
    command.addAll(workerArguments);
    numbers.forEach(n -> command.add(n.toString()));
    return new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
  }

  private static void read(Process worker, BlockingQueue<String> lines) {
    try (BufferedReader reader = worker.inputReader()) {
      reader.lines().forEach(lines::add);
    } catch (IOException e) {
      lines.add(END);
    }
    lines.add(END);
  }
}
