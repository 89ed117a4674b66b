package dev.inlay.write;

import dev.inlay.rows.CheckResult;
import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSet;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.Finding;
import dev.inlay.rows.HeldRecord;
import dev.inlay.rows.Origin;
import dev.inlay.rows.RowLedger;
import dev.inlay.rows.RunResult;
import dev.inlay.rows.Value;
import dev.inlay.spec.FieldType;
import dev.inlay.write.ResultSheet.Cell;
import dev.inlay.write.ResultSheet.Head;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What a run gave as sheets: the data, then what was held, the findings and the files. */
final class ResultSheets {

  /** The sheet that cells with findings link to. */
  static final String FINDINGS = "Findings";

  private static final int PERCENT_DIGITS = 2;

  /** A place in a file of the batch. */
  private record Place(String file, Origin origin) {}

  private final RunResult result;
  private final Path folder;
  private final Map<String, Path> paths = new HashMap<>();

  /** The number of the first finding of each place, from 1. */
  private final Map<Place, Integer> findings = new HashMap<>();

  /**
   * Prepares sheets.
   *
   * @param folder where the document with the sheets stands, for its links
   */
  ResultSheets(RunResult result, Path folder) {
    this.result = result;
    this.folder = folder;
    result.files().forEach(f -> paths.put(f.fileName(), f.path()));
    int number = 0;
    for (Finding finding : result.findings()) {
      number++;
      if (finding.origin().isPresent()) {
        findings.putIfAbsent(new Place(finding.file(), finding.origin().get()), number);
      }
    }
  }

  /** All sheets in their order, the summary first; those without rows only for data sets. */
  List<ResultSheet> all() {
    List<ResultSheet> sheets = new ArrayList<>();
    sheets.add(CoverSheet.of(result, f -> source(f.file(), f.origin())));
    result.dataSets().forEach(d -> sheets.add(data(d, true)));
    for (ResultSheet sheet : List.of(held(), findings())) {
      if (!sheet.rows().isEmpty()) {
        sheets.add(sheet);
      }
    }
    sheets.add(files());
    if (!result.checks().isEmpty()) {
      sheets.add(checks());
    }
    return sheets;
  }

  /** The rows of a data set; with their sources, each has a link to its place on the page. */
  ResultSheet data(DataSet data, boolean withSource) {
    List<Head> heads = new ArrayList<>();
    for (DataSet.Field field : data.fields()) {
      heads.add(new Head(field.name(), isRight(field.type())));
    }
    if (withSource) {
      heads.add(new Head(sourceName(data), false));
    }
    List<List<Cell>> rows = new ArrayList<>();
    for (DataRecord record : data.records()) {
      List<Cell> cells = new ArrayList<>();
      for (DataSet.Field field : data.fields()) {
        Value value = record.value(field.name());
        cells.add(cell(value, field.type()).with(finding(record.file(), value.origin())));
      }
      if (withSource) {
        Optional<Origin> origin = Optional.of(record.origin());
        cells.add(source(record.file(), origin).with(finding(record.file(), origin)));
      }
      rows.add(cells);
    }
    return new ResultSheet(data.name(), heads, rows);
  }

  private int finding(String file, Optional<Origin> origin) {
    return origin.map(o -> findings.getOrDefault(new Place(file, o), 0)).orElse(0);
  }

  private static boolean isRight(FieldType type) {
    return type.isNumeric() || type == FieldType.YEAR;
  }

  private static String sourceName(DataSet data) {
    String name = "source";
    while (isTaken(name, data)) {
      name = name + "_";
    }
    return name;
  }

  private static boolean isTaken(String name, DataSet data) {
    return data.fields().stream().anyMatch(f -> f.name().equalsIgnoreCase(name));
  }

  private static Cell cell(Value value, FieldType type) {
    if (value.content() instanceof BigDecimal number) {
      return new Cell(number, format(number, value.grouped(), type), "");
    }
    return Cell.of(value.content());
  }

  /** A format that shows the number as the page does. */
  private static String format(BigDecimal number, boolean grouped, FieldType type) {
    boolean percent = type == FieldType.PERCENT;
    int decimals = Math.max(0, number.scale() - (percent ? PERCENT_DIGITS : 0));
    String whole = grouped ? "#,##0" : "0";
    return whole + (decimals > 0 ? "." + "0".repeat(decimals) : "") + (percent ? "%" : "");
  }

