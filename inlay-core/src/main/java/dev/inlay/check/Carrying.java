package dev.inlay.check;

import dev.inlay.record.PrintedSum;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** Sums that one page carries and the next brings forward. */
final class Carrying {

  private Carrying() {}

  /**
   * What the page before carries, where a sum is brought forward.
   *
   * @param sums that are printed, in their order
   * @param brought the number of the sum
   */
  static Optional<BigDecimal> carriedBefore(List<PrintedSum> sums, int brought, String field) {
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
    return pair ? Optional.ofNullable(before.values().get(field)) : Optional.empty();
  }

  /** Says why a page brings forward another sum than the one before it carries. */
  static String why(BigDecimal carried) {
    return "the page before carries "
        + carried.toPlainString()
        + ": a page or rows between them are missing";
  }
}
