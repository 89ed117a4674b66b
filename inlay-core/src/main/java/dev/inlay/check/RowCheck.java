package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A check of each row by itself. */
interface RowCheck extends FileCheck {

  /**
   * What is wrong with a row, an empty text where nothing is; no text where a value that it needs
   * is missing, so that it cannot be asked.
   *
   * @param contents of its fields, as expressions take them
   * @throws IllegalArgumentException with a message for a person where it cannot be reckoned
   */
  Optional<String> flaw(Map<String, Object> contents);

  @Override
  default void make(DataSetPart part, CheckReport report) {
    List<DataRecord> without = new ArrayList<>();
    for (DataRecord record : part.records()) {
      Optional<String> flaw;
      try {
        flaw = flaw(Rows.contents(record));
      } catch (IllegalArgumentException e) {
        flaw = Optional.of(e.getMessage());
      }
      flaw.ifPresentOrElse(f -> report.asked(1), () -> without.add(record));
      if (flaw.isPresent() && !flaw.get().isEmpty()) {
        report.say(flaw.get(), record.origin(), List.of(record), List.of(record));
      }
    }
    if (!without.isEmpty() && without.size() < part.records().size()) {
      report.notAsked(without, part.records().size());
    }
  }
}
