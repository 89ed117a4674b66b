package dev.inlay.write;

import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Problem;
import dev.inlay.geom.Box;
import dev.inlay.grid.Warning;
import dev.inlay.table.Column;
import dev.inlay.table.Table;
import dev.inlay.table.TableCell;
import dev.inlay.table.TableFrame;
import dev.inlay.table.TableRow;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import tools.jackson.core.JsonEncoding;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.core.json.JsonFactory;

/**
 * Writes documents as JSON of the form {@code inlay-tables/1}; the same tables give the same bytes.
 */
public final class JsonTables {

  private static final String FORMAT = "inlay-tables/1";

  private static final JsonFactory FACTORY =
      JsonFactory.builder().disable(StreamWriteFeature.AUTO_CLOSE_TARGET).build();

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
    try (JsonGenerator json =
        FACTORY.createGenerator(ObjectWriteContext.empty(), out, JsonEncoding.UTF8)) {
      new JsonTables(json).file(documents);
    }
  }

  private void file(List<DocumentTables> documents) {
    json.writeStartObject();
    json.writeStringProperty("format", FORMAT);
    json.writeArrayPropertyStart("documents");
    documents.forEach(this::document);
    json.writeEndArray();
    json.writeEndObject();
    json.writeRaw('\n');
  }

  private void document(DocumentTables document) {
    newLine(" ");
    json.writeStartObject();
    json.writeStringProperty("file", document.fileName());
    json.writeStringProperty("sha256", document.sha256());
    json.writeNumberProperty("pages", document.pages());
    json.writeStringProperty("status", document.status().word());
    json.writeArrayPropertyStart("problems");
    document.problems().forEach(this::problem);
    json.writeEndArray();
    json.writeArrayPropertyStart("tables");
    document.tables().forEach(this::table);
    json.writeEndArray();
    json.writeEndObject();
  }

  private void problem(Problem problem) {
    json.writeStartObject();
    json.writeStringProperty("code", problem.code());
    problem.page().ifPresent(page -> json.writeNumberProperty("page", page));
    json.writeStringProperty("message", problem.message());
    json.writeEndObject();
  }

  private void table(Table table) {
    newLine("  ");
    json.writeStartObject();
    json.writeStringProperty("id", table.id());
    table.title().ifPresent(title -> json.writeStringProperty("title", title));
    json.writeArrayPropertyStart("pages");
    table.pages().forEach(json::writeNumber);
    json.writeEndArray();
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
    table.rows().forEach(this::row);
    json.writeEndArray();
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
    json.writeArrayPropertyStart("path");
    column.path().forEach(json::writeString);
    json.writeEndArray();
    json.writeEndObject();
  }

  private void row(TableRow row) {
    newLine("   ");
    json.writeStartObject();
    json.writeStringProperty("kind", row.kind().word());
    json.writeNumberProperty("page", row.page());
    json.writeArrayPropertyStart("cells");
    for (TableCell cell : row.cells()) {
      if (!cell.text().isEmpty()) {
        cell(cell);
      }
    }
    json.writeEndArray();
    json.writeEndObject();
  }

  private void cell(TableCell cell) {
    json.writeStartObject();
    json.writeStringProperty("text", cell.text());
    json.writeNumberProperty("column", cell.column());
    json.writeNumberProperty("columnSpan", cell.columnSpan());
    json.writeNumberProperty("rowSpan", cell.rowSpan());
    box(cell.box());
    json.writeEndObject();
  }

  private void box(Box box) {
    json.writeArrayPropertyStart("box");
    for (double edge : new double[] {box.left(), box.top(), box.right(), box.bottom()}) {
      // A tenth of a point is finer than any reader sees.
      json.writeNumber(BigDecimal.valueOf(edge).setScale(1, RoundingMode.HALF_UP));
    }
    json.writeEndArray();
  }

  /** A line for each document, table and row: files can be read and compared line by line. */
  private void newLine(String indent) {
    json.writeRaw('\n');
    json.writeRaw(indent);
  }
}
