package dev.inlay.rows;

import dev.inlay.model.RowKind;
import dev.inlay.spec.FieldSpec;
import dev.inlay.spec.ValueFormat;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Finds columns whose heading was reworded beyond recognition: where most columns are found by
 * their headings, those between the same two neighbours as the fields that are missing, as many as
 * these and with values of their types, are taken for them. A person must confirm it.
 */
final class ColumnPlaces {

  /** This many of the columns wanted are found by their headings. */
  private static final double LEAST_FOUND = 0.6;

  /** No column is known. */
  private static final int UNKNOWN = -2;

  private final List<FieldSpec> wanted;
  private final TableView table;
  private final ColumnMatch match;

  private ColumnPlaces(List<FieldSpec> wanted, TableView table, ColumnMatch match) {
    this.wanted = wanted;
    this.table = table;
    this.match = match;
  }

  /** The match with the columns that only their place tells; the match itself where none are. */
  static ColumnMatch fill(ColumnMatch match, List<FieldSpec> fields, TableView table) {
    List<FieldSpec> missing = match.missing(fields);
    List<FieldSpec> wanted = fields.stream().filter(FieldSpec::isColumn).toList();
    if (missing.isEmpty() || wanted.size() - missing.size() < LEAST_FOUND * wanted.size()) {
      return match;
    }
    ColumnPlaces places = new ColumnPlaces(wanted, table, match);
    Map<String, Integer> columns = new HashMap<>(match.columns());
    Map<String, Double> likeness = new HashMap<>(match.likeness());
    for (FieldSpec field : missing) {
      Optional<Integer> column = places.columnOf(field);
      if (column.isEmpty()) {
        return match;
      }
      columns.put(field.name(), column.get());
      likeness.put(field.name(), ColumnMatch.BY_PLACE);
    }
    return new ColumnMatch(columns, likeness);
  }

  /**
   * The column between the nearest neighbours that were found, where as many columns are free there
   * as fields are missing: in their order.
   */
  private Optional<Integer> columnOf(FieldSpec field) {
    int at = wanted.indexOf(field);
    int first = at;
    while (first > 0 && place(wanted.get(first - 1)) == UNKNOWN) {
      first--;
    }
    int last = at;
    while (last + 1 < wanted.size() && place(wanted.get(last + 1)) == UNKNOWN) {
      last++;
    }
    int before = first == 0 ? -1 : place(wanted.get(first - 1));
    int after = last + 1 == wanted.size() ? table.paths().size() : place(wanted.get(last + 1));
    List<Integer> free = new ArrayList<>();
    for (int c = before + 1; c < after; c++) {
      if (!match.columns().containsValue(c)) {
        free.add(c);
      }
    }
    if (free.size() != last - first + 1) {
      return Optional.empty();
    }
    int column = free.get(at - first);
    return holds(column, field.form()) ? Optional.of(column) : Optional.empty();
  }

  private int place(FieldSpec field) {
    return match.columns().getOrDefault(field.name(), UNKNOWN);
  }

  private boolean holds(int column, ValueFormat form) {
    List<String> texts =
        table.rows().stream()
            .filter(r -> r.kind() == RowKind.BODY)
            .map(r -> r.cells().get(column).text())
            .filter(t -> !form.meansNothing(t))
            .toList();
    return TypeTrial.readsAll(texts, form);
  }
}
