package dev.inlay.compare;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Gathers the rows of a table, of which a first row holds the headings, or each its own. */
final class TableGathering {

  private final List<String> fields = new ArrayList<>();
  private final Map<String, Integer> places = new LinkedHashMap<>();
  private final List<List<String>> rows = new ArrayList<>();

  /** Sets the headings; empty ones at the end are dropped, other empty ones numbered. */
  void head(List<String> headings) {
    int count = headings.size();
    while (count > 0 && headings.get(count - 1).isBlank()) {
      count--;
    }
    for (int i = 0; i < count; i++) {
      String heading = headings.get(i).strip();
      place(heading.isEmpty() ? "column " + (i + 1) : heading);
    }
  }

  boolean hasHead() {
    return !fields.isEmpty();
  }

  private int place(String field) {
    String name = field;
    for (int n = 2; places.containsKey(name) && rows.isEmpty(); n++) {
      name = field + " (" + n + ")";
    }
    Integer at = places.get(name);
    if (at == null) {
      at = fields.size();
      places.put(name, at);
      fields.add(name);
    }
    return at;
  }

  /** Adds a row by the order of the headings; one without any text is none. */
  void add(List<String> values) {
    if (values.stream().anyMatch(v -> !v.isBlank())) {
      rows.add(new ArrayList<>(values.subList(0, Math.min(values.size(), fields.size()))));
    }
  }

  /** Adds a row by the names of its fields. */
  void add(Map<String, String> values) {
    List<String> row = new ArrayList<>();
    rows.add(row);
    values.forEach(
        (field, value) -> {
          int at = place(field);
          while (row.size() <= at) {
            row.add("");
          }
          row.set(at, value);
        });
  }

  ResultTable table(String name) {
    for (List<String> row : rows) {
      while (row.size() < fields.size()) {
        row.add("");
      }
    }
    return new ResultTable(name, fields, rows);
  }
}
