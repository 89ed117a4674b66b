package dev.inlay.check;

import dev.inlay.record.DataRecord;
import dev.inlay.record.DataSetPart;
import dev.inlay.record.Origin;
import dev.inlay.record.Value;
import dev.inlay.spec.CheckSpec;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Checks the smallest or largest value of each group of rows against its print. */
final class ExtremeCheck {

  private final CheckSpec check;
  private final DataSetPart part;
  private final Checks checks;
  private final boolean lowest;

  ExtremeCheck(CheckSpec check, DataSetPart part, Checks checks) {
    this.check = check;
    this.part = part;
    this.checks = checks;
    lowest = check.kind() == CheckSpec.Kind.LOWEST;
  }

  void make() {
    Map<List<Object>, List<DataRecord>> groups = new LinkedHashMap<>();
    for (DataRecord row : part.rows()) {
      groups.computeIfAbsent(Checks.key(row, check.by()), k -> new ArrayList<>()).add(row);
    }
    groups.values().forEach(this::compare);
  }

  private void compare(List<DataRecord> rows) {
    Value printed = rows.get(0).value(check.is());
    DataRecord extreme = null;
    BigDecimal found = null;
    for (DataRecord row : rows) {
      if (row.value(check.fields().get(0)).content() instanceof BigDecimal number
          && (found == null
              || (lowest ? number.compareTo(found) < 0 : number.compareTo(found) > 0))) {
        found = number;
        extreme = row;
      }
    }
    if (found != null
        && printed.content() instanceof BigDecimal number
        && number.subtract(found).abs().compareTo(check.within()) > 0) {
      Origin at = printed.origin().orElse(rows.get(0).origin());
      String message =
          check.is()
              + " is "
              + number.toPlainString()
              + ", the "
              + (lowest ? "lowest" : "highest")
              + " of its "
              + rows.size()
              + " rows is "
              + found.toPlainString()
              + " on page "
              + extreme.origin().page()
              + " (difference "
              + number.subtract(found).toPlainString()
              + ")";
      checks.say(check, message, at, List.of(extreme), rows);
    }
  }
}
