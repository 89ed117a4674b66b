package dev.inlay.rows;

import dev.inlay.model.RowKind;
import dev.inlay.spec.LeaveOutRule;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Says which rows of a table are left out, and by which rule. Takes the rows in order. */
final class RowFilter {

  private final List<LeaveOutRule> rules;
  private boolean begun;
  private boolean ended;

  RowFilter(List<LeaveOutRule> rules) {
    this.rules = rules;
  }

  /** Begins a table. */
  void beginTable() {
    begun = rules.stream().noneMatch(r -> r.before().isPresent());
    ended = false;
  }

  /** The name of the first rule, other than a condition, that takes a row. */
  Optional<String> ruleFor(SourceRow row) {
    String text = row.text();
    boolean endedBefore = ended;
    for (LeaveOutRule rule : rules) {
      begun |= rule.before().isPresent() && rule.before().get().isIn(text);
      ended |= rule.after().isPresent() && rule.after().get().isIn(text);
    }
    for (LeaveOutRule rule : rules) {
      boolean takes =
          rule.kind().isPresent() && isOfKind(rule.kind().get(), row)
              || rule.text().isPresent() && rule.text().get().isIn(text)
              || rule.before().isPresent() && !begun
              || rule.after().isPresent() && endedBefore;
      if (takes) {
        return Optional.of(rule.name());
      }
    }
    return Optional.empty();
  }

  private static boolean isOfKind(String kind, SourceRow row) {
    return kind.equals("blank")
        ? row.isBlank()
        : row.kind() != RowKind.BODY && row.kind().word().equals(kind);
  }

  /**
   * The name of the first rule whose condition a record meets.
   *
   * @param contents of the fields
   * @param unread fields whose text is no value of their type: of them a condition knows nothing
   * @throws IllegalArgumentException where a condition cannot be calculated
   */
  Optional<String> ruleFor(Map<String, Object> contents, Set<String> unread) {
    for (LeaveOutRule rule : rules) {
      boolean known =
          rule.where().isPresent()
              && rule.where().get().fields().stream().noneMatch(unread::contains);
      if (known && rule.where().get().holds(contents)) {
        return Optional.of(rule.name());
      }
    }
    return Optional.empty();
  }
}
