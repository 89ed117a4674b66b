package dev.inlay.compare;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What parts two results.
 *
 * @param tables the data sets that are in both
 * @param gone names of data sets of the first alone
 * @param added names of data sets of the second alone
 */
public record ResultComparison(
    List<TableComparison> tables, List<String> gone, List<String> added) {

  /** Whether anything differs. */
  public boolean differs() {
    return !gone.isEmpty()
        || !added.isEmpty()
        || tables.stream().anyMatch(TableComparison::differs);
  }

  /**
   * Compares the data sets of two results: those of one name, or the only one of each.
   *
   * @throws IllegalArgumentException if no data set is in both, or the comparer finds two that
   *     cannot be compared
   */
  public static ResultComparison of(
      List<ResultTable> before, List<ResultTable> after, TableComparer comparer) {
    if (before.size() == 1 && after.size() == 1) {
      return new ResultComparison(
          List.of(comparer.compare(before.get(0), after.get(0))), List.of(), List.of());
    }
    List<TableComparison> tables = new ArrayList<>();
    List<String> gone = new ArrayList<>();
    List<ResultTable> added = new ArrayList<>(after);
    for (ResultTable table : before) {
      Optional<ResultTable> other =
          added.stream().filter(t -> t.name().equalsIgnoreCase(table.name())).findFirst();
      if (other.isPresent()) {
        tables.add(comparer.compare(table, other.get()));
        added.remove(other.get());
      } else {
        gone.add(table.name());
      }
    }
    if (tables.isEmpty()) {
      throw new IllegalArgumentException(
          "no data set has one name in both: " + names(before) + "; " + names(after));
    }
    return new ResultComparison(tables, gone, names(added));
  }

  private static List<String> names(List<ResultTable> tables) {
    return tables.stream().map(ResultTable::name).toList();
  }
}
