package dev.inlay.write;

import dev.inlay.compare.ResultComparison;
import dev.inlay.compare.TableComparison;
import dev.inlay.compare.TableComparison.FieldSum;
import dev.inlay.compare.TableComparison.RowChange;
import dev.inlay.compare.TableComparison.ValueChange;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import tools.jackson.core.JsonGenerator;

/** Writes what parts two results: as text, as CSV or as JSON. */
public final class ComparisonFile {

  private static final String FORMAT = "inlay-comparison/1";

  private static final int NAME_WIDTH = 44;
  private static final int VALUE_WIDTH = 30;

  private final ResultComparison comparison;

  /** Prepares writing. */
  public ComparisonFile(ResultComparison comparison) {
    this.comparison = comparison;
  }

  /**
   * The comparison as text.
   *
   * @param most how many rows of each kind are shown; 0 for all
   */
  public List<String> text(int most) {
    List<String> lines = new ArrayList<>();
    for (TableComparison table : comparison.tables()) {
      addTable(table, most, lines);
    }
    comparison.gone().forEach(name -> lines.add("only in the first:   " + name));
    comparison.added().forEach(name -> lines.add("only in the second:  " + name));
    return lines;
  }

  private static void addTable(TableComparison table, int most, List<String> lines) {
    lines.add(
        table.name()
            + ": "
            + TextTables.counted(table.rowsBefore(), "row")
            + " before, "
            + TextTables.counted(table.rowsAfter(), "row")
            + " after");
    if (!table.differs()) {
      lines.add("  all rows are the same");
      return;
    }
    lines.add(
        String.format(
            "  %d same, %d changed, %d gone, %d added",
            table.same(), table.changed().size(), table.gone().size(), table.added().size()));
    if (table.repeatedKeys() > 0) {
      lines.add(
          "  the key is the same in several rows: "
              + TextTables.counted(table.repeatedKeys(), "row")
              + " with the key of another, taken in their order");
    }
    addFields(table, lines);
    addChanged(table.changed(), most, lines);
    addRows("gone", table.gone(), most, lines);
    addRows("added", table.added(), most, lines);
  }

  private static void addFields(TableComparison table, List<String> lines) {
    TextColumns columns = new TextColumns("<>>>>");
    columns.add("field", "changed", "sum before", "sum after", "difference");
    boolean any = false;
    for (FieldSum field : table.fields()) {
      boolean sums = field.before() != null;
      boolean differ = sums && field.before().compareTo(field.after()) != 0;
      if (field.changed() > 0 || differ) {
        any = true;
        columns.add(
            field.name(),
            String.valueOf(field.changed()),
            sums ? plain(field.before()) : "",
            sums ? plain(field.after()) : "",
            differ ? plain(field.after().subtract(field.before())) : "");
      }
    }
    if (any) {
      lines.add("");
      lines.addAll(columns.lines("  ", 0));
    }
    table.fieldsGone().forEach(f -> lines.add("  field only in the first:   " + f));
    table.fieldsAdded().forEach(f -> lines.add("  field only in the second:  " + f));
  }

  private static void addChanged(List<RowChange> changed, int most, List<String> lines) {
    if (changed.isEmpty()) {
      return;
    }
    TextColumns columns = new TextColumns("<<<<");
    columns.add("changed", "field", "before", "after");
    for (RowChange row : shown(changed, most)) {
      String name = DisplayWidth.cut(row.key(), NAME_WIDTH);
      for (ValueChange value : row.values()) {
        columns.add(name, value.field(), shown(value.before()), shown(value.after()));
        name = "";
      }
    }
    lines.add("");
    lines.addAll(columns.lines("  ", 0));
    addRest(changed, most, lines);
  }

  private static String shown(String value) {
    String line = value.replace("\n", " ⏎ ");
    return value.isEmpty() ? "(nothing)" : DisplayWidth.cut(line, VALUE_WIDTH);
  }

  private static void addRows(String what, List<RowChange> rows, int most, List<String> lines) {
    if (rows.isEmpty()) {
      return;
    }
    lines.add("");
    lines.add("  " + what);
    for (RowChange row : shown(rows, most)) {
      lines.add(
          "  row "
              + Math.max(row.rowBefore(), row.rowAfter())
              + ": "
              + row.values().stream()
                  .map(v -> shown(v.before().isEmpty() ? v.after() : v.before()))
                  .collect(Collectors.joining(" | ")));
    }
    addRest(rows, most, lines);
  }

  private static List<RowChange> shown(List<RowChange> rows, int most) {
    return most == 0 ? rows : rows.subList(0, Math.min(most, rows.size()));
  }

