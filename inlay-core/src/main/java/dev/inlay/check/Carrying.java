package dev.inlay.check;

import dev.inlay.rows.PrintedSum;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Sums that one page carries and the next brings forward. */
final class Carrying {

  private final List<PrintedSum> sums;

  /** Where a table goes on with another: its first row, and that of the whole. */
  private final Map<Integer, Integer> firstRows = new HashMap<>();

  /**
   * Looks for them.
   *
   * @param sums that are printed, in their order
   */
  Carrying(List<PrintedSum> sums) {
    this.sums = sums;
    for (int i = 0; i < sums.size(); i++) {
      int own = sums.get(i).firstRow();
      before(i)
          .map(this::firstRow)
          .filter(first -> first < own)
          .ifPresent(first -> firstRows.put(own, first));
    }
  }

  /** The sum that the page before carries, where this one is brought forward. */
  Optional<PrintedSum> before(int brought) {
    if (brought == 0) {
      return Optional.empty();
    }
    PrintedSum here = sums.get(brought);
    PrintedSum before = sums.get(brought - 1);
    boolean pair =
        here.carried()
            && before.carried()
            && before.rowsBefore() == here.rowsBefore()
            && before.origin().page() < here.origin().page();
    return pair ? Optional.of(before) : Optional.empty();
  }

  /**
   * The number of the first row that a sum of all rows so far holds: a table that brings a sum
   * forward goes on with the one before it.
   */
  int firstRow(PrintedSum sum) {
    return firstRows.getOrDefault(sum.firstRow(), sum.firstRow());
  }

  /** Says why a page brings forward another sum than a page before it carries. */
  static String why(PrintedSum before, PrintedSum here, String field) {
    int page = before.origin().page();
    int between = here.origin().page() - page - 1;
    String carries = "page " + page + " carries " + before.values().get(field).toPlainString();
    if (between == 0) {
      return carries + ": a page or rows between them are missing";
    }
    String none = between == 1 ? "page " + (page + 1) : between + " pages";
    return carries + ": " + none + " between them gave no rows";
  }
}
