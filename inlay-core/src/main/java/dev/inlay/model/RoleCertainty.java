package dev.inlay.model;

/**
 * How probable the roles of the lines of a frame are.
 *
 * @param header the least probable role among the lines of the header and the first line below it,
 *     0 to 1
 * @param rows the least probable role among the other lines, 0 to 1
 */
public record RoleCertainty(double header, double rows) {

  /** Nothing is known of roles. */
  public static final RoleCertainty UNKNOWN = new RoleCertainty(1, 1);
}
