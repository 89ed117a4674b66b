package dev.inlay.write;

import dev.inlay.rows.CheckResult;
import dev.inlay.rows.Evidence;
import dev.inlay.rows.Finding;
import dev.inlay.rows.Origin;
import dev.inlay.rows.RunResult;
import dev.inlay.write.ResultSheet.Cell;
import dev.inlay.write.ResultSheet.Head;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** All findings of a run as a sheet, a column for each thing that a finding says. */
final class FindingSheet {

  private final RunResult result;

  /** The link to the place of a finding; empty where it has none. */
  private final Function<Finding, String> links;

  FindingSheet(RunResult result, Function<Finding, String> links) {
    this.result = result;
    this.links = links;
  }

  /** The sheet, in the order of the files, each consequence below its cause. */
  ResultSheet sheet() {
    List<Head> heads = new ArrayList<>();
    heads.add(new Head("number", true));
    for (String name : List.of("severity", "finding", "check", "state", "file")) {
      heads.add(new Head(name, false));
    }
    heads.add(new Head("page", true));
    for (String name : List.of("table", "row", "field", "seen", "expected")) {
      heads.add(new Head(name, false));
    }
    heads.add(new Head("difference", true));
    heads.add(new Head("cause", false));
    heads.add(new Head("follows from", true));
    heads.add(new Head("message", false));
    heads.add(new Head("link", false));
    List<List<Cell>> rows = new ArrayList<>();
    Map<Finding, Integer> numbers = new HashMap<>();
    for (Finding finding : result.findings()) {
      numbers.put(finding, rows.size() + 1);
      rows.add(cells(finding, numbers));
    }
    return new ResultSheet(ResultSheets.FINDINGS, heads, rows);
  }

  private List<Cell> cells(Finding finding, Map<Finding, Integer> numbers) {
    Evidence evidence = finding.evidence();
    List<Cell> cells = new ArrayList<>();
    cells.add(number(numbers.get(finding)));
    cells.add(text(finding.severity().word()));
    cells.add(text(finding.code()));
    cells.add(text(finding.check().orElse("")));
    cells.add(text(finding.check().map(c -> CheckResult.State.of(finding).word()).orElse("")));
    cells.add(text(finding.file()));
    cells.add(finding.origin().map(o -> number(o.page())).orElse(Cell.of(null)));
    cells.add(text(finding.origin().map(Origin::table).orElse("")));
    cells.add(text(evidence.row()));
    cells.add(text(evidence.field()));
    cells.add(text(evidence.seen()));
    cells.add(text(evidence.expected()));
    cells.add(
        evidence.difference().isEmpty()
            ? Cell.of(null)
            : new Cell(new BigDecimal(evidence.difference()), "General", ""));
    cells.add(text(evidence.cause()));
    cells.add(finding.cause().map(c -> number(numbers.get(c))).orElse(Cell.of(null)));
    cells.add(text(finding.message()));
    String link = links.apply(finding);
    cells.add(new Cell(link.isEmpty() ? null : link, "", link));
    return cells;
  }

  private static Cell text(String text) {
    return Cell.of(text.isEmpty() ? null : text);
  }

  private static Cell number(int number) {
    return Cell.of(BigDecimal.valueOf(number));
  }
}
