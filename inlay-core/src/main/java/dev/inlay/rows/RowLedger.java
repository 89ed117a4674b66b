package dev.inlay.rows;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * Where the rows of a file ended: each in exactly one place.
 *
 * @param read how many rows there were
 * @param accepted how many became records
 * @param held how many wait for a person
 * @param leftOut how many were left out, by the name of the rule
 */
public record RowLedger(int read, int accepted, int held, Map<String, Integer> leftOut) {

  /** No rows. */
  public static final RowLedger EMPTY = new RowLedger(0, 0, 0, Map.of());

  /** Keeps a copy that cannot change. */
  public RowLedger {
    leftOut = Collections.unmodifiableMap(new TreeMap<>(leftOut));
  }

  /** How many rows were left out. */
  public int leftOutRows() {
    return leftOut.values().stream().mapToInt(Integer::intValue).sum();
  }

  /** Whether every row ended in one place. */
  public boolean balances() {
    return read == accepted + held + leftOutRows();
  }

  /** Both together. */
  public RowLedger plus(RowLedger other) {
    Map<String, Integer> all = new TreeMap<>(leftOut);
    other.leftOut.forEach((rule, n) -> all.merge(rule, n, Integer::sum));
    return new RowLedger(read + other.read, accepted + other.accepted, held + other.held, all);
  }
}