  private Cell source(String file, Optional<Origin> origin) {
    Path path = paths.get(file);
    String text = file + origin.map(o -> ", page " + o.page()).orElse("");
    if (path == null) {
      return new Cell(text, "", ""); // of all files together
    }
    String link =
        origin.map(o -> PlaceLink.of(path, o, folder)).orElseGet(() -> PlaceLink.of(path, folder));
    return new Cell(text, "", link);
  }

  /** Records that wait for a person, with the reasons and what was printed. */
  ResultSheet held() {
    Set<String> fields = new LinkedHashSet<>();
    result.held().forEach(h -> fields.addAll(h.record().values().keySet()));
    List<Head> heads = new ArrayList<>(List.of(new Head("reason", false)));
    fields.forEach(f -> heads.add(new Head(f, false)));
    heads.add(new Head("held row", false));
    List<List<Cell>> rows = new ArrayList<>();
    for (HeldRecord held : result.held()) {
      String reasons =
          held.reasons().stream().map(Finding::message).collect(Collectors.joining("; "));
      List<Cell> cells = new ArrayList<>(List.of(Cell.of(reasons)));
      fields.forEach(f -> cells.add(Cell.of(printed(held.record().value(f)))));
      cells.add(source(held.record().file(), Optional.of(held.record().origin())));
      rows.add(cells);
    }
    return new ResultSheet("Held", heads, rows);
  }

  private static String printed(Value value) {
    String text = value.printed().isEmpty() ? ValueText.of(value.content()) : value.printed();
    return text.isEmpty() ? null : text;
  }

  /** All findings, in the order of the files. */
  ResultSheet findings() {
    return new FindingSheet(result, f -> source(f.file(), f.origin()).link()).sheet();
  }

  /** The files, with the ledgers of their rows and characters. */
  ResultSheet files() {
    List<Head> heads = new ArrayList<>(heads("file", "status"));
    for (String name : List.of("pages", "tables", "rows read", "accepted", "held", "left out")) {
      heads.add(new Head(name, true));
    }
    heads.add(new Head("left out by", false));
    heads.add(new Head("characters", true));
    heads.add(new Head("in tables", true));
    heads.add(new Head("reason", false));
    List<List<Cell>> rows = new ArrayList<>();
    for (FileRun file : result.files()) {
      RowLedger ledger = file.rows();
      List<Cell> cells = new ArrayList<>();
      cells.add(new Cell(file.fileName(), "", PlaceLink.of(file.path(), folder)));
      cells.add(Cell.of(file.status().word()));
      for (int number :
          new int[] {
            file.pages(),
            file.tables(),
            ledger.read(),
            ledger.accepted(),
            ledger.held(),
            ledger.leftOutRows()
          }) {
        cells.add(number(number));
      }
      cells.add(Cell.of(rules(ledger)));
      cells.add(number(file.characters().printed()));
      cells.add(number(file.characters().inCells()));
      cells.add(Cell.of(file.reason().isEmpty() ? null : file.reason()));
      rows.add(cells);
    }
    return new ResultSheet("Files", heads, rows);
  }

  /** The checks of the spec, with what was compared. */
  private ResultSheet checks() {
    List<Head> heads = new ArrayList<>(heads("check", "state"));
    heads.add(new Head("asked", true));
    heads.add(new Head("rows", true));
    List<List<Cell>> rows = new ArrayList<>();
    for (CheckResult check : result.checkResults()) {
      rows.add(
          List.of(
              Cell.of(check.name()),
              Cell.of(check.state().word()),
              number(check.count().times()),
              number(check.count().rows())));
    }
    return new ResultSheet("Checks", heads, rows);
  }

  private static Cell number(int number) {
    return new Cell(BigDecimal.valueOf(number), "#,##0", "");
  }

  private static String rules(RowLedger ledger) {
    String rules =
        ledger.leftOut().entrySet().stream()
            .map(e -> e.getKey() + " " + e.getValue())
            .collect(Collectors.joining(", "));
    return rules.isEmpty() ? null : rules;
  }

  private static List<Head> heads(String... names) {
    List<Head> heads = new ArrayList<>();
    for (String name : names) {
      heads.add(new Head(name, false));
    }
    return heads;
  }
}
