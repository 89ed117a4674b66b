package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A check of each row by itself. */
interface RowCheck extends FileCheck {

  /** Nothing is wrong. */
  Flaw NONE = new Flaw("", Evidence.NONE);

  /**
   * What is wrong with a row, {@link #NONE} where nothing is; empty where a value that it needs is
   * missing, so that it cannot be asked.
   *
   * @param contents of its fields, as expressions take them
   * @throws IllegalArgumentException with a message for a person where it cannot be calculated
   */
  Optional<Flaw> flaw(Map<String, Object> contents);

  /** The fields whose figures a row is right in where nothing is wrong with it. */
  default Set<String> proven() {
    return Set.of();
  }

  @Override
  default void make(DataSetPart part, CheckReport report) {
    List<DataRecord> without = new ArrayList<>();
    for (DataRecord record : part.records()) {
      Optional<Flaw> flaw;
      try {
        flaw = flaw(Rows.contents(record));
      } catch (IllegalArgumentException e) {
        flaw = Optional.of(new Flaw(e.getMessage(), Evidence.NONE));
      }
      flaw.ifPresentOrElse(f -> report.asked(1), () -> without.add(record));
      if (flaw.isPresent() && flaw.get() == NONE) {
        report.proved(record, proven());
      } else if (flaw.isPresent()) {
        report.say(flaw.get(), record.origin(), List.of(record), List.of(record));
      }
    }
    if (!without.isEmpty() && without.size() < part.records().size()) {
      report.notAsked(without, part.records().size());
    }
  }
}
