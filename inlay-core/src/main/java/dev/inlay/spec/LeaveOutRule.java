package dev.inlay.spec;

import java.util.Optional;

/**
 * Rows that are left out, and counted under the rule's name.
 *
 * @param name for the summary
 * @param kind all rows of a kind, in the words of extract; or {@code blank}
 * @param where a condition over the fields
 * @param text a pattern found in the row's text
 * @param before all rows above the first that holds this text
 * @param after all rows below the first that holds this text
 */
public record LeaveOutRule(
    String name,
    Optional<String> kind,
    Optional<Expression> where,
    Optional<TextPattern> text,
    Optional<TextPattern> before,
    Optional<TextPattern> after) {

  /** A rule for rows of a kind. */
  static LeaveOutRule ofKind(String name, String kind) {
    return new LeaveOutRule(
        name,
        Optional.of(kind),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }
}
