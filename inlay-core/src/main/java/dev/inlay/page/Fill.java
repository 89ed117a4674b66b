package dev.inlay.page;

import dev.inlay.geom.Box;

/**
 * A box painted in one colour.
 *
 * @param box where, in points
 * @param colour as 0xRRGGBB, near enough to tell one shade from another
 */
public record Fill(Box box, int colour) {

  /** The colour of paper. */
  public static final int WHITE = 0xFFFFFF;
}
