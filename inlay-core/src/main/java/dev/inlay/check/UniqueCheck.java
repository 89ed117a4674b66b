package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.spec.CheckRule;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** Checks that no two rows of a file share a key. */
record UniqueCheck(CheckRule.Unique rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, CheckReport report) {
    Map<List<Object>, DataRecord> seen = new HashMap<>();
    for (DataRecord record : part.records()) {
      List<Object> key = Rows.key(record, rule.fields());
      if (key.stream().allMatch(Objects::isNull)) {
        continue; // what has no key is like nothing
      }
      report.asked(1);
      DataRecord first = seen.putIfAbsent(key, record);
      if (first != null) {
        report.say(
            Rows.twice(rule.fields(), key, first),
            record.origin(),
            List.of(record),
            List.of(first, record));
      }
    }
  }
}
