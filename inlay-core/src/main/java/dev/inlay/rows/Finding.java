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
 * @param evidence what it compares
 * @param cause the finding that it follows from, where another explains it
 */
public record Finding(
    Severity severity,
    String code,
    String file,
    String message,
    Optional<Origin> origin,
    Optional<String> check,
    Evidence evidence,
    Optional<Finding> cause) {

  /** The code of a finding that a table lacks a column which a field needs. */
  public static final String MISSING_COLUMN = "missing-column";

  /** A finding of a place. */
  public static Finding at(
      Severity severity, String code, String file, String message, Origin origin) {
    return of(severity, code, file, message).at(Optional.of(origin));
  }

  /** A finding of a whole file. */
  public static Finding of(Severity severity, String code, String file, String message) {
    return new Finding(
        severity,
        code,
        file,
        message,
        Optional.empty(),
        Optional.empty(),
        Evidence.NONE,
        Optional.empty());
  }

  /** Whether nothing but an estimate speaks: other tables that look like this one were wrong. */
  public boolean isEstimate() {
    return code.equals(WarningCode.UNSURE.code());
  }

  private Finding at(Optional<Origin> place) {
    return new Finding(severity, code, file, message, place, check, evidence, cause);
  }

  /** The same, made by a check. */
  public Finding by(String checkName) {
    return new Finding(
        severity, code, file, message, origin, Optional.of(checkName), evidence, cause);
  }

  /** The same with what it compares. */
  public Finding with(Evidence compared) {
    return new Finding(severity, code, file, message, origin, check, compared, cause);
  }

  /** The same as a consequence of another finding, which is its cause instead of any guessed. */
  public Finding following(Finding other) {
    String guessed = evidence.cause();
    String known = other.evidence.cause().isEmpty() ? other.message : other.evidence.cause();
    String said =
        guessed.isEmpty() || !message.endsWith(guessed)
            ? message
            : message.substring(0, message.length() - guessed.length()) + known;
    Evidence explained = evidence.because(known);
    return new Finding(severity, code, file, said, origin, check, explained, Optional.of(other));
  }
}
