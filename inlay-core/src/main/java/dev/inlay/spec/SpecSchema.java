package dev.inlay.spec;

import java.io.OutputStream;
import java.util.List;
import tools.jackson.core.JsonEncoding;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.core.json.JsonFactory;

/** Writes the JSON Schema of the spec, for editors; made of the same keys that the reader knows. */
public final class SpecSchema {

  private static final JsonFactory FACTORY =
      JsonFactory.builder().disable(StreamWriteFeature.AUTO_CLOSE_TARGET).build();

  private SpecSchema() {}

  /** Writes the schema and leaves the stream open. */
  public static void write(OutputStream out) {
    try (JsonGenerator json =
        FACTORY.createGenerator(ObjectWriteContext.empty(), out, JsonEncoding.UTF8)) {
      json.writeStartObject();
      json.writeStringProperty("$schema", "https://json-schema.org/draft/2020-12/schema");
      json.writeStringProperty("title", "Inlay spec");
      reference(json, SpecKeys.REPORT);
      json.writeObjectPropertyStart("$defs");
      for (SpecKeys section : SpecKeys.values()) {
        json.writeRaw("\n ");
        json.writeObjectPropertyStart(section.word());
        section(json, section);
        json.writeEndObject();
      }
      json.writeEndObject();
      json.writeEndObject();
      json.writeRaw('\n');
    }
  }

  private static void section(JsonGenerator json, SpecKeys section) {
    json.writeStringProperty("type", "object");
    json.writeBooleanProperty("additionalProperties", false);
    json.writeObjectPropertyStart("properties");
    for (SpecKeys.Key key : section.keys()) {
      json.writeRaw("\n  ");
      json.writeObjectPropertyStart(key.name());
      json.writeStringProperty("description", key.says());
      takes(json, key.takes());
      json.writeEndObject();
    }
    json.writeEndObject();
  }

  private static void takes(JsonGenerator json, String takes) {
    if (takes.equals("any")) {
      return;
    }
    String rest = takes.substring(takes.indexOf(':') + 1);
    if (takes.startsWith("choice:")) {
      json.writeArrayPropertyStart("enum");
      List.of(rest.split(",")).forEach(json::writeString);
      json.writeEndArray();
    } else if (takes.startsWith("map:")) {
      json.writeStringProperty("type", "object");
      json.writeObjectPropertyStart("additionalProperties");
      oneOf(json, rest);
      json.writeEndObject();
    } else if (takes.startsWith("list:")) {
      json.writeArrayPropertyStart("anyOf");
      json.writeStartObject();
      json.writeStringProperty("type", "array");
      json.writeObjectPropertyStart("items");
      oneOf(json, rest);
      json.writeEndObject();
      json.writeEndObject();
      json.writeStartObject();
      oneOf(json, rest);
      json.writeEndObject();
      json.writeEndArray();
    } else {
      oneOf(json, takes);
    }
  }

  private static void oneOf(JsonGenerator json, String words) {
    if (words.equals("any")) {
      return;
    }
    json.writeArrayPropertyStart("anyOf");
    for (String word : words.split("\\|")) {
      json.writeStartObject();
      one(json, word);
      json.writeEndObject();
    }
    json.writeEndArray();
  }

  private static void one(JsonGenerator json, String word) {
    switch (word) {
      case "text", "pattern", "expression", "share", "number" -> scalars(json);
      case "flag" -> {
        json.writeArrayPropertyStart("enum");
        json.writeString("yes");
        json.writeString("no");
        json.writeBoolean(true);
        json.writeBoolean(false);
        json.writeEndArray();
      }
      case "texts", "patterns" -> {
        json.writeArrayPropertyStart("anyOf");
        json.writeStartObject();
        scalars(json);
        json.writeEndObject();
        json.writeStartObject();
        json.writeStringProperty("type", "array");
        json.writeObjectPropertyStart("items");
        scalars(json);
        json.writeEndObject();
        json.writeEndObject();
        json.writeEndArray();
      }
      default -> reference(json, SpecKeys.valueOf(word));
    }
  }

  /** A spec's texts need no quotation marks, so a number or a truth value is one as well. */
  private static void scalars(JsonGenerator json) {
    json.writeArrayPropertyStart("type");
    List.of("string", "number", "boolean").forEach(json::writeString);
    json.writeEndArray();
  }

  private static void reference(JsonGenerator json, SpecKeys section) {
    json.writeStringProperty("$ref", "#/$defs/" + section.word());
  }
}
