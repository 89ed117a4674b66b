package dev.inlay.extract;

import dev.inlay.geom.Box;
import dev.inlay.geom.Length;
import dev.inlay.page.Page;
import dev.inlay.table.RulingUse;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a person says of the tables in a document, where finding them fails. All of it is optional.
 *
 * @param frame left, top, right and bottom of the one table on each page
 * @param below a text of the line above the table
 * @param above a text of the line below the table
 * @param gutters where columns part, from left to right
 * @param rulings what rulings mean
 */
public record HandTools(
    Optional<List<Length>> frame,
    Optional<String> below,
    Optional<String> above,
    List<Length> gutters,
    RulingUse rulings) {

  /** Nothing is said. */
  public static final HandTools NONE =
      new HandTools(
          Optional.empty(), Optional.empty(), Optional.empty(), List.of(), RulingUse.WEIGH);

  private static final int EDGES = 4;

  /** Keeps copies that cannot change. */
  public HandTools {
    frame = frame.map(List::copyOf);
    gutters = List.copyOf(gutters);
  }

  /**
   * Reads a frame: left, top, right and bottom with commas between them.
   *
   * @throws IllegalArgumentException with a message for the person who wrote it
   */
  public static List<Length> parseFrame(String text) {
    List<Length> edges = parseLengths(text);
    if (edges.size() != EDGES) {
      throw new IllegalArgumentException(
          "a frame has 4 edges (left, top, right, bottom), not " + edges.size());
    }
    checkOrder(edges.get(0), edges.get(2), "left", "right");
    checkOrder(edges.get(1), edges.get(3), "top", "bottom");
    return edges;
  }

  private static void checkOrder(Length low, Length high, String lowName, String highName) {
    if (low.unit() == high.unit() && low.value() >= high.value()) {
      throw new IllegalArgumentException(
          "its "
              + lowName
              + " edge ("
              + low
              + ") must come before its "
              + highName
              + " edge ("
              + high
              + ")");
    }
  }

  /**
   * Reads lengths with commas between them.
   *
   * @throws IllegalArgumentException with a message for the person who wrote it
   */
  public static List<Length> parseLengths(String text) {
    List<Length> lengths = new ArrayList<>();
    for (String part : text.split(",", -1)) {
      lengths.add(Length.parse(part));
    }
    return lengths;
  }

  /** The frame on a page, in points. */
  Optional<Box> frameOn(Page page) {
    return frame.map(
        edges ->
            Box.ofCorners(
                edges.get(0).points(page.width()),
                edges.get(1).points(page.height()),
                edges.get(2).points(page.width()),
                edges.get(3).points(page.height())));
  }

  /** The gutters on a page, in points. */
  List<Double> guttersOn(Page page) {
    return gutters.stream().map(g -> g.points(page.width())).sorted().toList();
  }
}
