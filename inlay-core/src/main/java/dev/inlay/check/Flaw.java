package dev.inlay.check;

import dev.inlay.rows.Evidence;

/**
 * What a check finds wrong.
 *
 * @param message in words that a person can act on
 * @param evidence what was compared
 * @param isExplained whether its cause is known, and is none but its own
 */
record Flaw(String message, Evidence evidence, boolean isExplained) {

  /** A flaw that is explained where its evidence names a cause. */
  Flaw(String message, Evidence evidence) {
    this(message, evidence, !evidence.cause().isEmpty());
  }
}
