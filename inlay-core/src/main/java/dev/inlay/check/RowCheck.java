package dev.inlay.check;

import dev.inlay.record.DataRecord;
import dev.inlay.record.DataSetPart;
import dev.inlay.spec.CheckSpec;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Checks a condition, or an equation with a tolerance, over the fields of each row. */
final class RowCheck {

  private final CheckSpec check;
  private final DataSetPart part;
  private final Checks checks;

  RowCheck(CheckSpec check, DataSetPart part, Checks checks) {
    this.check = check;
    this.part = part;
    this.checks = checks;
  }

  void make() {
    for (DataRecord record : part.records()) {
      String flaw = flaw(Checks.contents(record));
      if (flaw != null) {
        checks.say(check, flaw, record.origin(), List.of(record), List.of(record));
      }
    }
  }

  private String flaw(Map<String, Object> contents) {
    try {
      if (check.right() == null) {
        Object held = check.left().evaluate(contents);
        return held == null || Boolean.TRUE.equals(held)
            ? null
            : "'" + check.left() + "' does not hold" + values(check.left().fields(), contents);
      }
      Object left = check.left().evaluate(contents);
      Object right = check.right().evaluate(contents);
      if (!(left instanceof BigDecimal a) || !(right instanceof BigDecimal b)) {
        return null;
      }
      BigDecimal off = b.subtract(a);
      return off.abs().compareTo(check.within()) <= 0
          ? null
          : check.left()
              + " is "
              + a.stripTrailingZeros().toPlainString()
              + ", "
              + check.right()
              + " is "
              + b.toPlainString()
              + " (difference "
              + off.stripTrailingZeros().toPlainString()
              + ")"
              + slip(contents);
    } catch (IllegalArgumentException e) {
      return e.getMessage();
    }
  }

  /** Which one field, with a slip of its digits mended, would make an equation hold. */
  private String slip(Map<String, Object> contents) {
    List<String> fits = new ArrayList<>();
    List<String> fields = new ArrayList<>(check.left().fields());
    fields.addAll(check.right().fields());
    for (String field : fields) {
      if (contents.get(field) instanceof BigDecimal value) {
        for (Slips.Slip slip : Slips.of(value)) {
          Map<String, Object> mended = new HashMap<>(contents);
          mended.put(field, slip.value());
          Object left = check.left().evaluate(mended);
          Object other = check.right().evaluate(mended);
          boolean holds =
              left instanceof BigDecimal a
                  && other instanceof BigDecimal b
                  && a.subtract(b).abs().compareTo(check.within()) <= 0;
          if (holds) {
            fits.add(field + " would be " + slip.value().toPlainString() + ": " + slip.words());
          }
        }
      }
    }
    return fits.size() == 1 ? "; " + fits.get(0) : "";
  }

  private static String values(List<String> fields, Map<String, Object> contents) {
    List<String> texts = new ArrayList<>();
    fields.forEach(f -> texts.add(f + " is " + contents.get(f)));
    return texts.isEmpty() ? "" : ": " + String.join(", ", texts);
  }
}
