package dev.inlay.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * What is known of a case: for each true table whether it is perfect, or what is wrong with it, and
 * how many tables are reported that are none. It stands in a text file beside the case, so that a
 * change of the finder shows which tables it helped and which it harmed.
 *
 * @param lines one for each true table, and one for extra tables where there are any
 */
record CaseState(List<String> lines) {

  private static final String ENDING = ".state.txt";

  private static final String PERFECT = "perfect";

  private static final String REASON = "# turned wrong: ";

  /** Keeps a copy of the lines that cannot change. */
  CaseState {
    lines = List.copyOf(lines);
  }

  /** The state that a score shows. */
  static CaseState of(CaseScore score) {
    List<String> lines = new ArrayList<>();
    for (int i = 0; i < score.tables().size(); i++) {
      lines.add("table " + (i + 1) + ": " + stateOf(score.tables().get(i)));
    }
    if (score.extra() > 0) {
      lines.add("extra: " + score.extra() + ", silent " + score.extraUnflagged());
    }
    return new CaseState(lines);
  }

  private static String stateOf(TableScore table) {
    String flag = table.flagged() ? "flagged" : "silent";
    if (table.perfect()) {
      return table.flagged() ? PERFECT + ", flagged" : PERFECT;
    }
    if (!table.found()) {
      return "not found, " + flag;
    }
    List<String> wrong = new ArrayList<>();
    if (!table.headings()) {
      wrong.add("header");
    }
    if (table.records().right() < Math.max(table.records().due(), table.records().given())) {
      wrong.add("rows");
    }
    if (!table.groups()) {
      wrong.add("groups");
    }
    return String.join(" and ", wrong) + " wrong, " + flag;
  }

  /** The file that holds the state of a case. */
  static Path fileOf(Path truth) {
    return truth.resolveSibling(CaseScore.nameOf(truth) + ENDING);
  }

  /** The state written beside a case; a case without such a file is expected to be perfect. */
  static CaseState expected(Path truth, int tables) throws IOException {
    Path file = fileOf(truth);
    if (!Files.exists(file)) {
      List<String> lines = new ArrayList<>();
      for (int i = 1; i <= tables; i++) {
        lines.add("table " + i + ": " + PERFECT);
      }
      return new CaseState(lines);
    }
    return new CaseState(
        Files.readAllLines(file).stream()
            .filter(l -> !l.isBlank() && !l.startsWith("#"))
            .map(String::strip)
            .toList());
  }

  /** Whether a table that is perfect here is not in another state of the same case. */
  boolean isBetterThan(CaseState other) {
    return lines.stream()
        .filter(l -> l.contains(": " + PERFECT))
        .map(l -> l.substring(0, l.indexOf(':') + 2))
        .anyMatch(table -> other.lines.stream().noneMatch(l -> l.startsWith(table + PERFECT)));
  }

  /**
   * Writes the state beside its case.
   *
   * @param reason why tables that were perfect are not any more; empty where none are
   */
  void write(Path truth, String reason) throws IOException {
    List<String> text = new ArrayList<>(lines);
    if (!reason.isEmpty()) {
      text.add(REASON + reason);
    }
    Files.write(fileOf(truth), text);
  }
}
