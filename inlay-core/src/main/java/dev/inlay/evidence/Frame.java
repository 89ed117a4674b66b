package dev.inlay.evidence;

import dev.inlay.geom.Box;
import java.util.List;

/**
 * The box on one page that a table fills, with the rulings inside it and along its edges.
 *
 * @param page the page's number, from 1
 * @param box in points
 * @param horizontals from top to bottom
 * @param verticals from left to right
 */
public record Frame(int page, Box box, List<Ruling> horizontals, List<Ruling> verticals) {

  /** Keeps copies that cannot change. */
  public Frame {
    horizontals = List.copyOf(horizontals);
    verticals = List.copyOf(verticals);
  }
}
