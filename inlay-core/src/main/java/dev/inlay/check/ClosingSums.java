package dev.inlay.check;

import dev.inlay.model.RowKind;
import dev.inlay.rows.PrintedSum;
import java.math.BigDecimal;
import java.util.List;

/**
 * Totals that stand one below the other at the end of a table, as the sum of the goods, the freight
 * and the sum of the order: the first is the sum of the rows, the last that of the ones above it,
 * and what stands between is added.
 */
final class ClosingSums {

  private final List<PrintedSum> sums;
  private final String field;

  /**
   * Looks at the sums of a file.
   *
   * @param field of which values are added
   */
  ClosingSums(List<PrintedSum> sums, String field) {
    this.sums = sums;
    this.field = field;
  }

  /** Whether other totals, of the same rows, stand right above a total. */
  boolean isBelowOthers(int at) {
    return at > 0 && isOfBlock(at - 1, at) && isOfBlock(at, at);
  }

  /** Whether no other total of the same rows stands below. */
  boolean isLast(int at) {
    return at + 1 == sums.size() || !isOfBlock(at + 1, at);
  }

  /** What the totals right above one add up to. */
  BigDecimal above(int at) {
    BigDecimal sum = BigDecimal.ZERO;
    for (int i = at - 1; i >= 0 && isOfBlock(i, at); i--) {
      sum = sum.add(sums.get(i).values().get(field));
    }
    return sum;
  }

  private boolean isOfBlock(int one, int other) {
    PrintedSum sum = sums.get(one);
    return sum.kind() == RowKind.TOTAL
        && !sum.carried()
        && sum.values().containsKey(field)
        && sum.rowsBefore() == sums.get(other).rowsBefore()
        && sum.firstRow() == sums.get(other).firstRow();
  }
}
