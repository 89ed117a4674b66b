package dev.inlay.write;

import dev.inlay.model.TextLedger;
import dev.inlay.rows.CheckResult;
import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSet;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.Finding;
import dev.inlay.rows.RowLedger;
import dev.inlay.rows.RuleUse;
import dev.inlay.rows.RunResult;
import dev.inlay.rows.Severity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What a run gave, as lines of text for a person. */
public final class RunText {

  /** More findings of one kind than this are counted. */
  private static final int MOST_OF_A_KIND = 5;

  private static final int PREVIEW_ROWS = 5;

  private RunText() {}

  /** The summary of a run: a line for each file, the ledger of the rows, the findings. */
  public static List<String> summary(RunResult result) {
    List<String> lines = new ArrayList<>();
    TextColumns table = new TextColumns("<<>>>>>>>");
    table.add(
        "file", "status", "pages", "tables", "rows", "accepted", "held", "left out", "findings");
    for (FileRun file : result.files()) {
      RowLedger rows = file.rows();
      table.add(
          file.fileName(),
          file.status().word(),
          number(file.pages()),
          number(file.tables()),
          number(rows.read()),
          number(rows.accepted()),
          number(rows.held()),
          number(rows.leftOutRows()),
          number(file.allFindings().size()));
    }
    RowLedger all = result.rows();
    int pages = result.files().stream().mapToInt(FileRun::pages).sum();
    int tables = result.files().stream().mapToInt(FileRun::tables).sum();
    table.add(
        result.files().size() + (result.files().size() == 1 ? " file" : " files"),
        "",
        number(pages),
        number(tables),
        number(all.read()),
        number(all.accepted()),
        number(all.held()),
        number(all.leftOutRows()),
        number(result.findings().size()));
    lines.addAll(table.lines("", 0));
    lines.add("");
    lines.add(ledger(all));
    for (Map.Entry<String, Integer> rule : all.leftOut().entrySet()) {
      lines.add("  left out by '" + rule.getKey() + "': " + number(rule.getValue()));
    }
    lines.add(characters(result));
    checks(result).ifPresent(lines::add);
    lines.addAll(findings(result.findings()));
    return lines;
  }

  /** How many checks hold, and which do not; none where the spec asks nothing. */
  static Optional<String> checks(RunResult result) {
    if (result.checks().isEmpty()) {
      return Optional.empty();
    }
    List<CheckResult> checks = result.checkResults();
    List<String> wrong = names(checks, CheckResult.State.FAILS);
    List<String> open = names(checks, CheckResult.State.NOT_ASKED);
    List<String> explained = names(checks, CheckResult.State.EXPLAINED);
    int count = checks.size();
    int holding = count - wrong.size() - open.size() - explained.size();
    String hold = count == 1 ? "holds" : "all hold";
    if (holding < count) {
      hold = holding == 0 ? "none holds" : holding + (holding == 1 ? " holds" : " hold");
    }
    return Optional.of(
        count
            + (count == 1 ? " check" : " checks")
            + ", asked "
            + number(result.asked())
            + (result.asked() == 1 ? " time: " : " times: ")
            + hold
            + listed("; failing: ", wrong)
            + listed("; explained by other findings: ", explained)
            + listed("; asked of nothing: ", open));
  }

  private static String listed(String words, List<String> checks) {
    return checks.isEmpty() ? "" : words + String.join(", ", checks);
  }

  private static List<String> names(List<CheckResult> checks, CheckResult.State state) {
    return checks.stream().filter(c -> c.state() == state).map(CheckResult::name).toList();
  }

  /** Where the rows of files ended, in one sentence. */
  static String ledger(RowLedger rows) {
    return number(rows.read())
        + " rows read = "
        + number(rows.accepted())
        + " accepted + "
        + number(rows.held())
        + " held + "
        + number(rows.leftOutRows())
        + " left out";
  }

  private static String characters(RunResult result) {
    TextLedger text =
        result.files().stream().map(FileRun::characters).reduce(TextLedger.EMPTY, TextLedger::plus);
    return number(text.printed())
        + " characters printed = "
        + number(text.inCells())
        + " in tables + "
        + number(text.furniture())
        + " furniture + "
        + number(text.outside())
        + " outside + "
        + number(text.leaders() + text.stray())
        + " leaders and strays";
  }

  /** With commas between thousands. */
  static String number(int number) {
    return String.format(Locale.ROOT, "%,d", number);
  }

