package dev.inlay.extract;

import java.util.Locale;

/** How far a document could be read. */
public enum DocumentStatus {
  /** All pages asked for were read. */
  OK,
  /** Some pages could not be read. */
  PARTIAL,
  /** No page asked for has text. */
  NO_TEXT,
  /** It needs a password. */
  LOCKED,
  /** It cannot be read at all. */
  UNREADABLE;

  /** The word for it in files. */
  public String word() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** Whether some of what was asked for could not be read. */
  public boolean isFailure() {
    return this != OK;
  }
}
