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

  private void printed(RowKind kind) {
    for (PrintedSum sum : part.sums()) {
      BigDecimal value = sum.values().get(field);
      List<DataRecord> all = part.rows().subList(sum.firstRow(), sum.rowsBefore());
      boolean compared = value != null && (sum.kind() == kind || sum.carried()) && !all.isEmpty();
      if (compared) {
        // what is carried over a page break is the sum of all rows so far
        List<DataRecord> rows = kind == RowKind.TOTAL || sum.carried() ? all : group(all);
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
    if (off.abs().compareTo(check.within()) > 0) {
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
              + new SumExplanation(rows, field, part.sums(), off, check.within()).text();
      checks.say(check, message, at, List.of(), rows);
    }
  }
}
