package dev.inlay;

import java.util.stream.LongStream;

/**
 * Seeds for properties that are tested on pages and values made at random, the same in each run.
 */
public final class Seeds {

  private Seeds() {}

  /** Seeds for quick properties. */
  public static LongStream many() {
    return LongStream.rangeClosed(1, 200);
  }

  /** Seeds for properties of whole pages. */
  public static LongStream some() {
    return LongStream.rangeClosed(1, 100);
  }
}
