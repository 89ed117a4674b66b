package dev.inlay.check;

import dev.inlay.record.DataRecord;
import dev.inlay.record.DataSetPart;
import java.util.List;
import java.util.Map;

/** A check of each row by itself. */
interface RowCheck extends FileCheck {

  /**
   * What is wrong with a row; empty where nothing is, or a value that it needs is missing.
   *
   * @param contents of its fields, as expressions take them
   * @throws IllegalArgumentException with a message for a person where it cannot be reckoned
   */
  String flaw(Map<String, Object> contents);

  @Override
  default void make(DataSetPart part, Teller teller) {
    for (DataRecord record : part.records()) {
      String flaw;
      try {
        flaw = flaw(Rows.contents(record));
      } catch (IllegalArgumentException e) {
        flaw = e.getMessage();
      }
      if (!flaw.isEmpty()) {
        teller.say(flaw, record.origin(), List.of(record), List.of(record));
      }
    }
  }
}
