package dev.inlay.rows;

import dev.inlay.model.RowKind;
import dev.inlay.spec.Shape;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes one list of side-by-side repeats of the same columns. */
final class Folding {

  private final TableView table;
  private final Shape.Fold fold;
  private final int width;

  private Folding(TableView table, Shape.Fold fold, int width) {
    this.table = table;
    this.fold = fold;
    this.width = width;
  }

  /** How many columns make a block, if a table has equal blocks; all columns where it has none. */
  static int blockWidth(TableView table, Shape.Fold fold) {
    int columns = table.paths().size() - fold.shared();
    if (fold.every() > 0) {
      return columns % fold.every() == 0 ? fold.every() : columns;
    }
    for (int width = 1; width <= columns / 2; width++) {
      if (columns % width == 0 && repeats(table, fold.shared(), width)) {
        return width;
      }
    }
    return columns;
  }

  private static boolean repeats(TableView table, int shared, int width) {
    for (int c = shared + width; c < table.paths().size(); c++) {
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
    int width = blockWidth(table, fold);
    if (width < 1 || table.paths().size() - fold.shared() < 2 * width) {
      return table;
    }
    return new Folding(table, fold, width).folded();
  }

  private TableView folded() {
    int blocks = (table.paths().size() - fold.shared()) / width;
    List<SourceRow> list = new ArrayList<>();
    for (List<SourceRow> page : byPage(table.rows())) {
      if (fold.across()) {
        for (SourceRow row : page) {
          for (int b = 0; b < blocks; b++) {
            take(row, b, list);
          }
        }
      } else {
        for (int b = 0; b < blocks; b++) {
          for (SourceRow row : page) {
            take(row, b, list);
          }
        }
      }
    }
    List<List<String>> paths = new ArrayList<>(table.paths().subList(0, fold.shared()));
    for (int c = fold.shared(); c < fold.shared() + width; c++) {
      paths.add(commonEnd(table.paths().get(c), table.paths().get(c + width)));
    }
    return new TableView(table.id(), paths, list);
  }

  /** The headings that a column has in all blocks. */
  private static List<String> commonEnd(List<String> path, List<String> next) {
    int common = 0;
    while (common < Math.min(path.size(), next.size())
        && path.get(path.size() - 1 - common).equals(next.get(next.size() - 1 - common))) {
      common++;
    }
    return path.subList(path.size() - common, path.size());
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

  private void take(SourceRow row, int block, List<SourceRow> to) {
    int from = fold.shared() + block * width;
    List<PrintedText> own = row.cells().subList(from, from + width);
    if (own.stream().allMatch(PrintedText::isEmpty)) {
      return; // the last block is shorter, or the row belongs to another block
    }
    Map<String, PrintedText> carried = new LinkedHashMap<>();
    if (!fold.headingTo().isEmpty()) {
      List<String> path = table.paths().get(from);
      carried.put(
          fold.headingTo(), new PrintedText(path.size() > 1 ? path.get(0) : "", Optional.empty()));
    }
    long texts = own.stream().filter(c -> !c.isEmpty()).count();
    boolean heading = row.kind() == RowKind.GROUP && texts == 1;
    RowKind kind = row.kind() == RowKind.GROUP && !heading ? RowKind.BODY : row.kind();
    List<PrintedText> cells = new ArrayList<>(row.cells().subList(0, fold.shared()));
    cells.addAll(own);
    to.add(row.with(cells, carried).as(kind).around(own));
  }
}
