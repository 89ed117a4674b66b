package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.spec.CheckRule;
import java.util.List;
import java.util.Set;

/** Checks that a field's values stand in a list of codes. */
record LookupCheck(CheckRule.Lookup rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, CheckReport report) {
    Set<String> known = Set.copyOf(rule.codes());
    for (DataRecord record : part.records()) {
      String text = Rows.text(record.value(rule.field()));
      if (text.isEmpty()) {
        continue;
      }
      report.asked(1);
      if (!known.contains(text)) {
        String message = "'" + text + "' is not in the list of " + rule.codes().size();
        Evidence evidence = Evidence.seen(rule.field(), text);
        report.say(
            new Flaw(message, evidence),
            record.originOf(rule.field()),
            List.of(record),
            List.of(record));
      }
    }
  }
}
