package dev.inlay.compare;

import java.util.List;

/**
 * The rows of one data set, as read from a file.
 *
 * @param name of the sheet, table or file
 * @param fields the headings
 * @param rows as many texts each as there are fields: numbers with a point, days as 2025-03-31,
 *     where the file has them typed; nothing as an empty text
 */
public record ResultTable(String name, List<String> fields, List<List<String>> rows) {

  /** Keeps copies that cannot change. */
  public ResultTable {
    fields = List.copyOf(fields);
    rows = rows.stream().map(List::copyOf).toList();
  }

  /** A field's values, from top to bottom. */
  List<String> values(int field) {
    return rows.stream().map(r -> r.get(field)).toList();
  }
}
