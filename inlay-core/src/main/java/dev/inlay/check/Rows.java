package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.rows.Value;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What checks ask of rows: their keys, groups, numbers and sums. */
final class Rows {

  private Rows() {}

  /** The contents of some fields; equal numbers are equal however many digits they have. */
  static List<Object> key(DataRecord record, List<String> fields) {
    List<Object> key = new ArrayList<>();
    for (String field : fields) {
      Object content = record.value(field).content();
      key.add(content instanceof BigDecimal n ? n.stripTrailingZeros() : content);
    }
    return key;
  }

  /** Rows with the same key, in their order; all rows as one group where no fields are named. */
  static List<List<DataRecord>> groups(List<DataRecord> rows, List<String> by) {
    Map<List<Object>, List<DataRecord>> groups = new LinkedHashMap<>();
    rows.forEach(r -> groups.computeIfAbsent(key(r, by), k -> new ArrayList<>()).add(r));
    return List.copyOf(groups.values());
  }

  /** The exact sum of a field; where there is no number nothing is added. */
  static BigDecimal sum(List<DataRecord> rows, String field) {
    BigDecimal sum = BigDecimal.ZERO;
    for (DataRecord row : rows) {
      sum = sum.add(row.number(field).orElse(BigDecimal.ZERO));
    }
    return sum;
  }

  /** The contents of a record as expressions take them. */
  static Map<String, Object> contents(DataRecord record) {
    Map<String, Object> contents = new HashMap<>();
    record.values().forEach((field, value) -> contents.put(field, value.reckonable()));
    return contents;
  }

  /** The content of a value as a text; empty where there is none. */
  static String text(Value value) {
    return value.content() == null ? "" : shown(value.content());
  }

  /** A content as messages show it: numbers in full. */
  static String shown(Object content) {
    if (content instanceof BigDecimal number) {
      return number.toPlainString();
    }
    return content == null ? "empty" : content.toString();
  }

  /** The texts of a field, in rows that are accepted or held. */
  static Set<String> texts(DataSetPart part, String field) {
    Set<String> texts = new HashSet<>();
    part.records().forEach(r -> texts.add(text(r.value(field))));
    part.held().forEach(h -> texts.add(text(h.record().value(field))));
    return texts;
  }

  /** How many rows there are, in words. */
  static String count(List<DataRecord> rows) {
    return rows.size() + (rows.size() == 1 ? " row" : " rows");
  }

  /** How two values of one field stand to each other, as {@link Comparable#compareTo} says. */
  @SuppressWarnings("unchecked")
  static int compare(Object a, Object b) {
    // all values of a field are of its type, so that they compare
    return ((Comparable<Object>) a).compareTo(b);
  }

  /** A key as messages show it. */
  static String shownKey(List<Object> key) {
    return key.stream().map(Rows::shown).collect(Collectors.joining(", "));
  }

  /** Says that a key is there already. */
  static Flaw twice(List<String> fields, List<Object> key, DataRecord first) {
    String texts = shownKey(key);
    String place = first.file() + ", page " + first.origin().page();
    return new Flaw(
        "'" + texts + "' is there already: " + place,
        Evidence.seen(String.join(", ", fields), texts));
  }
}
