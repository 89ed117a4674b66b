package dev.inlay.write;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.json.JsonFactory;

/** JSON as plain maps, lists, texts, numbers and booleans, for formats of our own. */
final class JsonTree {

  private static final JsonFactory FACTORY = new JsonFactory();

  private JsonTree() {}

  /**
   * Reads one object.
   *
   * @throws IOException if the stream fails or holds something else
   */
  static Map<String, Object> read(InputStream in) throws IOException {
    try (JsonParser json = FACTORY.createParser(ObjectReadContext.empty(), in)) {
      if (json.nextToken() != JsonToken.START_OBJECT) {
        throw new IOException("no JSON object");
      }
      return object(json);
    } catch (JacksonException e) {
      throw new IOException("no whole JSON object", e);
    }
  }

  private static Map<String, Object> object(JsonParser json) {
    Map<String, Object> values = new LinkedHashMap<>();
    while (json.nextToken() != JsonToken.END_OBJECT) {
      String name = json.currentName();
      json.nextToken();
      values.put(name, value(json));
    }
    return values;
  }

  private static Object value(JsonParser json) {
    return switch (json.currentToken()) {
      case START_OBJECT -> object(json);
      case START_ARRAY -> {
        List<Object> all = new ArrayList<>();
        while (json.nextToken() != JsonToken.END_ARRAY) {
          all.add(value(json));
        }
        yield all;
      }
      case VALUE_NUMBER_INT -> json.getIntValue();
      case VALUE_NUMBER_FLOAT -> json.getDoubleValue();
      case VALUE_TRUE -> true;
      case VALUE_FALSE -> false;
      default -> json.getString();
    };
  }
}
