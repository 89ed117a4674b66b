package dev.inlay.rows;

import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.FieldSpec;
import dev.inlay.spec.ValueFormat;
import dev.inlay.text.CarriedOver;
import dev.inlay.text.NumberFormat;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;

/** Makes records of the rows of one table. */
final class TableRecords {

  /** The name under which headings are counted that were carried into fields. */
  static final String CARRIED = "headings carried";

  private static final String REPEATED = "repeated headings";

  private final DataSetSpec set;
  private final PageValues values;
  private final PartTally tally;
  private final Table table;
  private final TableView view;
  private final List<FieldSpec> fields;
  private final ColumnMatch match;
  private final RowFilter filter;

  /** The digits and marks of the numbers in each numeric field. */
  private final Map<String, List<String>> cores = new HashMap<>();

  private final NumberFormat numbers;

  /** Why the table cannot have the shape that the spec wants; empty where it can. */
  private final Optional<String> unfit;

  private int firstRow;

  /**
   * Prepares the reading of a table.
   *
   * @param byPlace whether a column may be taken for a field by its place alone
   */
  TableRecords(DataSetSpec set, Table table, PageValues values, PartTally tally, boolean byPlace) {
    this.set = set;
    this.values = values;
    this.tally = tally;
    this.table = table;
    TableView printed = SourceRows.of(table);
    unfit = Reshaping.unfit(printed, set.shape());
    view = Reshaping.of(printed, set.shape());
    fields = set.takesAllColumns() ? withColumns(set, table) : set.fields();
    ColumnMatch byHeading = ColumnMatch.of(fields, view);
    match = byPlace ? ColumnPlaces.fill(byHeading, fields, view) : byHeading;
    filter = new RowFilter(set.leaveOut());
    for (FieldSpec field : fields) {
      if (field.form().type().isNumeric()) {
        cores.put(field.name(), cores(field));
      }
    }
    numbers = NumberFormat.of(cores.values());
  }

  /** Where a spec names no columns, each column is a field under its own heading. */
  private static List<FieldSpec> withColumns(DataSetSpec set, Table table) {
    List<FieldSpec> fields = new ArrayList<>(set.fields());
    for (int c = 0; c < table.columns().size(); c++) {
      String name = table.columns().get(c).name();
      fields.add(new FieldSpec(name, List.of(), OptionalInt.of(c + 1), 1, false, ValueFormat.TEXT));
    }
    return fields;
  }

  /** The fields that columns give, in the order of the columns. */
  List<String> asked() {
    Map<Integer, String> byColumn = new TreeMap<>();
    match.columns().forEach((field, column) -> byColumn.put(column, field));
    return List.copyOf(byColumn.values());
  }

  /** What each column is: the field that it gives, or its heading where it gives none. */
  List<String> columns() {
    Map<Integer, String> byColumn = new TreeMap<>();
    for (int c = 0; c < view.paths().size(); c++) {
      byColumn.put(c, view.heading(c));
    }
    match.columns().forEach((field, column) -> byColumn.put(column, field));
    return List.copyOf(byColumn.values());
  }

  /** Notes how the fields are printed. */
  void note(PrintedForms forms) {
    for (FieldSpec field : fields) {
      Integer column = match.columns().get(field.name());
      if (column != null) {
        if (match.likeness().getOrDefault(field.name(), 1.0) == 1) { // else reported as reworded
          forms.heading(field.name(), view.heading(column));
        }
        forms.values(field, view.rows().stream().map(r -> r.cells().get(column).text()).toList());
      }
    }
  }

  private List<String> cores(FieldSpec field) {
    Integer column = match.columns().get(field.name());
    return view.rows().stream()
        .map(r -> column == null ? r.carried().get(field.name()) : r.cells().get(column))
        .filter(raw -> raw != null)
        .map(raw -> NumberText.core(raw.text(), field.form()))
        .flatMap(Optional::stream)
        .toList();
  }

  /** Reads the rows; where a column is missing, says so and reads none. */
  boolean read() {
    List<FieldSpec> missing = match.missing(fields);
    for (FieldSpec field : missing) {
      tally.say(
          Severity.ERROR,
          Finding.MISSING_COLUMN,
          "table "
              + table.id()
              + ": "
              + TableFit.missing(field, table)
              + "; field '"
              + field.name()
              + "' needs it, or 'optional: yes'");
    }
    unfit.ifPresent(
        u -> tally.say(Severity.ERROR, Finding.MISSING_COLUMN, "table " + table.id() + ": " + u));
    if (!missing.isEmpty() || unfit.isPresent()) {
      return false;
    }
    reportReworded();
    reportTwice();
    reportNotTaken();
    RecordBuilder records = new RecordBuilder(set, fields, tally, filter, numbers);
    records.beginTable();
    firstRow = tally.rows();
    RowJoining joining = new RowJoining(set.shape(), records);
    HeadingCarrier headings = new HeadingCarrier(set.headings(), tally.uses());
    Origin start = start();
    for (SourceRow row : view.rows()) {
      tally.read();
      take(row, start, headings, joining);
    }
    joining.flush();
    return true;
  }

  private Origin start() {
    return new Origin(table.frames().get(0).page(), table.frames().get(0).box(), table.id());
  }

