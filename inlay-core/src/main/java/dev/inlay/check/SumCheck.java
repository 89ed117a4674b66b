package dev.inlay.check;

import dev.inlay.record.DataRecord;
import dev.inlay.record.DataSetPart;
import dev.inlay.record.Origin;
import dev.inlay.record.PrintedSum;
import dev.inlay.record.Value;
import dev.inlay.spec.CheckSpec;
import dev.inlay.table.RowKind;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** Checks sums of rows against what is printed: subtotals, totals, or a value elsewhere. */
final class SumCheck {

  private final CheckSpec check;
  private final DataSetPart part;
  private final Checks checks;
  private final String field;

  SumCheck(CheckSpec check, DataSetPart part, Checks checks) {
    this.check = check;
    this.part = part;
    this.checks = checks;
    field = check.fields().get(0);
  }

  void make() {
    switch (check.is()) {
      case "subtotals" -> printed(RowKind.SUBTOTAL);
      case "totals" -> printed(RowKind.TOTAL);
      default -> elsewhere();
    }
  }

  /** Sums carried over a page break are asked with the totals: they are sums of all rows so far. */
  private void printed(RowKind kind) {
    for (PrintedSum sum : part.sums()) {
      BigDecimal value = sum.values().get(field);
      List<DataRecord> all = part.rows().subList(sum.firstRow(), sum.rowsBefore());
      boolean asTotal = sum.kind() == RowKind.TOTAL || sum.carried();
      boolean compared = value != null && asTotal == (kind == RowKind.TOTAL) && !all.isEmpty();
      if (compared) {
        List<DataRecord> rows = asTotal ? all : group(all);
        compare(rows, value, "'" + sum.text() + "'", sum.origin());
      }
    }
  }

  /** The rows before a subtotal that share the fields of its group with the last of them. */
  private List<DataRecord> group(List<DataRecord> rows) {
    List<Object> key = Checks.key(rows.get(rows.size() - 1), check.by());
    int from = rows.size();
    while (from > 0 && Checks.key(rows.get(from - 1), check.by()).equals(key)) {
      from--;
    }
    return rows.subList(from, rows.size());
  }

  private void elsewhere() {
    if (part.rows().isEmpty()) {
      return;
    }
    Value value = part.rows().get(0).value(check.is());
    if (value.content() instanceof BigDecimal number) {
      compare(part.rows(), number, check.is(), value.origin().orElse(part.rows().get(0).origin()));
    }
  }

  private void compare(List<DataRecord> rows, BigDecimal printed, String what, Origin at) {
    BigDecimal sum = BigDecimal.ZERO;
    for (DataRecord row : rows) {
      if (row.value(field).content() instanceof BigDecimal number) {
        sum = sum.add(number);
      }
    }
    BigDecimal off = printed.subtract(sum);
    if (off.abs().compareTo(check.within()) > 0 && !checks.isTold(rows, off)) {
      String message =
          what
              + " is "
              + printed.toPlainString()
              + ", its "
              + rows.size()
              + " rows add up to "
              + sum.toPlainString()
              + " (difference "
              + off.toPlainString()
              + "); "
              + carriedFrom(sum, printed)
                  .orElseGet(
                      () ->
                          new SumExplanation(rows, field, part.sums(), off, check.within()).text());
      checks.say(check, message, at, List.of(), rows);
    }
  }

  /** Where a page carries another sum than the one before it, what stands between is lost. */
  private Optional<String> carriedFrom(BigDecimal sum, BigDecimal printed) {
    List<PrintedSum> sums = part.sums();
    for (int i = 1; i < sums.size(); i++) {
      BigDecimal before = sums.get(i - 1).values().get(field);
      boolean here = printed.equals(sums.get(i).values().get(field)) && sums.get(i).carried();
      if (here && sums.get(i - 1).carried() && sum.equals(before)) {
        return Optional.of(
            "the page before carries "
                + before.toPlainString()
                + ": a page or rows between them are missing");
      }
    }
    return Optional.empty();
  }
}
