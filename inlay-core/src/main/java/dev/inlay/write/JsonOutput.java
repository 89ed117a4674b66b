package dev.inlay.write;

import dev.inlay.extract.Problem;
import dev.inlay.geom.Box;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.util.List;
import java.util.function.Consumer;
import tools.jackson.core.JsonEncoding;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.core.json.JsonFactory;

/** What all JSON files have in common: UTF-8, short numbers, the forms of boxes and problems. */
final class JsonOutput {

  private static final JsonFactory FACTORY =
      JsonFactory.builder().disable(StreamWriteFeature.AUTO_CLOSE_TARGET).build();

  private JsonOutput() {}

  /**
   * Writes one object and leaves the stream open.
   *
   * @param content writes its properties
   * @throws tools.jackson.core.exc.JacksonIOException if the stream fails
   */
  static void write(OutputStream out, Consumer<JsonGenerator> content) {
    try (JsonGenerator json =
        FACTORY.createGenerator(ObjectWriteContext.empty(), out, JsonEncoding.UTF8)) {
      json.writeStartObject();
      content.accept(json);
      json.writeEndObject();
      json.writeRaw('\n');
    }
  }

  /** Begins a line, so that a file can be compared line by line. */
  static void newLine(JsonGenerator json, String indent) {
    json.writeRaw('\n');
    json.writeRaw(indent);
  }

  static void strings(JsonGenerator json, String name, List<String> values) {
    json.writeArrayPropertyStart(name);
    values.forEach(json::writeString);
    json.writeEndArray();
  }

  static void numbers(JsonGenerator json, String name, List<Integer> values) {
    json.writeArrayPropertyStart(name);
    values.forEach(json::writeNumber);
    json.writeEndArray();
  }

  static void problems(JsonGenerator json, List<Problem> problems) {
    json.writeArrayPropertyStart("problems");
    for (Problem problem : problems) {
      json.writeStartObject();
      json.writeStringProperty("code", problem.code());
      problem.page().ifPresent(page -> json.writeNumberProperty("page", page));
      json.writeStringProperty("message", problem.message());
      json.writeEndObject();
    }
    json.writeEndArray();
  }

  /** Left, top, right and bottom, in points. */
  static void box(JsonGenerator json, Box box) {
    json.writeArrayPropertyStart("box");
    for (double edge : new double[] {box.left(), box.top(), box.right(), box.bottom()}) {
      json.writeNumber(rounded(edge));
    }
    json.writeEndArray();
  }

  /** A tenth of a point is finer than any reader sees. */
  static BigDecimal rounded(double points) {
    return BigDecimal.valueOf(Math.round(10 * points), 1);
  }
}
