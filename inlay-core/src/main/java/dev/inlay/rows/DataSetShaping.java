package dev.inlay.rows;

import dev.inlay.rows.DataSet.Field;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.FieldSpec;
import dev.inlay.spec.FieldType;
import dev.inlay.spec.Shape;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Makes a data set of the records of all files: rows as columns, sums, order, names. */
public final class DataSetShaping {

  private DataSetShaping() {}

  /**
   * The data set as it is written.
   *
   * @param records of all files, in the order of the files
   */
  public static DataSet of(DataSetSpec set, List<DataRecord> records) {
    DataSet data = shaped(set, records);
    Shape shape = set.shape();
    if (shape.output().isEmpty()) {
      return data;
    }
    Map<String, String> output = new LinkedHashMap<>(shape.output());
    if (shape.pivot().isPresent()) {
      addUnnamed(set, output, data.fields());
    }
    return renamed(data, output);
  }

  /**
   * The rows that are written, all their fields under the names that the spec gives them.
   *
   * @param records of all files, in the order of the files
   */
  public static DataSet shaped(DataSetSpec set, List<DataRecord> records) {
    DataSet data = new DataSet(set.name(), fields(set, records), records);
    Shape shape = set.shape();
    if (shape.pivot().isPresent()) {
      data = pivot(data, shape.pivot().get());
    }
    if (shape.sums().isPresent()) {
      data = sums(data, shape.sums().get());
    }
    return sorted(data, shape.sort());
  }

  private static List<Field> fields(DataSetSpec set, List<DataRecord> records) {
    Map<String, Field> fields = new LinkedHashMap<>();
    for (FieldSpec field : set.fields()) {
      boolean required = field.form().required();
      fields.put(field.name(), new Field(field.name(), field.form().type(), required));
    }
    if (set.takesAllColumns()) {
      for (DataRecord record : records) {
        for (String name : record.values().keySet()) {
          fields.putIfAbsent(name, new Field(name, FieldType.STRING, false));
        }
      }
    }
    return List.copyOf(fields.values());
  }

  /** Records with equal values in all other fields become one. */
  private static DataSet pivot(DataSet data, Shape.Pivot pivot) {
    List<Field> fields = new ArrayList<>();
    FieldType type = FieldType.STRING;
    for (Field field : data.fields()) {
      if (field.name().equals(pivot.value())) {
        type = field.type();
      } else if (!field.name().equals(pivot.by())) {
        fields.add(field);
      }
    }
    Set<String> names = new LinkedHashSet<>();
    Map<List<Object>, DataRecord> rows = new LinkedHashMap<>();
    for (DataRecord record : data.records()) {
      String name = text(record.value(pivot.by()));
      names.add(name);
      List<Object> key = new ArrayList<>(contents(record, fields));
      // a second value for the same place gets a row of its own, so that none is lost
      while (rows.containsKey(key) && rows.get(key).values().containsKey(name)) {
        key.add("");
      }
      Map<String, Value> values = new LinkedHashMap<>();
      if (rows.containsKey(key)) {
        values.putAll(rows.get(key).values());
      } else {
        fields.forEach(f -> values.put(f.name(), record.value(f.name())));
      }
      values.put(name, record.value(pivot.value()));
      DataRecord first = rows.getOrDefault(key, record);
      rows.put(key, new DataRecord(first.file(), first.origin(), values));
    }
    for (String name : names) {
      fields.add(new Field(name, type, false));
    }
    return new DataSet(data.name(), fields, List.copyOf(rows.values()));
  }

  private static String text(Value value) {
    return value.isNothing() ? "" : value.content().toString();
  }

  private static List<Object> contents(DataRecord record, List<Field> fields) {
    List<Object> contents = new ArrayList<>();
    fields.forEach(f -> contents.add(record.value(f.name()).content()));
    return contents;
  }

  private static DataSet sums(DataSet data, Shape.Sums sums) {
    List<Field> keys = data.fields().stream().filter(f -> sums.by().contains(f.name())).toList();
    Map<List<Object>, List<DataRecord>> groups = new LinkedHashMap<>();
    for (DataRecord record : data.records()) {
      groups.computeIfAbsent(contents(record, keys), k -> new ArrayList<>()).add(record);
    }
    List<DataRecord> rows = new ArrayList<>();
    for (List<DataRecord> group : groups.values()) {
      DataRecord first = group.get(0);
      Map<String, Value> values = new LinkedHashMap<>();
      keys.forEach(f -> values.put(f.name(), first.value(f.name())));
      sums.add().forEach(f -> values.put(f, sum(group, f)));
      if (!sums.count().isEmpty()) {
        values.put(sums.count(), Value.reckoned(BigDecimal.valueOf(group.size())));
      }
      rows.add(new DataRecord(first.file(), first.origin(), values));
    }
    List<Field> fields = new ArrayList<>(keys);
    for (Field field : data.fields()) {
      if (sums.add().contains(field.name())) {
        fields.add(field);
      }
    }
    if (!sums.count().isEmpty()) {
      fields.add(new Field(sums.count(), FieldType.INTEGER, true));
    }
    return new DataSet(data.name(), fields, rows);
  }

  private static Value sum(List<DataRecord> group, String field) {
    BigDecimal sum = null;
    boolean grouped = false;
    for (DataRecord record : group) {
      Value value = record.value(field);
      if (value.content() instanceof BigDecimal number) {
        sum = sum == null ? number : sum.add(number);
        grouped |= value.grouped();
      }
    }
    return new Value(sum, "", grouped, Optional.empty());
  }

  private static DataSet sorted(DataSet data, List<Shape.SortKey> keys) {
    if (keys.isEmpty()) {
      return data;
    }
    Comparator<DataRecord> order = null;
    for (Shape.SortKey key : keys) {
      Comparator<DataRecord> next =
          (a, b) -> compare(a.value(key.field()), b.value(key.field()), key.falling());
      order = order == null ? next : order.thenComparing(next);
    }
    List<DataRecord> records = new ArrayList<>(data.records());
    records.sort(order);
    return new DataSet(data.name(), data.fields(), records);
  }

  /** Records without a value come last, whatever the direction. */
  @SuppressWarnings("unchecked") // all values of a field are of one type
  private static int compare(Value a, Value b, boolean falling) {
    if (a.isNothing() || b.isNothing()) {
      return Boolean.compare(a.isNothing(), b.isNothing());
    }
    int order = ((Comparable<Object>) a.content()).compareTo(b.content());
    return falling ? -order : order;
  }

  /**
   * Columns that a pivot makes of values which a spec could not know are kept behind the others.
   */
  private static void addUnnamed(DataSetSpec set, Map<String, String> output, List<Field> fields) {
    for (Field field : fields) {
      boolean made = set.fields().stream().noneMatch(f -> f.name().equals(field.name()));
      if (made && !output.containsValue(field.name())) {
        output.putIfAbsent(field.name(), field.name());
      }
    }
  }

  private static DataSet renamed(DataSet data, Map<String, String> output) {
    List<Field> fields = new ArrayList<>();
    output.forEach(
        (name, from) ->
            data.fields().stream()
                .filter(f -> f.name().equals(from))
                .forEach(f -> fields.add(new Field(name, f.type(), f.required()))));
    List<DataRecord> records = new ArrayList<>();
    for (DataRecord record : data.records()) {
      Map<String, Value> values = new LinkedHashMap<>();
      output.forEach((name, from) -> values.put(name, record.value(from)));
      records.add(new DataRecord(record.file(), record.origin(), values));
    }
    return new DataSet(data.name(), fields, records);
  }
}
