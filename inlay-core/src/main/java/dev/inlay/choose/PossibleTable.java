package dev.inlay.choose;

import dev.inlay.geom.Box;
import java.util.List;

/**
 * Lines in a row that were read as running text and may be a table.
 *
 * @param place the box around them, in points
 * @param lines how many they are
 * @param begins the text of the first
 */
public record PossibleTable(Box place, int lines, String begins) {

  /** Whether the middle of the lines lies in none of some boxes. */
  boolean isBeside(List<Box> boxes) {
    return PageParts.isOutside(place, boxes);
  }
}
