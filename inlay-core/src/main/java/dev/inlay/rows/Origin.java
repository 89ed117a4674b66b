package dev.inlay.rows;

import dev.inlay.geom.Box;

/**
 * Where a value stands in its file.
 *
 * @param page the page's number, from 1
 * @param box its place on the page, in points
 * @param table the id of its table; empty where it stands in none
 */
public record Origin(int page, Box box, String table) {

  /** A file as a whole, of which no place can be named. */
  public static final Origin FIRST_PAGE = new Origin(1, new Box(0, 0, 0, 0), "");

  /** Whether both stand on one line of a page. */
  public boolean isOnLineOf(Origin other) {
    return page == other.page && box.vertical().overlap(other.box.vertical()) > 0;
  }
}
