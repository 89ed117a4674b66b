package dev.inlay.model;

import java.util.ArrayList;
import java.util.List;

/** Where in a text its printed lines begin, in characters; the first line is not listed. */
public final class LineStarts {

  private LineStarts() {}

  /**
   * Those of a text that goes on, behind a space, with another on a new line.
   *
   * @param length of the first text, in characters
   * @param first the line starts of the first text
   * @param second the line starts of the second
   */
  public static List<Integer> joined(int length, List<Integer> first, List<Integer> second) {
    int from = length + 1;
    List<Integer> starts = new ArrayList<>(first);
    starts.add(from);
    second.forEach(s -> starts.add(from + s));
    return starts;
  }
}
