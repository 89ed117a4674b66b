package dev.inlay.write;

import dev.inlay.spec.SpecSchema;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.List;
import java.util.Objects;

/** The JSON Schemas of all files that programs may want to read or write. */
public final class JsonSchemas {

  private static final String SPEC = "spec";

  private JsonSchemas() {}

  /** The words for what has a schema. */
  public static List<String> names() {
    return List.of("tables", "run", SPEC);
  }

  /**
   * Writes a schema and leaves the stream open.
   *
   * @param name one of {@link #names}
   * @throws IOException if the stream fails
   * @throws IllegalArgumentException if there is no schema of that name
   */
  public static void write(String name, OutputStream out) throws IOException {
    if (!names().contains(name)) {
      throw new IllegalArgumentException(
          "'" + name + "' has no schema; one of " + String.join(", ", names()));
    }
    if (name.equals(SPEC)) {
      SpecSchema.write(out);
      return;
    }
    try (InputStream in = JsonSchemas.class.getResourceAsStream(name + ".schema.json")) {
      Objects.requireNonNull(in, name).transferTo(out);
    }
  }
}
