package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.spec.CheckRule;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Checks, in each group, that a balance is the one above it and an amount. */
record BalanceCheck(CheckRule.Balance rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, CheckReport report) {
    Rows.groups(part.rows(), rule.by()).forEach(rows -> follow(rows, report));
  }

  private void follow(List<DataRecord> rows, CheckReport report) {
    BigDecimal before = null;
    for (DataRecord record : rows) {
      Optional<BigDecimal> balance = record.number(rule.field());
      if (balance.isPresent()) {
        BigDecimal amount = record.number(rule.amount()).orElse(BigDecimal.ZERO);
        if (before != null) {
          compare(before, amount, record, report);
        }
        before = balance.get();
      }
    }
  }

  private void compare(
      BigDecimal before, BigDecimal amount, DataRecord record, CheckReport report) {
    report.asked(1);
    BigDecimal balance = record.number(rule.field()).orElseThrow();
    BigDecimal expected = before.add(amount);
    if (expected.subtract(balance).abs().compareTo(rule.within()) <= 0) {
      report.proved(record, Set.of(rule.amount()));
    } else {
      String slip = slip(amount, balance.subtract(before));
      String message =
          "the balance above is "
              + before.toPlainString()
              + ", with "
              + amount.toPlainString()
              + " it would be "
              + expected.toPlainString()
              + ", printed is "
              + balance.toPlainString()
              + (slip.isEmpty() ? "" : "; " + slip);
      Evidence evidence = Evidence.of(rule.field(), balance, expected).because(slip);
      report.say(
          new Flaw(message, evidence),
          record.originOf(rule.field()),
          List.of(record),
          List.of(record));
    }
  }

  /** Which slip of the amount, mended, would make the balance right. */
  private String slip(BigDecimal amount, BigDecimal needed) {
    return NumberSlips.of(amount).stream()
        .filter(s -> s.value().subtract(needed).abs().compareTo(rule.within()) <= 0)
        .map(s -> rule.amount() + " would be " + s.value().toPlainString() + ": " + s.words())
        .findFirst()
        .orElse("");
  }
}
