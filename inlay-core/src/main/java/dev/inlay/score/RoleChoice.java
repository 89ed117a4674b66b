package dev.inlay.score;

/**
 * Which roles the lines of a zone are read to have, among those that are possible.
 *
 * @param rank 0 for the most probable roles together, 1 for the next ...
 * @param customs whether customs of print overrule the trained weights
 */
public record RoleChoice(int rank, boolean customs) {

  /** The roles that are chosen. */
  public static final RoleChoice BEST = new RoleChoice(0, true);
}
