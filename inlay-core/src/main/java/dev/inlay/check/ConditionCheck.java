package dev.inlay.check;

import dev.inlay.record.DataRecord;
import dev.inlay.record.DataSetPart;
import dev.inlay.spec.CheckRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Checks a condition over the fields of each row. */
record ConditionCheck(CheckRule.Condition rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, Teller teller) {
    for (DataRecord record : part.records()) {
      String flaw = flaw(Rows.contents(record));
      if (!flaw.isEmpty()) {
        teller.say(flaw, record.origin(), List.of(record), List.of(record));
      }
    }
  }

  /** What is wrong with a row; empty where nothing is, or a value that it needs is missing. */
  private String flaw(Map<String, Object> contents) {
    try {
      Object held = rule.condition().evaluate(contents);
      return held == null || Boolean.TRUE.equals(held)
          ? ""
          : "'" + rule.condition() + "' does not hold" + values(contents);
    } catch (IllegalArgumentException e) {
      return e.getMessage();
    }
  }

  private String values(Map<String, Object> contents) {
    List<String> texts = new ArrayList<>();
    rule.condition().fields().forEach(f -> texts.add(f + " is " + contents.get(f)));
    return texts.isEmpty() ? "" : ": " + String.join(", ", texts);
  }
}
