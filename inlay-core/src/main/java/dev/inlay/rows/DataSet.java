package dev.inlay.rows;

import dev.inlay.spec.FieldType;
import java.util.List;

/**
 * Typed rows under named fields.
 *
 * @param name for files and sheets
 * @param fields in their order
 * @param records whose values go by the names of the fields
 */
public record DataSet(String name, List<Field> fields, List<DataRecord> records) {

  /**
   * A column of the result.
   *
   * @param name no other field has it
   * @param type of its values
   * @param required whether every record has a value
   */
  public record Field(String name, FieldType type, boolean required) {}

  /** Keeps copies that cannot change. */
  public DataSet {
    fields = List.copyOf(fields);
    records = List.copyOf(records);
  }
}
