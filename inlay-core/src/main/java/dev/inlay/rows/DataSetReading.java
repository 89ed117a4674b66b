package dev.inlay.rows;

import dev.inlay.model.Table;
import dev.inlay.model.Warning;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.LeaveOutRule;
import dev.inlay.spec.PageValue;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Reads what one file gives to a data set, as its spec wants it. */
public final class DataSetReading {

  private final DataSetSpec set;
  private final PartTally tally;
  private final List<String> used = new ArrayList<>();
  private final List<String> asked = new ArrayList<>();
  private final List<String> columns = new ArrayList<>();
  private final PrintedForms forms = new PrintedForms();

  /** Whether columns may be taken for fields by their places, where headings do not tell. */
  private final boolean byPlace;

  private DataSetReading(DataSetSpec set, String file, boolean byPlace) {
    this.set = set;
    this.byPlace = byPlace;
    tally = new PartTally(file);
  }

  /**
   * Reads a file.
   *
   * @param set what is wanted
   * @param file its name
   * @param tables that were found in it
   * @param lines of its pages, in reading order
   */
  public static DataSetPart read(
      DataSetSpec set, String file, List<Table> tables, List<PageLine> lines) {
    return read(set, file, tables, lines, false);
  }

  /**
   * Reads a file.
   *
   * @param set what is wanted
   * @param file its name
   * @param tables that were found in it
   * @param lines of its pages, in reading order
   * @param alone whether no other data set is made of its tables: then a column whose heading was
   *     reworded may be taken for its place, which is reported as an error
   */
  public static DataSetPart read(
      DataSetSpec set, String file, List<Table> tables, List<PageLine> lines, boolean alone) {
    DataSetReading reading = new DataSetReading(set, file, alone);
    PageValues values = new PageValues(set.values(), lines, new RowOrigins(file, tables));
    reading.reportValues(values, lines);
    if (set.records().isPresent()) {
      new LineRecords(set, values, reading.tally).read(lines, reading.forms);
    } else {
      reading.tables(tables, values);
    }
    values.differing().forEach(reading::reportDiffering);
    reading.reportUnusedRules(lines);
    return reading.tally.part(reading.used, reading.columns, reading.asked, reading.forms.all());
  }

  /** Whether a value outside the columns is seen in some lines; it stands on one page. */
  public static boolean isSeen(PageValue value, List<PageLine> lines) {
    return !new PageValues(List.of(value), lines, new RowOrigins("", List.of()))
        .sightings(value)
        .isEmpty();
  }

  private void reportValues(PageValues values, List<PageLine> lines) {
    for (PageValue value : set.values()) {
      if (!value.isPrinted()) {
        continue;
      }
      String rule = "value " + value.field();
      tally.uses().name(rule);
      for (PrintedText raw : values.sightings(value)) {
        tally.uses().took(rule, raw.text(), raw.origin().orElseThrow().page());
      }
      if (values.sightings(value).isEmpty() && !value.optional()) {
        String what =
            value.where() == PageValue.Where.PATTERN
                ? "no line holds the pattern " + value.pattern()
                : "no line holds '" + value.label() + "' with a value at it";
        tally.say(Severity.WARNING, "value-missing", value.field() + ": " + what);
        List<String> nearest =
            value.where() == PageValue.Where.PATTERN
                ? new NearMiss(value.pattern()).nearest(lines)
                : LabelMiss.nearest(value.label(), lines);
        nearest.forEach(n -> tally.uses().missed(rule, n, ""));
      }
    }
  }

  /** Says that one value was met with two texts, so that rows may get the wrong one. */
  private void reportDiffering(String field, List<PrintedText> two) {
    Origin at = two.get(1).origin().orElseThrow();
    tally.say(
        Severity.WARNING,
        "value-differs",
        field
            + ": '"
            + two.get(0).text()
            + "' stands on page "
            + two.get(0).origin().orElseThrow().page()
            + " and '"
            + two.get(1).text()
            + "' on page "
            + at.page()
            + "; 'per' says for which rows a value holds, and a longer label or pattern names one of"
            + " them",
        at);
  }

  /** Rules that left nothing out, with what comes near them. */
  private void reportUnusedRules(List<PageLine> lines) {
    for (LeaveOutRule rule : set.leaveOut()) {
      String name = "leave out " + rule.name();
      tally.uses().name(name);
      if (tally.uses().tookNothing(name)) {
        Stream.of(rule.text(), rule.before(), rule.after())
            .flatMap(Optional::stream)
            .flatMap(p -> new NearMiss(p).nearest(lines).stream())
            .forEach(miss -> tally.uses().missed(name, miss, ""));
      }
    }
  }

  private void tables(List<Table> tables, PageValues values) {
    tally.uses().name("table");
    List<TableFit> fits = TableFit.of(tables, set);
    if (byPlace && fits.stream().noneMatch(TableFit::fits)) {
      fits = TableFit.byPlace(fits, set);
    }
    fits.stream()
        .filter(f -> !f.fits())
        .sorted(Comparator.comparingDouble(TableFit::nearness).reversed())
        .forEach(f -> tally.uses().missed("table", f.table().id(), f.reason()));
    for (TableFit fit : fits) {
      if (!fit.fits()) {
        continue;
      }
      Table table = fit.table();
      TableRecords records = new TableRecords(set, table, values, tally, byPlace);
      if (!records.read()) {
        continue;
      }
      tally.uses().took("table", table.title().orElse(table.id()), table.pages().get(0));
      reportDoubts(table);
      used.add(table.id());
      if (columns.isEmpty()) {
        columns.addAll(records.columns());
        asked.addAll(records.asked());
        records.note(forms);
      }
    }
  }

  private void reportDoubts(Table table) {
    for (Warning warning : table.warnings()) {
      Origin origin =
          warning.box().map(b -> new Origin(warning.page(), b, table.id())).orElse(null);
      String message = "table " + table.id() + ": " + warning.message();
      if (origin == null) {
        tally.say(Severity.WARNING, warning.code().code(), message);
      } else {
        tally.say(Severity.WARNING, warning.code().code(), message, origin);
      }
    }
  }
}