  /** Where headings become rows, one that no rule meets takes its values with it. */
  private void reportNotTaken() {
    if (set.shape().unpivot().isEmpty()) {
      return;
    }
    List<String> headings = new ArrayList<>();
    for (int c = 0; c < view.paths().size(); c++) {
      int column = c;
      boolean filled = view.rows().stream().anyMatch(r -> !r.cells().get(column).isEmpty());
      if (filled && !match.columns().containsValue(c)) {
        headings.add(view.heading(c));
      }
    }
    if (!headings.isEmpty()) {
      tally.say(
          Severity.NOTE,
          "column-not-taken",
          "table "
              + table.id()
              + ": no field and no pattern of 'unpivot' takes '"
              + String.join("', '", headings)
              + "'; what stands below is in no row",
          start());
    }
  }

  private void reportReworded() {
    for (FieldSpec field : fields) {
      double alike = match.likeness().getOrDefault(field.name(), 1.0);
      if (alike == ColumnMatch.BY_PLACE) {
        tally.say(
            Severity.ERROR,
            "heading-by-place",
            "the column '"
                + view.heading(match.columns().get(field.name()))
                + "' was taken for field '"
                + field.name()
                + "' because of its place and its values alone; if that is right, add the heading"
                + " to its 'from'",
            start());
      } else if (alike < 1) {
        String heading = view.heading(match.columns().get(field.name()));
        tally.say(
            Severity.WARNING,
            "heading-reworded",
            "the heading '"
                + heading
                + "' was taken for field '"
                + field.name()
                + "' ("
                + TableFit.percent(alike)
                + " alike); if that is right, add it to its 'from'");
      }
    }
  }

  /** A heading that stands over several columns may mean a list that is to be folded. */
  private void reportTwice() {
    for (FieldSpec field : fields) {
      Integer column = match.columns().get(field.name());
      if (column == null || field.headings().isEmpty()) {
        continue;
      }
      double alike = match.likeness().get(field.name());
      for (int c = 0; c < view.paths().size(); c++) {
        boolean free = !match.columns().containsValue(c);
        if (free && ColumnMatch.likeness(field, view.paths().get(c)) >= alike) {
          tally.say(
              Severity.WARNING,
              "heading-twice",
              "table "
                  + table.id()
                  + ": columns "
                  + (column + 1)
                  + " and "
                  + (c + 1)
                  + " are both headed '"
                  + view.heading(column)
                  + "'; the first was taken, the other not read"
                  + (set.shape().fold().isPresent() ? ", since no equal blocks were found" : ""));
          break;
        }
      }
    }
  }

  private PrintedSum printedSum(SourceRow row) {
    Map<String, BigDecimal> values = new HashMap<>();
    for (FieldSpec field : fields) {
      Integer column = match.columns().get(field.name());
      PrintedText raw = column == null ? row.carried().get(field.name()) : row.cells().get(column);
      if (field.form().type().isNumeric() && raw != null) {
        ValueReader.sum(raw, field.form(), numbers).ifPresent(v -> values.put(field.name(), v));
      }
    }
    String label =
        row.cells().stream()
            .map(PrintedText::text)
            .filter(t -> !t.isEmpty())
            .findFirst()
            .orElse("");
    return new PrintedSum(
        row.kind(),
        label,
        row.origin(),
        values,
        tally.rows(),
        firstRow,
        CarriedOver.isSaidBesideBreak(label));
  }

  /** Whether each text of a row is the heading of its column. */
  private boolean repeatsHeadings(SourceRow row) {
    int same = 0;
    for (int c = 0; c < row.cells().size(); c++) {
      List<String> path = view.paths().get(c);
      String text = row.cells().get(c).text();
      if (!text.isEmpty()) {
        if (path.isEmpty() || !text.equals(path.get(path.size() - 1))) {
          return false;
        }
        same++;
      }
    }
    return same > 1;
  }

  private void take(SourceRow row, Origin start, HeadingCarrier headings, RowJoining joining) {
    int level = row.kind() == RowKind.GROUP ? row.level() : -1;
    // a pattern may meet a whole row of figures by chance: a heading is one text
    boolean mayBeHeading = level >= 0 || row.kind() == RowKind.BODY && row.isOneText();
    PrintedText text = new PrintedText(row.text(), row.origin());
    if (mayBeHeading && headings.take(text, level)) {
      joining.flush();
      tally.leaveOut(CARRIED, row.text(), row.page());
      return;
    }
    if (row.kind().isSum()) {
      joining.flush();
      tally.sum(printedSum(row));
    }
    Optional<String> rule = repeatsHeadings(row) ? Optional.of(REPEATED) : filter.ruleFor(row);
    if (rule.isPresent()) {
      tally.leaveOut(rule.get(), row.text(), row.page());
      return;
    }
    Map<String, PrintedText> printed = new LinkedHashMap<>(row.carried());
    match.columns().forEach((field, column) -> printed.put(field, row.cells().get(column)));
    if (joining.goesOn(row.text(), printed)) {
      joining.join(printed);
      tally.leaveOut(RowJoining.RULE, row.text(), row.page());
      return;
    }
    Map<String, PrintedText> raws = new HashMap<>(headings.carried());
    raws.putAll(values.of(row, start));
    raws.putAll(printed);
    joining.next(raws, row.origin());
  }
}
