package dev.inlay.geom;

import java.util.List;

/** Boundaries in order, which part a line into stretches. */
public final class Edges {

  private Edges() {}

  /**
   * The number of the stretch in which a place lies.
   *
   * @param edges one more than stretches, at least two, in points
   * @param place in points; one outside belongs to the first or the last stretch
   * @return from 0
   */
  public static int indexOf(List<Double> edges, double place) {
    int index = 0;
    while (index < edges.size() - 2 && place > edges.get(index + 1)) {
      index++;
    }
    return index;
  }
}
