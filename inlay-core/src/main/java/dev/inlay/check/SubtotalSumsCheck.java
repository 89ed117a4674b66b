package dev.inlay.check;

import dev.inlay.model.RowKind;
import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.rows.PrintedSum;
import dev.inlay.spec.CheckRule;
import java.math.BigDecimal;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Iterator;
import java.util.List;

/** Checks the sum of a table's subtotals against its totals. */
record SubtotalSumsCheck(CheckRule.SubtotalSums rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, CheckReport report) {
    Deque<PrintedSum> open = new ArrayDeque<>();
    int table = -1;
    for (PrintedSum sum : part.sums()) {
      if (sum.firstRow() != table) {
        open.clear();
        table = sum.firstRow();
      }
      if (!sum.carried() && sum.values().containsKey(rule.field())) {
        if (sum.kind() == RowKind.SUBTOTAL) {
          takeInner(open, sum);
          open.push(sum);
        } else if (open.size() > 1) {
          report(sum, open, part, report);
        }
      }
    }
  }

  /** A subtotal without rows of its own is the sum of subtotals above it: they count no more. */
  private void takeInner(Deque<PrintedSum> open, PrintedSum outer) {
    if (open.isEmpty() || open.peek().rowsBefore() != outer.rowsBefore()) {
      return;
    }
    BigDecimal sum = BigDecimal.ZERO;
    int inner = 0;
    for (PrintedSum one : open) {
      sum = sum.add(value(one));
      inner++;
      if (sum.compareTo(value(outer)) == 0) {
        for (int i = 0; i < inner; i++) {
          open.pop();
        }
        return;
      }
    }
  }

  private BigDecimal value(PrintedSum sum) {
    return sum.values().get(rule.field());
  }

  private void report(
      PrintedSum total, Deque<PrintedSum> subtotals, DataSetPart part, CheckReport report) {
    report.asked(subtotals.size());
    BigDecimal sum = subtotals.stream().map(this::value).reduce(BigDecimal.ZERO, BigDecimal::add);
    BigDecimal off = value(total).subtract(sum);
    List<DataRecord> rows = part.rows().subList(total.firstRow(), total.rowsBefore());
    if (off.abs().compareTo(rule.within()) > 0
        && (rows.isEmpty() || !report.isReported(rows, off))) {
      String slip = slip(subtotals, off);
      String message =
          "'"
              + total.text()
              + "' is "
              + value(total).toPlainString()
              + ", its "
              + subtotals.size()
              + " subtotals add up to "
              + sum.toPlainString()
              + " (difference "
              + off.toPlainString()
              + "); "
              + (slip.isEmpty() ? "no simple explanation" : slip);
      Evidence evidence = Evidence.of(rule.field(), value(total), sum).because(slip);
      report.say(new Flaw(message, evidence), total.origin(), List.of(), rows);
    }
  }

  /** Which one subtotal, with a slip of its digits mended, would make the total right. */
  private String slip(Deque<PrintedSum> subtotals, BigDecimal off) {
    Iterator<PrintedSum> fromFirst = subtotals.descendingIterator();
    while (fromFirst.hasNext()) {
      PrintedSum one = fromFirst.next();
      for (NumberSlips.Slip slip : NumberSlips.of(value(one))) {
        if (slip.value().subtract(value(one)).compareTo(off) == 0) {
          return value(one).toPlainString()
              + " of '"
              + one.text()
              + "' on page "
              + one.origin().page()
              + " would be "
              + slip.value().toPlainString()
              + ": "
              + slip.words();
        }
      }
    }
    return "";
  }
}
