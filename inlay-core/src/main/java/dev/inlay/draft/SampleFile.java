package dev.inlay.draft;

import dev.inlay.geom.Box;
import dev.inlay.model.Table;
import dev.inlay.rows.PageLine;
import java.util.List;
import java.util.function.Predicate;

/**
 * A file that a draft is made from.
 *
 * @param name without its folder
 * @param tables found in it
 * @param lines of its pages, in reading order
 * @param furniture the places of page numbers and the like on its last page, in points
 */
public record SampleFile(
    String name, List<Table> tables, List<PageLine> lines, List<Box> furniture) {

  /** Keeps copies that cannot change. */
  public SampleFile {
    tables = List.copyOf(tables);
    lines = List.copyOf(lines);
    furniture = List.copyOf(furniture);
  }

  /** The number of the first page that has lines; 0 where none has. */
  int firstPage() {
    return lines.isEmpty() ? 0 : lines.get(0).page();
  }

  /**
   * Where the tables of the first page begin, in points; beyond any page where it has none.
   *
   * @param passedBy tables that do not count
   */
  double firstTop(Predicate<Table> passedBy) {
    return tables.stream()
        .filter(passedBy.negate())
        .flatMap(t -> t.frames().stream())
        .filter(f -> f.page() == firstPage())
        .mapToDouble(f -> f.box().top())
        .min()
        .orElse(Double.MAX_VALUE);
  }

  /** The lines below the last table on the last page, without furniture. */
  List<PageLine> closing() {
    int page = lines.isEmpty() ? 0 : lines.get(lines.size() - 1).page();
    double bottom =
        tables.stream()
            .flatMap(t -> t.frames().stream())
            .filter(f -> f.page() == page)
            .mapToDouble(f -> f.box().bottom())
            .max()
            .orElse(0);
    return lines.stream()
        .filter(l -> l.page() == page && l.box().top() >= bottom)
        .filter(l -> furniture.stream().noneMatch(f -> f.meets(l.box())))
        .toList();
  }
}