  private static void addRest(List<RowChange> rows, int most, List<String> lines) {
    if (most > 0 && rows.size() > most) {
      lines.add("  and " + (rows.size() - most) + " more; --to csv lists all");
    }
  }

  private static String plain(BigDecimal number) {
    BigDecimal bare = number.stripTrailingZeros();
    return (bare.scale() < 0 ? bare.setScale(0) : bare).toPlainString();
  }

  /**
   * Writes a line for each value that differs, and for each value of rows in one result alone;
   * leaves the stream open.
   *
   * @throws IOException if the stream fails
   */
  public void csv(OutputStream out) throws IOException {
    Writer to = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.UTF_8));
    CsvLine.write(
        List.of("data set", "change", "row before", "row after", "key", "field", "before", "after"),
        to);
    for (TableComparison table : comparison.tables()) {
      for (String field : table.fieldsGone()) {
        CsvLine.write(List.of(table.name(), "field gone", "", "", "", field, "", ""), to);
      }
      for (String field : table.fieldsAdded()) {
        CsvLine.write(List.of(table.name(), "field added", "", "", "", field, "", ""), to);
      }
      write(table, "changed", table.changed(), to);
      write(table, "gone", table.gone(), to);
      write(table, "added", table.added(), to);
    }
    for (String name : comparison.gone()) {
      CsvLine.write(List.of(name, "data set gone", "", "", "", "", "", ""), to);
    }
    for (String name : comparison.added()) {
      CsvLine.write(List.of(name, "data set added", "", "", "", "", "", ""), to);
    }
    to.flush();
  }

  private static void write(TableComparison table, String change, List<RowChange> rows, Writer to)
      throws IOException {
    for (RowChange row : rows) {
      for (ValueChange value : row.values()) {
        CsvLine.write(
            List.of(
                table.name(),
                change,
                row.rowBefore() == 0 ? "" : String.valueOf(row.rowBefore()),
                row.rowAfter() == 0 ? "" : String.valueOf(row.rowAfter()),
                row.key(),
                value.field(),
                value.before(),
                value.after()),
            to);
      }
    }
  }

  /** Writes JSON of the form {@code inlay-comparison/1} and leaves the stream open. */
  public void json(OutputStream out) {
    JsonOutput.write(
        out,
        json -> {
          json.writeStringProperty("format", FORMAT);
          json.writeBooleanProperty("differs", comparison.differs());
          json.writeArrayPropertyStart("dataSets");
          comparison.tables().forEach(table -> write(table, json));
          json.writeEndArray();
          JsonOutput.strings(json, "gone", comparison.gone());
          JsonOutput.strings(json, "added", comparison.added());
        });
  }

  private static void write(TableComparison table, JsonGenerator json) {
    JsonOutput.newLine(json, " ");
    json.writeStartObject();
    json.writeStringProperty("name", table.name());
    json.writeNumberProperty("rowsBefore", table.rowsBefore());
    json.writeNumberProperty("rowsAfter", table.rowsAfter());
    json.writeNumberProperty("same", table.same());
    json.writeNumberProperty("repeatedKeys", table.repeatedKeys());
    JsonOutput.strings(json, "fieldsGone", table.fieldsGone());
    JsonOutput.strings(json, "fieldsAdded", table.fieldsAdded());
    json.writeArrayPropertyStart("fields");
    for (FieldSum field : table.fields()) {
      JsonOutput.newLine(json, "  ");
      json.writeStartObject();
      json.writeStringProperty("name", field.name());
      json.writeNumberProperty("changed", field.changed());
      if (field.before() != null) {
        json.writeNumberProperty("sumBefore", field.before());
        json.writeNumberProperty("sumAfter", field.after());
      }
      json.writeEndObject();
    }
    json.writeEndArray();
    rows(json, "changed", table.changed());
    rows(json, "gone", table.gone());
    rows(json, "added", table.added());
    json.writeEndObject();
  }

  private static void rows(JsonGenerator json, String name, List<RowChange> rows) {
    json.writeArrayPropertyStart(name);
    for (RowChange row : rows) {
      JsonOutput.newLine(json, "  ");
      json.writeStartObject();
      if (row.rowBefore() > 0) {
        json.writeNumberProperty("rowBefore", row.rowBefore());
      }
      if (row.rowAfter() > 0) {
        json.writeNumberProperty("rowAfter", row.rowAfter());
      }
      json.writeStringProperty("key", row.key());
      json.writeArrayPropertyStart("values");
      for (ValueChange value : row.values()) {
        json.writeStartObject();
        json.writeStringProperty("field", value.field());
        json.writeStringProperty("before", value.before());
        json.writeStringProperty("after", value.after());
        json.writeEndObject();
      }
      json.writeEndArray();
      json.writeEndObject();
    }
    json.writeEndArray();
  }
}
