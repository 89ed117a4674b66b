package dev.inlay.rows;

import dev.inlay.model.RowKind;
import dev.inlay.spec.Shape;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;

/** Makes rows of headings: each cell below a heading that a pattern meets becomes a row. */
final class Unpivoting {

  private Unpivoting() {}

  /** Whether a heading of a table fits. */
  static boolean fits(TableView table, Shape.Unpivot unpivot) {
    return IntStream.range(0, table.paths().size())
        .anyMatch(c -> unpivot.take(table.heading(c)).isPresent());
  }

  /** The longer table; the table itself where no heading fits. */
  static TableView unpivot(TableView table, Shape.Unpivot unpivot) {
    Map<Integer, Map<String, String>> matched = new TreeMap<>();
    for (int c = 0; c < table.paths().size(); c++) {
      Optional<Map<String, String>> groups = unpivot.take(table.heading(c));
      if (groups.isPresent()) {
        matched.put(c, groups.get());
      }
    }
    if (matched.isEmpty()) {
      return table;
    }
    List<SourceRow> rows = new ArrayList<>();
    for (SourceRow row : table.rows()) {
      if (row.kind() == RowKind.GROUP || row.kind() == RowKind.NOTE) {
        rows.add(row.with(others(row.cells(), matched), Map.of()));
      } else {
        matched.forEach((c, groups) -> add(table, row, c, groups, unpivot, matched, rows));
      }
    }
    return new TableView(table.id(), others(table.paths(), matched), rows);
  }

  private static void add(
      TableView table,
      SourceRow row,
      int column,
      Map<String, String> groups,
      Shape.Unpivot unpivot,
      Map<Integer, Map<String, String>> matched,
      List<SourceRow> to) {
    PrintedText cell = row.cells().get(column);
    if (cell.isEmpty() && !unpivot.keepEmpty()) {
      return;
    }
    Map<String, PrintedText> carried = new LinkedHashMap<>();
    groups.forEach((name, text) -> carried.put(name, new PrintedText(text, Optional.empty())));
    if (!unpivot.headingTo().isEmpty()) {
      carried.put(unpivot.headingTo(), new PrintedText(table.heading(column), Optional.empty()));
    }
    carried.put(unpivot.value(), cell);
    to.add(row.with(others(row.cells(), matched), carried).around(List.of(cell)));
  }

  private static <T> List<T> others(List<T> all, Map<Integer, ?> matched) {
    List<T> others = new ArrayList<>();
    for (int c = 0; c < all.size(); c++) {
      if (!matched.containsKey(c)) {
        others.add(all.get(c));
      }
    }
    return others;
  }
}
