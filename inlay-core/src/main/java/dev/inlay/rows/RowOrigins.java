package dev.inlay.rows;

import dev.inlay.model.Table;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Where the rows of a file come from, as texts for fields. */
final class RowOrigins {

  private final String file;
  private final Map<String, String> titles = new HashMap<>();
  private int page;
  private int rowsOnPage;

  /**
   * Begins a file.
   *
   * @param file its name
   * @param tables found in it
   */
  RowOrigins(String file, List<Table> tables) {
    this.file = file;
    tables.forEach(t -> titles.put(t.id(), t.title().orElse("")));
  }

  /** Goes on to the next row that becomes a record. */
  void next(SourceRow row) {
    rowsOnPage = row.page() == page ? rowsOnPage + 1 : 1;
    page = row.page();
  }

  /**
   * What a row comes from.
   *
   * @param what the file's name, the page's number, the title of the table (empty where it has
   *     none), or the number of the row among those of its page, from 1
   */
  String of(String what, SourceRow row) {
    return switch (what) {
      case "file" -> file;
      case "page" -> String.valueOf(row.page());
      case "title" -> titles.getOrDefault(row.table(), "");
      case "row" -> String.valueOf(rowsOnPage);
      default -> throw new IllegalArgumentException("no origin of a row: " + what);
    };
  }
}
