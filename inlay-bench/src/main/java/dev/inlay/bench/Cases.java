package dev.inlay.bench;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import tools.jackson.databind.json.JsonMapper;

/**
 * Holds the repository's cases against their expected states, and writes the states anew after a
 * change of the finder. A table that was perfect may only turn wrong with a reason.
 */
final class Cases {

  private static final String RECORD = "--record";

  private static final String REASON = "--reason";

  private Cases() {}

  /**
   * Compares, or with {@code --record} writes, the states of all cases of a folder.
   *
   * @param args the folder, {@code --record}, {@code --reason} and a text
   * @param out where differences are printed
   * @return whether all states are as expected, or written
   * @throws IOException if a file cannot be read or written
   * @throws InterruptedException if stopped from outside
   */
  static boolean main(String[] args, PrintStream out) throws IOException, InterruptedException {
    List<String> rest = new ArrayList<>(List.of(args));
    boolean record = rest.remove(RECORD);
    int at = rest.indexOf(REASON);
    String reason = "";
    if (at >= 0 && at + 1 < rest.size()) {
      reason = rest.remove(at + 1);
      rest.remove(at);
    }
    Path folder = Path.of(rest.isEmpty() ? "cases" : rest.get(0));
    int perfect = 0;
    int tables = 0;
    int differing = 0;
    for (Path truth : truthsIn(folder)) {
      CaseScore score = CaseReading.of(truth).score();
      tables += score.tables().size();
      perfect += (int) score.tables().stream().filter(TableScore::perfect).count();
      CaseState now = CaseState.of(score);
      CaseState expected = CaseState.expected(truth, score.tables().size());
      boolean known = Files.exists(CaseState.fileOf(truth));
      if (now.equals(expected) && known) {
        continue;
      }
      boolean worse = known && expected.isBetterThan(now);
      out.println((worse ? "WORSE " : "changed ") + truth + ": " + now.lines());
      if (record && (!worse || !reason.isEmpty())) {
        now.write(truth, worse ? reason : "");
      } else {
        differing++;
      }
    }
    out.println(
        perfect + " of " + tables + " tables perfect; " + differing + " cases not as expected");
    return differing == 0;
  }

  /** The truths of all cases below a folder, in order. */
  static List<Path> truthsIn(Path folder) throws IOException {
    try (Stream<Path> files = Files.walk(folder)) {
      return files.filter(f -> f.toString().endsWith(CaseScore.ENDING)).sorted().toList();
    }
  }

  /** How many tables a truth has. */
  static int tablesOf(Path truth) {
    return JsonMapper.shared().readTree(truth.toFile()).get("tables").size();
  }
}
