package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.spec.CheckRule;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
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
        if (before != null) {
          compare(before, record, report);
        }
        before = balance.get();
      }
    }
  }

  private void compare(BigDecimal before, DataRecord record, CheckReport report) {
    report.asked(1);
    BigDecimal amount;
    try {
      amount = amount(record);
    } catch (IllegalArgumentException e) {
      Flaw flaw = new Flaw(e.getMessage(), Evidence.NONE);
      report.say(flaw, record.origin(), List.of(record), List.of(record));
      return;
    }
    BigDecimal balance = record.number(rule.field()).orElseThrow();
    BigDecimal expected = before.add(amount);
    if (expected.subtract(balance).abs().compareTo(rule.within()) <= 0) {
      report.proved(record, Set.copyOf(rule.amount().fields()));
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

  /** Money goes in or out: of the fields of an amount, those that are blank count as 0. */
  private BigDecimal amount(DataRecord record) {
    Map<String, Object> contents = Rows.contents(record);
    rule.amount().fields().forEach(f -> contents.merge(f, BigDecimal.ZERO, (value, zero) -> value));
    if (rule.amount().evaluate(contents) instanceof BigDecimal amount) {
      return amount;
    }
    throw new IllegalArgumentException("'" + rule.amount() + "' gives no number");
  }

  /** Which slip of a single field, put right, would make the balance right. */
  private String slip(BigDecimal amount, BigDecimal needed) {
    boolean isField = rule.amount().fields().stream().anyMatch(rule::adds);
    return (isField ? NumberSlips.of(amount) : List.<NumberSlips.Slip>of())
        .stream()
            .filter(s -> s.value().subtract(needed).abs().compareTo(rule.within()) <= 0)
            .map(s -> rule.amount() + " would be " + s.value().toPlainString() + ": " + s.words())
            .findFirst()
            .orElse("");
  }
}
