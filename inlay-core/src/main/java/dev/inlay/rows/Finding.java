package dev.inlay.rows;

import dev.inlay.model.WarningCode;
import java.util.Optional;

/**
 * Something that is to be said of a file, a table or a value.
 *
 * @param severity how much it matters
 * @param code a short name of its kind, documented in docs/
 * @param file the name of the file
 * @param message in words that a person can act on
 * @param origin the place that it concerns, where it is one
 * @param check the name of the check that it comes from, where it is one's
 */
public record Finding(
    Severity severity,
    String code,
    String file,
    String message,
    Optional<Origin> origin,
    Optional<String> check) {

  /** The code of a finding that a table lacks a column which a field needs. */
  public static final String MISSING_COLUMN = "missing-column";

  /** A finding of a place. */
  public static Finding at(
      Severity severity, String code, String file, String message, Origin origin) {
    return new Finding(severity, code, file, message, Optional.of(origin), Optional.empty());
  }

  /** A finding of a whole file. */
  public static Finding of(Severity severity, String code, String file, String message) {
    return new Finding(severity, code, file, message, Optional.empty(), Optional.empty());
  }

  /** Whether nothing but an estimate speaks: other tables that look like this one were wrong. */
  public boolean isEstimate() {
    return code.equals(WarningCode.UNSURE.code());
  }

  /** The same, told by a check. */
  public Finding by(String checkName) {
    return new Finding(severity, code, file, message, origin, Optional.of(checkName));
  }
}
