package dev.inlay.draft;

import dev.inlay.geom.Box;
import dev.inlay.model.Table;
import dev.inlay.rows.PageLine;
import java.util.List;

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
