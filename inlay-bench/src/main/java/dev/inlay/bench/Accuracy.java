package dev.inlay.bench;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * Scores folders of cases, a PDF and its truth each: a line for each folder, for each tag, the
 * calibration of confidence, and with {@code -v} each table that is not right.
 */
final class Accuracy {

  private final PrintStream out;
  private final boolean verbose;
  private final Sum all = new Sum();
  private final Map<String, Sum> byTag = new TreeMap<>();
  private final Map<String, Sum> byProducer = new TreeMap<>();
  private final WarningWorth warnings = new WarningWorth();
  private final Calibration calibration = new Calibration();
  private final LedgerCheck ledgers = new LedgerCheck();

  private Accuracy(PrintStream out, boolean verbose) {
    this.out = out;
    this.verbose = verbose;
  }

  /**
   * Scores folders.
   *
   * @param args folders of cases, or of such folders; {@code -v} for more
   * @throws IOException if a folder cannot be listed
   * @throws InterruptedException if stopped from outside
   */
  static void main(String[] args) throws IOException, InterruptedException {
    List<String> folders = new ArrayList<>(List.of(args));
    boolean verbose = folders.remove("-v");
    Accuracy accuracy = new Accuracy(System.out, verbose);
    System.out.println(Sum.HEADING);
    for (String folder : folders) {
      accuracy.score(Path.of(folder));
    }
    accuracy.close();
  }

  private void score(Path folder) throws IOException, InterruptedException {
    List<Path> cases = CaseScore.casesIn(folder);
    if (cases.isEmpty()) {
      for (Path inner : foldersIn(folder)) {
        score(inner);
      }
      return;
    }
    Sum sum = new Sum();
    for (Path truth : cases) {
      CaseReading reading = CaseReading.of(truth);
      CaseScore score = reading.score();
      ledgers.add(reading.document());
      sum.add(score);
      all.add(score);
      calibration.add(score);
      score.tables().forEach(warnings::add);
      addByKind(score);
      if (verbose) {
        report(score);
      }
    }
    out.println(sum.line(String.valueOf(folder.getFileName())));
  }

  private void addByKind(CaseScore score) {
    for (TableScore table : score.tables()) {
      table.kinds().forEach(kind -> byTag.computeIfAbsent(kind, t -> new Sum()).add(table));
    }
    if (!score.producer().isEmpty()) {
      byProducer.computeIfAbsent(score.producer(), p -> new Sum()).add(score);
    }
  }

  private static List<Path> foldersIn(Path folder) throws IOException {
    try (Stream<Path> inside = Files.list(folder)) {
      return inside.filter(Files::isDirectory).sorted().toList();
    }
  }

  private void report(CaseScore score) {
    if (score.extra() > 0) {
      out.println("  " + score.name() + ": " + score.extra() + " extra");
    }
    for (int i = 0; i < score.tables().size(); i++) {
      TableScore table = score.tables().get(i);
      if (!table.perfect()) {
        out.printf(
            Locale.ROOT,
            "  %s #%d: rows %d of %d (got %d), headings %s, groups %s, %s%n",
            score.name(),
            i + 1,
            table.records().right(),
            table.records().due(),
            table.records().given(),
            table.headings() ? "right" : "WRONG",
            table.groups() ? "right" : "WRONG",
            table.found() ? table.flagged() ? "flagged" : "SILENT" : "NOT FOUND");
      }
    }
  }

  private void close() {
    out.println(all.line("all"));
    out.println();
    out.println("By producer");
    printMostFirst(byProducer);
    out.println();
    out.println("By kind: a table counts under each of its kinds");
    printMostFirst(byTag);
    out.println();
    out.println("By warning: a table counts under each of its warnings");
    warnings.lines().forEach(out::println);
    out.println();
    calibration.lines().forEach(out::println);
    out.println();
    out.println(ledgers.line());
  }

  private void printMostFirst(Map<String, Sum> sums) {
    sums.entrySet().stream()
        .sorted((a, b) -> Integer.compare(b.getValue().tables(), a.getValue().tables()))
        .forEach(e -> out.println(e.getValue().line(e.getKey())));
  }
}
