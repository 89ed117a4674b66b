package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.spec.CheckRule;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Checks the smallest or largest value of each group of rows against its print. */
record ExtremeCheck(CheckRule.Extreme rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, CheckReport report) {
    Rows.groups(part.rows(), rule.by()).forEach(rows -> compare(rows, report));
  }

  private BigDecimal number(DataRecord row) {
    return row.number(rule.field()).orElseThrow();
  }

  private void compare(List<DataRecord> rows, CheckReport report) {
    Comparator<DataRecord> order = Comparator.comparing(this::number);
    Optional<DataRecord> extreme =
        rows.stream()
            .filter(r -> r.number(rule.field()).isPresent())
            .min(rule.lowest() ? order : order.reversed());
    Optional<BigDecimal> printed = rows.get(0).number(rule.is());
    if (extreme.isEmpty() || printed.isEmpty()) {
      return;
    }
    report.asked(rows.size());
    BigDecimal off = printed.get().subtract(number(extreme.get()));
    if (off.abs().compareTo(rule.within()) > 0) {
      String message =
          rule.is()
              + " is "
              + printed.get().toPlainString()
              + ", the "
              + (rule.lowest() ? "lowest" : "highest")
              + " of its "
              + rows.size()
              + " rows is "
              + number(extreme.get()).toPlainString()
              + " on page "
              + extreme.get().origin().page()
              + " (difference "
              + off.toPlainString()
              + ")";
      Evidence evidence = Evidence.of(rule.is(), printed.get(), number(extreme.get()));
      report.say(
          new Flaw(message, evidence),
          rows.get(0).originOf(rule.is()),
          List.of(extreme.get()),
          rows);
    }
  }
}
