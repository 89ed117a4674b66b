package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.spec.CheckRule;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** Checks the number of rows of each group against a value that is printed for it. */
record CountCheck(CheckRule.Count rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, CheckReport report) {
    for (List<DataRecord> rows : Rows.groups(part.rows(), rule.by())) {
      DataRecord first = rows.get(0);
      Optional<BigDecimal> printed = first.number(rule.is());
      if (printed.isEmpty()) {
        continue;
      }
      report.asked(rows.size());
      if (printed.get().compareTo(BigDecimal.valueOf(rows.size())) != 0) {
        String message =
            (rows.size() == 1 ? "there is " : "there are ")
                + Rows.count(rows)
                + ", printed is "
                + printed.get().toPlainString();
        Evidence evidence = Evidence.of(rule.is(), printed.get(), BigDecimal.valueOf(rows.size()));
        report.say(new Flaw(message, evidence), first.originOf(rule.is()), List.of(), rows);
      }
    }
  }
}
