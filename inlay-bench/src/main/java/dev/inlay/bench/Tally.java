package dev.inlay.bench;

import java.util.HashMap;
import java.util.Map;

/** How often each of some things was seen. */
final class Tally<T> {

  private final Map<T, Integer> counts = new HashMap<>();

  void add(T thing) {
    counts.merge(thing, 1, Integer::sum);
  }

  int size() {
    return counts.values().stream().mapToInt(Integer::intValue).sum();
  }

  /** How many both have. */
  int common(Tally<T> other) {
    return counts.entrySet().stream()
        .mapToInt(e -> Math.min(e.getValue(), other.counts.getOrDefault(e.getKey(), 0)))
        .sum();
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Tally<?> tally && tally.counts.equals(counts);
  }

  @Override
  public int hashCode() {
    return counts.hashCode();
  }
}
