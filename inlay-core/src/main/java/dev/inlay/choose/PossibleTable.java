package dev.inlay.choose;

import dev.inlay.geom.Box;
import dev.inlay.model.Warning;
import java.util.List;
import java.util.Locale;

/**
 * Lines in a row that were read as running text and may be a table.
 *
 * @param place the box around them, in points
 * @param lines how many they are
 * @param begins the text of the first
 */
public record PossibleTable(Box place, int lines, String begins) {

  /**
   * What to report of them.
   *
   * @param what they may be
   */
  public String message(String what) {
    boolean one = lines == 1;
    return String.format(
        Locale.ROOT,
        "%s from \"%s\" on may be %s and %s read as text",
        one ? "the line" : lines + " lines",
        Warning.shortened(begins),
        what,
        one ? "was" : "were");
  }

  /** Whether the middle of the lines lies in none of some boxes. */
  boolean isBeside(List<Box> boxes) {
    return PageParts.isOutside(place, boxes);
  }
}
