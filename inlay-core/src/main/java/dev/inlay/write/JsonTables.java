package dev.inlay.write;

import dev.inlay.document.Indents;
import dev.inlay.extract.DocumentTables;
import dev.inlay.geom.Box;
import dev.inlay.model.Column;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableFrame;
import dev.inlay.model.TableNote;
import dev.inlay.model.TableRow;
import dev.inlay.model.Warning;
import java.io.OutputStream;
import java.util.List;
import tools.jackson.core.JsonGenerator;

/**
 * Writes documents as JSON of the form {@code inlay-tables/1}; the same tables give the same bytes.
 */
public final class JsonTables {

  private static final String FORMAT = "inlay-tables/1";

  private final JsonGenerator json;

  private JsonTables(JsonGenerator json) {
    this.json = json;
  }

  /**
   * Writes the documents, in UTF-8, and leaves the stream open.
   *
   * @throws tools.jackson.core.exc.JacksonIOException if the stream fails
   */
  public static void write(List<DocumentTables> documents, OutputStream out) {
    JsonOutput.write(out, json -> new JsonTables(json).file(documents));
  }

  private void file(List<DocumentTables> documents) {
    json.writeStringProperty("format", FORMAT);
    json.writeArrayPropertyStart("documents");
    documents.forEach(this::document);
    json.writeEndArray();
  }

  private void document(DocumentTables document) {
    newLine(" ");
    json.writeStartObject();
    json.writeStringProperty("file", document.fileName());
    json.writeStringProperty("sha256", document.sha256());
    json.writeNumberProperty("pages", document.pages());
    json.writeStringProperty("status", document.status().word());
    JsonOutput.problems(json, document.problems());
    json.writeArrayPropertyStart("tables");
    document.tables().forEach(this::table);
    json.writeEndArray();
    json.writeEndObject();
  }

  private void table(Table table) {
    newLine("  ");
    json.writeStartObject();
    json.writeStringProperty("id", table.id());
    table.rightOf().ifPresent(left -> json.writeStringProperty("rightOf", left));
    table.title().ifPresent(title -> json.writeStringProperty("title", title));
    JsonOutput.numbers(json, "pages", table.pages());
    json.writeArrayPropertyStart("frames");
    table.frames().forEach(this::frame);
    json.writeEndArray();
    json.writeNumberProperty("confidence", table.confidence());
    json.writeArrayPropertyStart("warnings");
    table.warnings().forEach(this::warning);
    json.writeEndArray();
    json.writeNumberProperty("headerRows", table.headerRows());
    json.writeArrayPropertyStart("columns");
    table.columns().forEach(this::column);
    json.writeEndArray();
    json.writeArrayPropertyStart("rows");
    Indents indents = Indents.of(table);
    table.rows().forEach(row -> row(row, indents.of(row), table.notes()));
    json.writeEndArray();
    if (!table.notes().isEmpty()) {
      json.writeArrayPropertyStart("notes");
      table.notes().forEach(this::note);
      json.writeEndArray();
    }
    json.writeEndObject();
  }

  private void frame(TableFrame frame) {
    json.writeStartObject();
    json.writeNumberProperty("page", frame.page());
    box(frame.box());
    json.writeStringProperty("rulings", frame.rulings().word());
    json.writeEndObject();
  }

  private void warning(Warning warning) {
    json.writeStartObject();
    json.writeStringProperty("code", warning.code().code());
    json.writeNumberProperty("page", warning.page());
    json.writeStringProperty("message", warning.message());
    warning.box().ifPresent(this::box);
    json.writeEndObject();
  }

  private void column(Column column) {
    json.writeStartObject();
    json.writeStringProperty("name", column.name());
    JsonOutput.strings(json, "path", column.path());
    json.writeEndObject();
  }

  private void note(TableNote note) {
    json.writeStartObject();
    if (!note.marker().isEmpty()) {
      json.writeStringProperty("marker", note.marker());
    }
    json.writeStringProperty("text", note.text());
    json.writeEndObject();
  }

  private void row(TableRow row, int indent, List<TableNote> notes) {
    newLine("   ");
    json.writeStartObject();
    json.writeStringProperty("kind", row.kind().word());
    json.writeNumberProperty("page", row.page());
    if (indent > 0) {
      json.writeNumberProperty("indent", indent);
    }
    json.writeArrayPropertyStart("cells");
    for (TableCell cell : row.cells()) {
      if (!cell.text().isEmpty()) {
        cell(cell, notes);
      }
    }
    json.writeEndArray();
    json.writeEndObject();
  }

  private void cell(TableCell cell, List<TableNote> notes) {
    json.writeStartObject();
    json.writeStringProperty("text", cell.text());
    TableNote.markerIn(cell.text(), notes)
        .ifPresent(marker -> json.writeStringProperty("marker", marker));
    json.writeNumberProperty("column", cell.column());
    json.writeNumberProperty("columnSpan", cell.columnSpan());
    json.writeNumberProperty("rowSpan", cell.rowSpan());
    box(cell.box());
    json.writeEndObject();
  }

  private void box(Box box) {
    JsonOutput.box(json, box);
  }

  /** A line for each document, table and row: files can be read and compared line by line. */
  private void newLine(String indent) {
    JsonOutput.newLine(json, indent);
  }
}
