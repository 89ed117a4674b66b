package dev.inlay.spec;

import dev.inlay.geom.Length;
import dev.inlay.page.PageSelection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Which tables of a report are meant.
 *
 * @param titles wordings of the title, or of a part of it; empty for any
 * @param headings that the table must have, in any order; empty for any
 * @param similar how alike titles and headings must be, from 0 to 1
 * @param order only the n-th that fits, from 1; -1 is the last
 * @param orderOnPage whether it is counted on each page anew
 * @param pages on which it starts
 * @param below a text of the line above the table
 * @param above a text of the line below it
 * @param first the area, frame and gutters on its first page
 * @param later the same on later pages, where they differ
 * @param rulings what rulings mean: {@code weigh}, {@code use} or {@code ignore}
 */
public record TableSpec(
    List<String> titles,
    List<String> headings,
    double similar,
    OptionalInt order,
    boolean orderOnPage,
    PageSelection pages,
    Optional<String> below,
    Optional<String> above,
    Place first,
    Optional<Place> later,
    String rulings) {

  /**
   * Where a table stands on a page.
   *
   * @param area left, top, right and bottom of the part of the page in which it is looked for
   * @param frame its left, top, right and bottom edge
   * @param gutters where columns part; empty where they are to be found anew on each page
   */
  public record Place(
      Optional<List<Length>> area, Optional<List<Length>> frame, List<Length> gutters) {

    /** Nothing is said. */
    static final Place FOUND = new Place(Optional.empty(), Optional.empty(), List.of());
  }

  /** All tables. */
  static final TableSpec ALL =
      new TableSpec(
          List.of(),
          List.of(),
          FieldSpec.USUAL_SIMILARITY,
          OptionalInt.empty(),
          false,
          PageSelection.ALL,
          Optional.empty(),
          Optional.empty(),
          Place.FOUND,
          Optional.empty(),
          "weigh");

  /** Keeps copies that cannot change. */
  public TableSpec {
    titles = List.copyOf(titles);
    headings = List.copyOf(headings);
  }
}
