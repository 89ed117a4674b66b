package dev.inlay.table;

import dev.inlay.PageBuilder;
import java.util.List;

/** Reads the tables of pages made by hand, and their texts. */
final class ReadTables {

  private ReadTables() {}

  static List<Table> tables(PageBuilder... pages) {
    Stitcher stitcher = new Stitcher();
    for (PageBuilder page : pages) {
      stitcher.add(PageTables.of(page.build()));
    }
    return stitcher.finish();
  }

  static List<List<String>> texts(Table table) {
    return table.rows().stream()
        .map(r -> r.cells().stream().map(TableCell::text).toList())
        .toList();
  }
}
