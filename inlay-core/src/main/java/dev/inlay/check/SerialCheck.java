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
        if (before != null && now.subtract(before).compareTo(rule.step()) != 0) {
          String gap = gap(now.subtract(before));
          String message =
              now.toPlainString()
                  + " follows "
                  + before.toPlainString()
                  + (gap.isEmpty() ? "" : "; " + gap);
          Evidence evidence = Evidence.of(rule.field(), now, before.add(rule.step())).because(gap);
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

  /** How many numbers are missing in a rise, in words; an empty text where that is no number. */
  private String gap(BigDecimal rise) {
    BigDecimal[] steps = rise.divideAndRemainder(rule.step());
    BigDecimal missing = steps[0].subtract(BigDecimal.ONE);
    boolean whole = steps[1].signum() == 0 && missing.signum() > 0;
    return whole ? missing.stripTrailingZeros().toPlainString() + " missing" : "";
  }
}
