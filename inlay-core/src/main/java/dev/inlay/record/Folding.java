package dev.inlay.record;

import dev.inlay.spec.Shape;
import dev.inlay.table.RowKind;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes one list of side-by-side repeats of the same columns. */
final class Folding {

  private Folding() {}

  /**
   * The columns of each block, if a table has equal blocks.
   *
   * @param every how many columns make a block; 0 where equal headings tell
   * @return the number of columns of a block; all columns where there are no repeats
   */
  static int blockWidth(TableView table, int every) {
    int columns = table.paths().size();
    if (every > 0) {
      return columns % every == 0 ? every : columns;
    }
    for (int width = 1; width <= columns / 2; width++) {
      if (columns % width == 0 && repeats(table, width)) {
        return width;
      }
    }
    return columns;
  }

  private static boolean repeats(TableView table, int width) {
    for (int c = width; c < table.paths().size(); c++) {
      String here = last(table.paths().get(c));
      if (here.isEmpty() || !here.equals(last(table.paths().get(c - width)))) {
        return false;
      }
    }
    return true;
  }

  private static String last(List<String> path) {
    return path.isEmpty() ? "" : path.get(path.size() - 1);
  }

  /** The list that a table gives. */
  static TableView fold(TableView table, Shape.Fold fold) {
    int width = blockWidth(table, fold.every());
    int blocks = table.paths().size() / width;
    if (blocks < 2) {
      return table;
    }
    List<SourceRow> list = new ArrayList<>();
    for (List<SourceRow> page : byPage(table.rows())) {
      if (fold.across()) {
        for (SourceRow row : page) {
          for (int b = 0; b < blocks; b++) {
            take(table, row, b, width, fold, list);
          }
        }
      } else {
        for (int b = 0; b < blocks; b++) {
          for (SourceRow row : page) {
            take(table, row, b, width, fold, list);
          }
        }
      }
    }
    List<List<String>> paths =
        table.paths().subList(0, width).stream()
            .map(p -> p.isEmpty() ? p : List.of(last(p)))
            .toList();
    return new TableView(table.id(), paths, list);
  }

  /** A list in columns goes on with the next page when all columns of this one are full. */
  private static List<List<SourceRow>> byPage(List<SourceRow> rows) {
    List<List<SourceRow>> pages = new ArrayList<>();
    int page = -1;
    for (SourceRow row : rows) {
      if (row.page() != page) {
        page = row.page();
        pages.add(new ArrayList<>());
      }
      pages.get(pages.size() - 1).add(row);
    }
    return pages;
  }

  private static void take(
      TableView table, SourceRow row, int block, int width, Shape.Fold fold, List<SourceRow> to) {
    List<Raw> cells = row.cells().subList(block * width, (block + 1) * width);
    if (cells.stream().allMatch(Raw::isEmpty)) {
      return; // the last block is shorter, or the row belongs to another block
    }
    Map<String, Raw> carried = new LinkedHashMap<>();
    if (!fold.headingTo().isEmpty()) {
      List<String> path = table.paths().get(block * width);
      carried.put(fold.headingTo(), new Raw(path.size() > 1 ? path.get(0) : "", Optional.empty()));
    }
    long texts = cells.stream().filter(c -> !c.isEmpty()).count();
    boolean heading = row.kind() == RowKind.GROUP && texts == 1;
    RowKind kind = row.kind() == RowKind.GROUP && !heading ? RowKind.BODY : row.kind();
    to.add(row.with(cells, carried).as(kind));
  }
}
