package dev.inlay.model;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A column of a table.
 *
 * @param path the headings over it from top to bottom; empty where there are none
 * @param name a name that no other column of the table has, e.g. {@code Landed weight (kg) / Boxed}
 */
public record Column(List<String> path, String name) {

  /** Keeps a copy of the path that cannot change. */
  public Column {
    path = List.copyOf(path);
  }

  /**
   * The columns of a table, named by their paths. A column without heading is called by its place,
   * {@code Column 3}; of columns with equal headings the later ones get a number, {@code Boxed
   * (2)}.
   *
   * @param paths the headings over each column
   */
  public static List<Column> named(List<List<String>> paths) {
    List<Column> columns = new ArrayList<>();
    Set<String> taken = new HashSet<>();
    for (List<String> path : paths) {
      String plain = path.isEmpty() ? "Column " + (columns.size() + 1) : String.join(" / ", path);
      String name = plain;
      for (int n = 2; !taken.add(name); n++) {
        name = plain + " (" + n + ")";
      }
      columns.add(new Column(path, name));
    }
    return columns;
  }
}
