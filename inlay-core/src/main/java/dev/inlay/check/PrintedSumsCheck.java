package dev.inlay.check;

import dev.inlay.model.RowKind;
import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.rows.PrintedSum;
import dev.inlay.spec.CheckRule;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Checks the sum of rows against the subtotals or totals that a table prints. Sums carried over a
 * page break are asked with the totals: they are sums of all rows so far.
 */
record PrintedSumsCheck(CheckRule.PrintedSums rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, CheckReport report) {
    SumDifference difference = new SumDifference(rule.field(), rule.within(), part.sums());
    Carrying carrying = new Carrying(part.sums());
    ClosingSums closing = new ClosingSums(part.sums(), rule.field());
    for (int i = 0; i < part.sums().size(); i++) {
      PrintedSum sum = part.sums().get(i);
      BigDecimal value = sum.values().get(rule.field());
      boolean asTotal = sum.kind() == RowKind.TOTAL || sum.carried();
      List<DataRecord> rows = rowsOf(sum, carrying, part.rows());
      boolean asked = asTotal == rule.totals() && value != null && !rows.isEmpty();
      if (asked && rule.totals() && closing.isBelowOthers(i)) {
        reportClosing(i, rows, part.sums(), closing, report);
      } else if (asked) {
        Optional<SumDifference.Lost> lost =
            carrying
                .before(i)
                .filter(b -> b.values().containsKey(rule.field()))
                .map(
                    b ->
                        new SumDifference.Lost(
                            b.values().get(rule.field()), Carrying.why(b, sum, rule.field())));
        String what = "'" + sum.text() + "'";
        difference.report(rows, new SumDifference.Printed(value, what, sum.origin(), lost), report);
      }
    }
  }

  /**
   * A total below others is the sum of the rows or of what stands above it; what is neither is an
   * addend, unless it is the last.
   */
  private void reportClosing(
      int at,
      List<DataRecord> rows,
      List<PrintedSum> sums,
      ClosingSums closing,
      CheckReport report) {
    PrintedSum sum = sums.get(at);
    BigDecimal value = sum.values().get(rule.field());
    BigDecimal off = value.subtract(closing.above(at));
    boolean holds = isNear(off) || isNear(value.subtract(Rows.sum(rows, rule.field())));
    if (holds || closing.isLast(at)) {
      report.added(rows);
    }
    if (!holds && closing.isLast(at)) {
      String message =
          "'"
              + sum.text()
              + "' is "
              + value.toPlainString()
              + ", the sums above it add up to "
              + closing.above(at).toPlainString()
              + " (difference "
              + off.toPlainString()
              + ")";
      Evidence evidence = Evidence.of(rule.field(), value, closing.above(at));
      report.say(new Flaw(message, evidence), sum.origin(), List.of(), rows);
    }
  }

  private boolean isNear(BigDecimal off) {
    return off.abs().compareTo(rule.within()) <= 0;
  }

  private List<DataRecord> rowsOf(PrintedSum sum, Carrying carrying, List<DataRecord> rows) {
    List<DataRecord> before = rows.subList(carrying.firstRow(sum), sum.rowsBefore());
    if (before.isEmpty()) {
      return before;
    }
    DataRecord last = before.get(before.size() - 1);
    List<Object> key = Rows.key(last, rule.by());
    int page = last.origin().page();
    if (rule.onPage()) {
      before = lastOf(before, r -> r.origin().page() == page);
    }
    return rule.totals() ? before : lastOf(before, r -> Rows.key(r, rule.by()).equals(key));
  }

  /** The rows at the end that are all alike. */
  private static List<DataRecord> lastOf(List<DataRecord> rows, Predicate<DataRecord> alike) {
    int from = rows.size();
    while (from > 0 && alike.test(rows.get(from - 1))) {
      from--;
    }
    return rows.subList(from, rows.size());
  }
}
