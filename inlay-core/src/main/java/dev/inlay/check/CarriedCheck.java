package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.rows.PrintedSum;
import dev.inlay.spec.CheckRule;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** Checks that each page brings forward the sum that the page before it carries. */
record CarriedCheck(CheckRule.Carried rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, CheckReport report) {
    Carrying carrying = new Carrying(part.sums());
    for (int i = 1; i < part.sums().size(); i++) {
      PrintedSum here = part.sums().get(i);
      Optional<PrintedSum> before = carrying.before(i);
      if (before.isPresent()
          && before.get().values().containsKey(rule.field())
          && here.values().containsKey(rule.field())) {
        report(
            before.get(),
            here,
            part.rows().subList(carrying.firstRow(here), here.rowsBefore()),
            report);
      }
    }
  }

  private void report(
      PrintedSum before, PrintedSum here, List<DataRecord> rows, CheckReport report) {
    report.asked(rows.size());
    BigDecimal brought = here.values().get(rule.field());
    BigDecimal off = brought.subtract(before.values().get(rule.field()));
    boolean wrong = off.abs().compareTo(rule.within()) > 0;
    if (wrong && (rows.isEmpty() || !report.isReported(rows, off))) {
      String why = Carrying.why(before, here, rule.field());
      String message =
          "'"
              + here.text()
              + "' is "
              + brought.toPlainString()
              + " (difference "
              + off.toPlainString()
              + "); "
              + why;
      Evidence evidence =
          Evidence.of(rule.field(), brought, before.values().get(rule.field())).because(why);
      report.say(new Flaw(message, evidence), here.origin(), List.of(), rows);
    }
  }
}
