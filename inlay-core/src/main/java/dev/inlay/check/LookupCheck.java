package dev.inlay.check;

import dev.inlay.record.DataRecord;
import dev.inlay.record.DataSetPart;
import dev.inlay.spec.CheckRule;
import java.util.List;
import java.util.Set;

/** Checks that a field's values stand in a list of codes. */
record LookupCheck(CheckRule.Lookup rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, Teller teller) {
    Set<String> known = Set.copyOf(rule.codes());
    for (DataRecord record : part.records()) {
      String text = Rows.text(record.value(rule.field()));
      if (text.isEmpty()) {
        continue;
      }
      teller.asked(1);
      if (!known.contains(text)) {
        String message = "'" + text + "' is not in the list of " + rule.codes().size();
        teller.say(message, record.originOf(rule.field()), List.of(record), List.of(record));
      }
    }
  }
}
