package dev.inlay.model;

import java.util.List;
import java.util.stream.IntStream;

/**
 * What speaks for or against a reading.
 *
 * @param name what is seen
 * @param weight how much it speaks for the reading taken, against the one that comes next; negative
 *     where it speaks against it
 */
public record Reason(String name, double weight) {

  /** Signs with their weights, in this order. */
  public static List<Reason> of(List<String> names, double[] weights) {
    return IntStream.range(0, weights.length)
        .mapToObj(s -> new Reason(names.get(s), weights[s]))
        .toList();
  }
}
