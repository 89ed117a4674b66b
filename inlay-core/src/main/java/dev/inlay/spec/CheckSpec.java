package dev.inlay.spec;

import java.util.Locale;
import java.util.Optional;

/**
 * Something that must hold of the rows.
 *
 * @param name for findings
 * @param rule what is asked
 * @param where a condition on the rows that it is asked of; none asks all
 * @param severity {@code note}, {@code warning} or {@code error}
 * @param effect what happens to the rows of a finding
 * @param overResult whether it is asked of the rows that are written, all files together
 */
public record CheckSpec(
    String name,
    CheckRule rule,
    Optional<Expression> where,
    String severity,
    Effect effect,
    boolean overResult) {

  /** Whether it is asked of what each file gives by itself. */
  public boolean isOfFile() {
    return !overResult && !rule.overBatch();
  }

  /** What happens to the rows of a finding. */
  public enum Effect {
    /** Nothing. */
    REPORT,
    /** The row is held. */
    HOLD_ROW,
    /** The rows of the group are held. */
    HOLD_GROUP,
    /** The rows of the table are held. */
    HOLD_TABLE,
    /** The rows of the file are held. */
    HOLD_FILE;

    /** The words for it in specs. */
    String words() {
      return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
  }
}
