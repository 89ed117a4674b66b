package dev.inlay.check;

import dev.inlay.rows.Evidence;
import dev.inlay.spec.CheckRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Checks a condition over the fields of each row. */
record ConditionCheck(CheckRule.Condition rule) implements RowCheck {

  @Override
  public Optional<Flaw> flaw(Map<String, Object> contents) {
    Object held = rule.condition().evaluate(contents);
    if (held == null) {
      return Optional.empty();
    }
    return Optional.of(
        Boolean.TRUE.equals(held)
            ? NONE
            : new Flaw(
                "'" + rule.condition() + "' does not hold" + values(contents),
                Evidence.of(
                    String.join(", ", rule.condition().fields()),
                    rule.condition().fields().stream()
                        .map(f -> Rows.shown(contents.get(f)))
                        .collect(Collectors.joining(", ")),
                    rule.condition().toString())));
  }

  private String values(Map<String, Object> contents) {
    List<String> texts = new ArrayList<>();
    rule.condition().fields().forEach(f -> texts.add(f + " is " + Rows.shown(contents.get(f))));
    return texts.isEmpty() ? "" : ": " + String.join(", ", texts);
  }
}
