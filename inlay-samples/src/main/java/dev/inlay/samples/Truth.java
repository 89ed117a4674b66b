package dev.inlay.samples;

import java.io.ByteArrayOutputStream;
import java.util.List;
import tools.jackson.core.JsonEncoding;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.json.JsonFactory;

/**
 * What a right reading of a sample gives, in the truth format.
 *
 * @param pdf the sample's file name
 * @param note what is hard about it
 * @param tags kinds of difficulty
 * @param tables in reading order
 */
record Truth(String pdf, String note, List<String> tags, List<PrintedTable> tables) {

  byte[] toJson() {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (JsonGenerator json =
        new JsonFactory().createGenerator(ObjectWriteContext.empty(), out, JsonEncoding.UTF8)) {
      json.writeStartObject();
      json.writeStringProperty("pdf", pdf);
      json.writeStringProperty("producer", "inlay-samples");
      json.writeStringProperty("note", note);
      json.writeArrayPropertyStart("tags");
      tags.forEach(json::writeString);
      json.writeEndArray();
      json.writeArrayPropertyStart("tables");
      tables.forEach(t -> table(t, json));
      json.writeEndArray();
      json.writeEndObject();
      json.writeRaw('\n');
    }
    return out.toByteArray();
  }

  private static void table(PrintedTable printed, JsonGenerator json) {
    json.writeRaw("\n ");
    json.writeStartObject();
    json.writeArrayPropertyStart("pages");
    printed.pages().forEach(json::writeNumber);
    json.writeEndArray();
    json.writeNumberProperty("header_rows", printed.table().headerRows());
    json.writeArrayPropertyStart("grid");
    printed.table().rows().forEach(row -> row(row, json));
    json.writeEndArray();
    json.writeArrayPropertyStart("kinds");
    printed.table().rows().forEach(row -> json.writeString(row.kind()));
    json.writeEndArray();
    json.writeEndObject();
  }

  private static void row(SampleRow row, JsonGenerator json) {
    json.writeRaw("\n  ");
    json.writeStartArray();
    for (SampleCell cell : row.cells()) {
      if (!cell.text().isEmpty()) {
        json.writeStartArray();
        json.writeString(cell.text());
        json.writeNumber(cell.column());
        json.writeNumber(cell.columnSpan());
        json.writeNumber(cell.rowSpan());
        json.writeEndArray();
      }
    }
    json.writeEndArray();
  }
}