  /** Findings, the worst first, those of a kind together and cut with a count. */
  static List<String> findings(List<Finding> findings) {
    List<String> lines = new ArrayList<>();
    List<Finding> sorted = new ArrayList<>(findings);
    sorted.removeIf(f -> f.cause().isPresent());
    sorted.sort(Comparator.comparing(Finding::severity).reversed().thenComparing(Finding::code));
    String kind = "";
    int reported = 0;
    int left = 0;
    for (Finding finding : sorted) {
      if (!finding.code().equals(kind)) {
        more(left, kind, lines);
        kind = finding.code();
        reported = 0;
        left = 0;
      }
      if (reported++ < MOST_OF_A_KIND) {
        lines.add(line(finding));
        lines.addAll(consequences(finding, findings));
      } else {
        left++;
      }
    }
    more(left, kind, lines);
    if (!lines.isEmpty()) {
      lines.add(0, "");
    }
    return lines;
  }

  /** What follows from a finding, in one line: which checks fail, how often, where first. */
  private static List<String> consequences(Finding cause, List<Finding> findings) {
    Map<String, List<Finding>> byCheck = new LinkedHashMap<>();
    findings.stream()
        .filter(f -> f.cause().filter(c -> c.equals(cause)).isPresent())
        .forEach(
            f ->
                byCheck.computeIfAbsent(f.check().orElse(f.code()), c -> new ArrayList<>()).add(f));
    if (byCheck.isEmpty()) {
      return List.of();
    }
    return List.of(
        "         from this follows: "
            + byCheck.entrySet().stream()
                .map(e -> failing(e.getKey(), e.getValue()))
                .collect(Collectors.joining(", ")));
  }

  private static String failing(String check, List<Finding> findings) {
    String times = findings.size() == 1 ? "" : " " + number(findings.size()) + " times";
    String first = findings.size() == 1 ? " on page " : ", first on page ";
    return "'"
        + check
        + "' fails"
        + times
        + findings.get(0).origin().map(o -> first + o.page()).orElse("");
  }

  private static void more(int left, String kind, List<String> lines) {
    if (left > 0) {
      lines.add("         and " + number(left) + " more of " + kind);
    }
  }

  private static String line(Finding finding) {
    String place = finding.origin().map(o -> ", page " + o.page()).orElse("");
    return String.format(
        Locale.ROOT,
        "%-8s %s%s: %s (%s)",
        finding.severity().word(),
        finding.file(),
        place,
        finding.message(),
        finding.code());
  }

  /** What each rule of a spec took from one file, and what it nearly took. */
  public static List<String> trial(RunResult result) {
    List<String> lines = new ArrayList<>();
    FileRun file = result.files().get(0);
    lines.add(file.fileName() + ": " + file.status().word() + reason(file));
    for (int i = 0; i < file.parts().size(); i++) {
      DataSet data = result.dataSets().get(i);
      lines.add("");
      lines.add(data.name());
      for (RuleUse use : file.parts().get(i).uses()) {
        String example = use.taken() > 0 ? ", first " + use.example() : "";
        lines.add(
            String.format(
                Locale.ROOT, "  %-28s took %s%s", use.rule(), number(use.taken()), example));
        use.nearly().forEach(n -> lines.add("  " + " ".repeat(29) + "not  " + n));
      }
      lines.add("");
      lines.addAll(preview(data));
    }
    RowLedger rows = file.rows();
    lines.add("");
    lines.add(ledger(rows));
    lines.addAll(
        findings(file.allFindings().stream().filter(f -> f.severity() != Severity.NOTE).toList()));
    return lines;
  }

  private static String reason(FileRun file) {
    return file.reason().isEmpty() ? "" : ": " + file.reason();
  }

  /** The first records of a data set. */
  private static List<String> preview(DataSet data) {
    StringBuilder alignment = new StringBuilder();
    data.fields().forEach(f -> alignment.append(f.type().isNumeric() ? '>' : '<'));
    TextColumns table = new TextColumns(alignment.toString());
    table.add(data.fields().stream().map(DataSet.Field::name).toArray(String[]::new));
    for (DataRecord record :
        data.records().subList(0, Math.min(PREVIEW_ROWS, data.records().size()))) {
      table.add(
          data.fields().stream()
              .map(f -> ValueText.of(record.value(f.name()).content()))
              .toArray(String[]::new));
    }
    List<String> lines = table.lines("  ", 0);
    int more = data.records().size() - PREVIEW_ROWS;
    if (more > 0) {
      lines.add("  and " + number(more) + " more");
    }
    return lines;
  }
}
