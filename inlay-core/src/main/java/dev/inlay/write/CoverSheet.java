package dev.inlay.write;

import dev.inlay.rows.DataSet;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.Finding;
import dev.inlay.rows.RowLedger;
import dev.inlay.rows.RunResult;
import dev.inlay.rows.Severity;
import dev.inlay.write.ResultSheet.Cell;
import dev.inlay.write.ResultSheet.Head;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The first sheet of a workbook: what was read, what came of it, and what to look at first, for a
 * person who did not run it. It holds no time, so that the same files give the same workbook.
 */
final class CoverSheet {

  /** At most this many findings are worth a first look; all stand on a sheet of their own. */
  private static final int MOST_FINDINGS = 5;

  private final RunResult result;

  /** The file and page of a finding, linked to its place. */
  private final Function<Finding, Cell> places;

  private final List<List<Cell>> rows = new ArrayList<>();

  private CoverSheet(RunResult result, Function<Finding, Cell> places) {
    this.result = result;
    this.places = places;
  }

  /**
   * The sheet of a run.
   *
   * @param places the file and page of a finding, linked to its place
   */
  static ResultSheet of(RunResult result, Function<Finding, Cell> places) {
    CoverSheet cover = new CoverSheet(result, places);
    cover.addAll();
    List<Head> heads =
        List.of(new Head("what", false), new Head("result", false), new Head("where", false));
    return new ResultSheet("Summary", heads, cover.rows);
  }

  private void addAll() {
    add("report", result.report());
    add("files", files());
    for (DataSet data : result.dataSets()) {
      add("rows of " + data.name(), RunText.number(data.records().size()));
    }
    RowLedger all = result.rows();
    add("rows of the files", RunText.ledger(all));
    for (Map.Entry<String, Integer> rule : all.leftOut().entrySet()) {
      add("left out by '" + rule.getKey() + "'", RunText.number(rule.getValue()));
    }
    RunText.checks(result).ifPresent(text -> add("checks", text));
    add("findings", findings());
    result.findings().stream()
        .filter(f -> f.cause().isEmpty() && f.severity() != Severity.NOTE)
        .sorted(Comparator.comparing(Finding::severity).reversed())
        .limit(MOST_FINDINGS)
        .forEach(this::addFinding);
  }

  private String files() {
    Map<FileRun.Status, Integer> counts = new EnumMap<>(FileRun.Status.class);
    result.files().forEach(f -> counts.merge(f.status(), 1, Integer::sum));
    return counts.entrySet().stream()
        .map(e -> RunText.number(e.getValue()) + " " + e.getKey().word())
        .collect(Collectors.joining(", "));
  }

  private String findings() {
    Map<Severity, Integer> counts = new EnumMap<>(Severity.class);
    result.findings().forEach(f -> counts.merge(f.severity(), 1, Integer::sum));
    return counts.isEmpty()
        ? "none"
        : counts.entrySet().stream()
            .sorted(Map.Entry.<Severity, Integer>comparingByKey().reversed())
            .map(
                e ->
                    RunText.number(e.getValue())
                        + " "
                        + e.getKey().word()
                        + (e.getValue() == 1 ? "" : "s"))
            .collect(Collectors.joining(", "));
  }

  private void addFinding(Finding finding) {
    rows.add(
        List.of(
            Cell.of("look first at: " + finding.severity().word()),
            Cell.of(finding.message()),
            Optional.of(finding).filter(f -> !f.file().isEmpty()).map(places).orElse(Cell.EMPTY)));
  }

  private void add(String what, String text) {
    rows.add(List.of(Cell.of(what), Cell.of(text), Cell.EMPTY));
  }
}
