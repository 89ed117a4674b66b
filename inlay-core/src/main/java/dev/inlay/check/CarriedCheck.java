package dev.inlay.check;

import dev.inlay.record.DataRecord;
import dev.inlay.record.DataSetPart;
import dev.inlay.record.PrintedSum;
import dev.inlay.spec.CheckRule;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** Checks that each page brings forward the sum that the page before it carries. */
record CarriedCheck(CheckRule.Carried rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, Teller teller) {
    for (int i = 1; i < part.sums().size(); i++) {
      PrintedSum sum = part.sums().get(i);
      BigDecimal brought = sum.values().get(rule.field());
      Optional<BigDecimal> carried = Carrying.carriedBefore(part.sums(), i, rule.field());
      if (brought != null && carried.isPresent()) {
        List<DataRecord> rows = part.rows().subList(sum.firstRow(), sum.rowsBefore());
        tell(sum, brought, carried.get(), rows, teller);
      }
    }
  }

  private void tell(
      PrintedSum sum,
      BigDecimal brought,
      BigDecimal carried,
      List<DataRecord> rows,
      Teller teller) {
    BigDecimal off = brought.subtract(carried);
    boolean wrong = off.abs().compareTo(rule.within()) > 0;
    if (wrong && (rows.isEmpty() || !teller.isTold(rows, off))) {
      String message =
          "'"
              + sum.text()
              + "' is "
              + brought.toPlainString()
              + "; "
              + Carrying.why(carried)
              + " (difference "
              + off.toPlainString()
              + ")";
      teller.say(message, sum.origin(), List.of(), rows);
    }
  }
}
