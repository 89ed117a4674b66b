package dev.inlay.rows;

import java.util.List;

/**
 * What one rule of a spec took from a file, and what it nearly took.
 *
 * @param rule what it is, as {@code column price}
 * @param taken how much it took
 * @param example the first that it took, with its place; empty where it took nothing
 * @param nearly the closest misses with their places
 */
public record RuleUse(String rule, int taken, String example, List<String> nearly) {

  /** Keeps a copy that cannot change. */
  public RuleUse {
    nearly = List.copyOf(nearly);
  }
}
