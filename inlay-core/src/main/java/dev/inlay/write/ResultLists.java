package dev.inlay.write;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSet;
import dev.inlay.rows.Origin;
import dev.inlay.rows.Value;
import dev.inlay.write.ResultSheet.Cell;
import dev.inlay.write.ResultSheet.Head;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.core.JsonGenerator;

/** Writes data as lists: CSV after RFC 4180, text with tabs, and JSON lines. */
final class ResultLists {

  private ResultLists() {}

  /** Writes a sheet as CSV; leaves the stream open. */
  static void csv(ResultSheet sheet, OutputStream out) throws IOException {
    Writer to = writer(out);
    CsvLine.write(sheet.columns().stream().map(Head::name).toList(), to);
    for (List<Cell> row : sheet.rows()) {
      CsvLine.write(row.stream().map(Cell::text).toList(), to);
    }
    to.flush();
  }

  /** Writes a sheet with tabs between values, which stand on one line each. */
  static void tsv(ResultSheet sheet, OutputStream out) throws IOException {
    Writer to = writer(out);
    tabbed(sheet.columns().stream().map(Head::name).toList(), to);
    for (List<Cell> row : sheet.rows()) {
      tabbed(row.stream().map(Cell::text).toList(), to);
    }
    to.flush();
  }

  private static Writer writer(OutputStream out) {
    return new OutputStreamWriter(out, StandardCharsets.UTF_8);
  }

  /** The form has no quotation marks: tabs and line ends in a value are written as letters. */
  private static void tabbed(List<String> values, Writer to) throws IOException {
    for (int i = 0; i < values.size(); i++) {
      String escaped =
          values
              .get(i)
              .replace("\\", "\\\\")
              .replace("\t", "\\t")
              .replace("\r", "\\r")
              .replace("\n", "\\n");
      to.write((i > 0 ? "\t" : "") + FormulaGuard.asText(escaped));
    }
    to.write("\n");
  }

  /** Writes each record as a line of JSON, with its origin; leaves the stream open. */
  static void jsonLines(DataSet data, OutputStream out) {
    for (DataRecord record : data.records()) {
      JsonOutput.write(
          out,
          json -> {
            for (DataSet.Field field : data.fields()) {
              value(json, field.name(), record.value(field.name()));
            }
            origin(json, record);
          });
    }
  }

  private static void value(JsonGenerator json, String name, Value value) {
    if (value.isNothing()) {
      json.writeNullProperty(name);
    } else if (value.content() instanceof BigDecimal number) {
      json.writeNumberProperty(name, number);
    } else if (value.content() instanceof Boolean truth) {
      json.writeBooleanProperty(name, truth);
    } else {
      json.writeStringProperty(name, ValueText.of(value.content()));
    }
  }

  private static void origin(JsonGenerator json, DataRecord record) {
    Origin origin = record.origin();
    json.writeObjectPropertyStart("origin");
    json.writeStringProperty("file", record.file());
    json.writeNumberProperty("page", origin.page());
    if (!origin.table().isEmpty()) {
      json.writeStringProperty("table", origin.table());
    }
    JsonOutput.box(json, origin.box());
    json.writeEndObject();
  }

  /** Where each row of a data set stands: what ties a plain list to the pages. */
  static ResultSheet origins(DataSet data) {
    List<Head> heads =
        List.of(
            new Head("row", true),
            new Head("file", false),
            new Head("page", true),
            new Head("table", false),
            new Head("left", true),
            new Head("top", true),
            new Head("right", true),
            new Head("bottom", true));
    List<List<Cell>> rows = new ArrayList<>();
    for (int i = 0; i < data.records().size(); i++) {
      DataRecord record = data.records().get(i);
      Origin origin = record.origin();
      rows.add(
          List.of(
              Cell.of(BigDecimal.valueOf(i + 1)),
              Cell.of(record.file()),
              Cell.of(BigDecimal.valueOf(origin.page())),
              Cell.of(origin.table()),
              Cell.of(JsonOutput.rounded(origin.box().left())),
              Cell.of(JsonOutput.rounded(origin.box().top())),
              Cell.of(JsonOutput.rounded(origin.box().right())),
              Cell.of(JsonOutput.rounded(origin.box().bottom()))));
    }
    return new ResultSheet(data.name() + " origins", heads, rows);
  }

  /** The descriptor of a data package for one list: its schema, by the open standard. */
  static void descriptor(DataSet data, String file, OutputStream out) {
    JsonOutput.write(
        out,
        json -> {
          json.writeStringProperty("profile", "tabular-data-package");
          json.writeArrayPropertyStart("resources");
          json.writeStartObject();
          json.writeStringProperty("name", data.name());
          json.writeStringProperty("path", file);
          json.writeStringProperty("profile", "tabular-data-resource");
          json.writeStringProperty("encoding", "utf-8");
          json.writeObjectPropertyStart("schema");
          json.writeArrayPropertyStart("fields");
          data.fields().forEach(f -> field(json, f));
          json.writeEndArray();
          JsonOutput.strings(json, "missingValues", List.of(""));
          json.writeEndObject();
          json.writeEndObject();
          json.writeEndArray();
        });
  }

  private static void field(JsonGenerator json, DataSet.Field field) {
    JsonOutput.newLine(json, "  ");
    json.writeStartObject();
    json.writeStringProperty("name", field.name());
    json.writeStringProperty("type", field.type().schemaWord());
    if (field.required()) {
      json.writeObjectPropertyStart("constraints");
      json.writeBooleanProperty("required", true);
      json.writeEndObject();
    }
    json.writeEndObject();
  }
}
