package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.spec.CheckRule;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** Checks that the numbers of each group follow each other without a gap. */
record SerialCheck(CheckRule.Serial rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, CheckReport report) {
    Rows.groups(part.rows(), rule.by()).forEach(rows -> follow(rows, report));
  }

  private void follow(List<DataRecord> rows, CheckReport report) {
    BigDecimal before = null;
    for (DataRecord record : rows) {
      Optional<BigDecimal> number = record.number(rule.field());
      if (number.isPresent()) {
        BigDecimal now = number.get();
        if (before != null) {
          report.asked(1);
        }
        if (before != null && now.subtract(before).compareTo(BigDecimal.ONE) != 0) {
          BigDecimal missing = now.subtract(before).subtract(BigDecimal.ONE);
          String gap = missing.signum() > 0 ? missing.toPlainString() + " missing" : "";
          String message =
              now.toPlainString()
                  + " follows "
                  + before.toPlainString()
                  + (gap.isEmpty() ? "" : "; " + gap);
          Evidence evidence =
              Evidence.of(rule.field(), now, before.add(BigDecimal.ONE)).because(gap);
          report.say(
              new Flaw(message, evidence),
              record.originOf(rule.field()),
              List.of(record),
              List.of(record));
        }
        before = now;
      }
    }
  }
}
