package dev.inlay.table;

import java.util.List;

/**
 * A column of a table.
 *
 * @param path the headings over it from top to bottom; empty where there are none
 */
public record Column(List<String> path) {

  /** Keeps a copy of the path that cannot change. */
  public Column {
    path = List.copyOf(path);
  }

  /** The headings in one line, e.g. {@code Landed weight (kg) / Boxed}. */
  public String name() {
    return String.join(" / ", path);
  }
}
