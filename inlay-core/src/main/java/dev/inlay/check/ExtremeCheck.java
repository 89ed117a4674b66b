package dev.inlay.check;

import dev.inlay.record.DataRecord;
import dev.inlay.record.DataSetPart;
import dev.inlay.spec.CheckRule;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Checks the smallest or largest value of each group of rows against its print. */
record ExtremeCheck(CheckRule.Extreme rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, Teller teller) {
    Rows.groups(part.rows(), rule.by()).forEach(rows -> compare(rows, teller));
  }

  private BigDecimal number(DataRecord row) {
    return row.number(rule.field()).orElseThrow();
  }

  private void compare(List<DataRecord> rows, Teller teller) {
    Comparator<DataRecord> order = Comparator.comparing(this::number);
    Optional<DataRecord> extreme =
        rows.stream()
            .filter(r -> r.number(rule.field()).isPresent())
            .min(rule.lowest() ? order : order.reversed());
    Optional<BigDecimal> printed = rows.get(0).number(rule.is());
    if (extreme.isEmpty() || printed.isEmpty()) {
      return;
    }
    teller.asked(rows.size());
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
      teller.say(message, rows.get(0).originOf(rule.is()), List.of(extreme.get()), rows);
    }
  }
}
