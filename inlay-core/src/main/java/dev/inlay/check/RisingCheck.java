package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.rows.Value;
import dev.inlay.spec.CheckRule;
import java.util.List;

/** Checks that the values of each group never fall from row to row. */
record RisingCheck(CheckRule.Rising rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, CheckReport report) {
    Rows.groups(part.rows(), rule.by()).forEach(rows -> follow(rows, report));
  }

  private void follow(List<DataRecord> rows, CheckReport report) {
    Value before = null;
    for (DataRecord record : rows) {
      Value now = record.value(rule.field());
      if (now.isNothing()) {
        continue;
      }
      if (before != null) {
        report.asked(1);
        if (Rows.compare(before.content(), now.content()) > 0) {
          String seen = Rows.text(now);
          String above = Rows.text(before);
          report.say(
              new Flaw(
                  seen + " follows " + above, Evidence.of(rule.field(), seen, above + " or more")),
              record.originOf(rule.field()),
              List.of(record),
              List.of(record));
        }
      }
      before = now;
    }
  }
}
