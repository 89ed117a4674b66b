package dev.inlay.rows;

import java.util.List;

/**
 * A record that waits for a person.
 *
 * @param record with the values that could be read
 * @param reasons why it is held; at least one
 */
public record HeldRecord(DataRecord record, List<Finding> reasons) {

  /** Keeps a copy that cannot change. */
  public HeldRecord {
    reasons = List.copyOf(reasons);
  }
}
