package dev.inlay;

import dev.inlay.choose.PageTables;
import dev.inlay.document.Stitcher;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import java.util.List;

/** Reads the tables of pages made by hand, and their texts. */
public final class ReadTables {

  private ReadTables() {}

  /** The tables of some pages in order. */
  public static List<Table> tables(PageBuilder... pages) {
    Stitcher stitcher = new Stitcher();
    for (PageBuilder page : pages) {
      stitcher.add(PageTables.of(page.build()));
    }
    return stitcher.finish();
  }

  /** The texts of the cells, row by row. */
  public static List<List<String>> texts(Table table) {
    return table.rows().stream()
        .map(r -> r.cells().stream().map(TableCell::text).toList())
        .toList();
  }
}
