package dev.inlay.rows;

import dev.inlay.spec.FieldSpec;
import dev.inlay.spec.Wording;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Which column of a table each field comes from.
 *
 * @param columns the column of each field, from 0, by the field's name
 * @param likeness how alike heading and wording are, from 0 to 1, by the field's name
 */
record ColumnMatch(Map<String, Integer> columns, Map<String, Double> likeness) {

  /** The likeness of a heading that says nothing: the column was taken for its place. */
  static final double BY_PLACE = 0;

  /** A wording and a column that may belong together. */
  private record Pair(FieldSpec field, int column, double likeness) {}

  /** The best match: the most alike first, each column for one field. */
  static ColumnMatch of(List<FieldSpec> fields, TableView table) {
    List<Pair> pairs = new ArrayList<>();
    Map<String, Integer> columns = new HashMap<>();
    Map<String, Double> likeness = new HashMap<>();
    Set<Integer> taken = new HashSet<>();
    for (FieldSpec field : fields) {
      if (field.position().isPresent() && field.headings().isEmpty()) {
        int at = field.position().getAsInt() - 1;
        if (at < table.paths().size()) {
          columns.put(field.name(), at);
          likeness.put(field.name(), 1.0);
          taken.add(at);
        }
      }
      for (int c = 0; c < table.paths().size(); c++) {
        double alike = likeness(field, table.paths().get(c));
        if (alike >= field.similar()) {
          pairs.add(new Pair(field, c, alike));
        }
      }
    }
    pairs.sort(Comparator.comparingDouble(Pair::likeness).reversed());
    for (Pair pair : pairs) {
      if (!columns.containsKey(pair.field().name()) && taken.add(pair.column())) {
        columns.put(pair.field().name(), pair.column());
        likeness.put(pair.field().name(), pair.likeness());
      }
    }
    // two fields may name the same heading
    for (Pair pair : pairs) {
      if (pair.likeness() == 1 && columns.putIfAbsent(pair.field().name(), pair.column()) == null) {
        likeness.put(pair.field().name(), pair.likeness());
      }
    }
    return new ColumnMatch(columns, likeness);
  }

  /** How alike a heading, its path, or an end of its path is to a wording of the field. */
  static double likeness(FieldSpec field, List<String> path) {
    double best = 0;
    for (String wording : field.headings()) {
      for (int from = 0; from < path.size(); from++) {
        String heading = String.join(" / ", path.subList(from, path.size()));
        best = Math.max(best, Wording.similarity(wording, heading));
      }
    }
    return best;
  }

  /** The fields that no column was found for, though one must give them. */
  List<FieldSpec> missing(List<FieldSpec> fields) {
    return fields.stream()
        .filter(f -> f.isColumn() && !f.optional() && !columns.containsKey(f.name()))
        .toList();
  }
}
