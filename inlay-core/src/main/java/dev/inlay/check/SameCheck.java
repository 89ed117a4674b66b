package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.spec.CheckRule;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Checks that fields have one value on a page, in a table or in a file. */
record SameCheck(CheckRule.Same rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, CheckReport report) {
    Map<Object, DataRecord> firsts = new HashMap<>();
    for (DataRecord record : part.records()) {
      DataRecord first = firsts.putIfAbsent(scope(record), record);
      if (first != null) {
        report.asked(1);
        compare(first, record, report);
      }
    }
  }

  private Object scope(DataRecord record) {
    return switch (rule.on()) {
      case PAGE -> record.origin().page();
      case TABLE -> record.origin().table();
      case FILE -> "";
    };
  }

  private void compare(DataRecord first, DataRecord record, CheckReport report) {
    for (String field : rule.fields()) {
      List<String> one = List.of(field);
      if (!Rows.key(first, one).equals(Rows.key(record, one))) {
        String message =
            "'"
                + Rows.text(record.value(field))
                + "' stands beside '"
                + Rows.text(first.value(field))
                + "' in one "
                + rule.on().name().toLowerCase(Locale.ROOT);
        Evidence evidence =
            Evidence.of(field, Rows.text(record.value(field)), Rows.text(first.value(field)));
        report.say(
            new Flaw(message, evidence),
            record.originOf(field),
            List.of(record),
            List.of(first, record));
        return;
      }
    }
  }
}
