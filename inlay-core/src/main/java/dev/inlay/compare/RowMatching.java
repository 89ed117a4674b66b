package dev.inlay.compare;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Which row of one table is which of another: by the values of key fields, or, without a key, first
 * rows that are equal, then those that have most values in common. Rows with one key, and equal
 * rows, are matched in their order.
 */
final class RowMatching {

  /** Rows that are one have at least this share of their values in common. */
  private static final double LEAST_COMMON = 0.5;

  /** A value that more rows hold tells none of them. */
  private static final int MOST_WITH_VALUE = 400;

  private record Likeness(int old, int now, int common) {}

  private final List<List<Object>> before;
  private final List<List<Object>> after;
  private final int[] newOfOld;
  private final boolean[] taken;

  private RowMatching(List<List<Object>> before, List<List<Object>> after) {
    this.before = before;
    this.after = after;
    newOfOld = new int[before.size()];
    Arrays.fill(newOfOld, -1);
    taken = new boolean[after.size()];
  }

  /**
   * Matches rows by key.
   *
   * @param before the values of the key of each row
   * @param after the same of the other table
   * @return for each row before the number of the row after; -1 where it is gone
   */
  static int[] byKey(List<List<Object>> before, List<List<Object>> after) {
    RowMatching matching = new RowMatching(before, after);
    matching.matchEqual();
    return matching.newOfOld;
  }

  /**
   * Matches rows by all their values.
   *
   * @param before the values of each row
   * @param after the same of the other table
   * @return for each row before the number of the row after; -1 where it is gone
   */
  static int[] byLikeness(List<List<Object>> before, List<List<Object>> after) {
    RowMatching matching = new RowMatching(before, after);
    matching.matchEqual();
    matching.matchAlike();
    return matching.newOfOld;
  }

  private void matchEqual() {
    Map<List<Object>, Deque<Integer>> places = new HashMap<>();
    for (int i = 0; i < after.size(); i++) {
      places.computeIfAbsent(after.get(i), v -> new ArrayDeque<>()).add(i);
    }
    for (int i = 0; i < before.size(); i++) {
      Deque<Integer> same = places.get(before.get(i));
      if (same != null && !same.isEmpty()) {
        match(i, same.remove());
      }
    }
  }

  private void match(int old, int now) {
    newOfOld[old] = now;
    taken[now] = true;
  }

  private void matchAlike() {
    Map<List<Object>, List<Integer>> withValue = new HashMap<>();
    for (int i = 0; i < after.size(); i++) {
      for (int f = 0; !taken[i] && f < after.get(i).size(); f++) {
        withValue.computeIfAbsent(at(f, after.get(i)), v -> new ArrayList<>()).add(i);
      }
    }
    List<Likeness> alike = new ArrayList<>();
    for (int i = 0; i < before.size(); i++) {
      if (newOfOld[i] < 0) {
        addAlike(i, withValue, alike);
      }
    }
    // those most alike first; of equally alike ones those that stand at like places
    alike.sort(
        Comparator.comparingInt((Likeness l) -> -l.common())
            .thenComparingInt(l -> Math.abs(l.old() - l.now())));
    for (Likeness one : alike) {
      if (newOfOld[one.old()] < 0 && !taken[one.now()]) {
        match(one.old(), one.now());
      }
    }
  }

  private void addAlike(int old, Map<List<Object>, List<Integer>> withValue, List<Likeness> alike) {
    List<Object> row = before.get(old);
    Map<Integer, Integer> common = new HashMap<>();
    for (int f = 0; f < row.size(); f++) {
      List<Integer> rows = withValue.getOrDefault(at(f, row), List.of());
      if (rows.size() <= MOST_WITH_VALUE) {
        rows.forEach(now -> common.merge(now, 0, Integer::sum));
      }
    }
    for (int now : common.keySet()) {
      int count = 0;
      for (int f = 0; f < row.size(); f++) {
        count += row.get(f).equals(after.get(now).get(f)) ? 1 : 0;
      }
      if (count >= LEAST_COMMON * row.size()) {
        alike.add(new Likeness(old, now, count));
      }
    }
  }

  private static List<Object> at(int field, List<Object> row) {
    return List.of(field, row.get(field));
  }
}
