package dev.inlay.rows;

import java.util.Locale;

/** How much a finding matters. */
public enum Severity {
  /** Good to know. */
  NOTE,
  /** Look at it. */
  WARNING,
  /** Something is wrong, or was held. */
  ERROR;

  /** The word for it in files. */
  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }
}
