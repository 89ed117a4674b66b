package dev.inlay.extract;

import dev.inlay.choose.RulingUse;
import dev.inlay.geom.Box;
import dev.inlay.geom.Length;
import dev.inlay.page.Page;
import java.util.List;
import java.util.Optional;

/**
 * What a person says of the tables in a document, where finding them fails. All of it is optional.
 *
 * @param area left, top, right and bottom of the part of each page in which tables are looked for
 * @param frame left, top, right and bottom of the one table on each page
 * @param below a text of the line above the table
 * @param above a text of the line below the table
 * @param gutters where columns part, from left to right
 * @param rulings what rulings mean
 * @param later what holds on the pages behind the first one with a table, where that differs
 */
public record TableHints(
    Optional<List<Length>> area,
    Optional<List<Length>> frame,
    Optional<String> below,
    Optional<String> above,
    List<Length> gutters,
    RulingUse rulings,
    Optional<TableHints> later) {

  /** Nothing is said. */
  public static final TableHints NONE =
      new TableHints(
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          List.of(),
          RulingUse.WEIGH);

  /** The same on all pages. */
  public TableHints(
      Optional<List<Length>> area,
      Optional<List<Length>> frame,
      Optional<String> below,
      Optional<String> above,
      List<Length> gutters,
      RulingUse rulings) {
    this(area, frame, below, above, gutters, rulings, Optional.empty());
  }

  /** Keeps copies that cannot change. */
  public TableHints {
    area = area.map(List::copyOf);
    frame = frame.map(List::copyOf);
    gutters = List.copyOf(gutters);
  }

  /** The part of a page in which tables are looked for, in points; empty where it is all of it. */
  Optional<Box> areaOn(Page page) {
    return area.map(edges -> box(edges, page));
  }

  /** The frame on a page, in points. */
  Optional<Box> frameOn(Page page) {
    return frame.map(edges -> box(edges, page));
  }

  private static Box box(List<Length> edges, Page page) {
    return Box.ofCorners(
        edges.get(0).points(page.width()),
        edges.get(1).points(page.height()),
        edges.get(2).points(page.width()),
        edges.get(3).points(page.height()));
  }

  /** The gutters on a page, in points. */
  List<Double> guttersOn(Page page) {
    return gutters.stream().map(g -> g.points(page.width())).sorted().toList();
  }
}
