package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.rows.Origin;
import dev.inlay.spec.CheckRule;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * Checks the number of rows of each group, or of different values in it, against a value that is
 * printed for it or against what the spec says.
 */
record CountCheck(CheckRule.Count rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, CheckReport report) {
    for (List<DataRecord> rows : groups(part.rows())) {
      Origin at = rows.isEmpty() ? Origin.FIRST_PAGE : rows.get(0).originOf(rule.is());
      if (rule.range().isPresent()) {
        report.asked(rows.size());
        flaw(rows).ifPresent(f -> report.say(f, at, List.of(), rows));
      } else {
        compare(rows, at, report);
      }
    }
  }

  /**
   * The groups that are counted: where the spec says how many rows there are, none are one, too.
   */
  List<List<DataRecord>> groups(List<DataRecord> rows) {
    boolean none = rows.isEmpty() && rule.range().isPresent() && rule.by().isEmpty();
    return none ? List.of(List.of()) : Rows.groups(rows, rule.by());
  }

  /** What is wrong with the number, where the spec says how many there may be. */
  Optional<Flaw> flaw(List<DataRecord> rows) {
    CheckRule.Range range = rule.range().orElseThrow();
    int count = count(rows);
    if (count >= range.least() && count <= range.most()) {
      return Optional.empty();
    }
    String group =
        rule.by().isEmpty() ? "" : Rows.shownKey(Rows.key(rows.get(0), rule.by())) + ": ";
    Evidence evidence = Evidence.of(rule.of(), "" + count, range.toString());
    return Optional.of(new Flaw(group + words(count) + ", expected: " + range, evidence));
  }

  private void compare(List<DataRecord> rows, Origin at, CheckReport report) {
    Optional<BigDecimal> printed = rows.get(0).number(rule.is());
    if (printed.isEmpty()) {
      return;
    }
    report.asked(rows.size());
    BigDecimal count = BigDecimal.valueOf(count(rows));
    if (printed.get().compareTo(count) != 0) {
      String message = words(count.intValue()) + ", printed is " + printed.get().toPlainString();
      report.say(
          new Flaw(message, Evidence.of(rule.is(), printed.get(), count)), at, List.of(), rows);
    }
  }

  private int count(List<DataRecord> rows) {
    return rule.of().isEmpty()
        ? rows.size()
        : (int)
            rows.stream()
                .filter(r -> !r.value(rule.of()).isNothing())
                .map(r -> Rows.key(r, List.of(rule.of())))
                .distinct()
                .count();
  }

  private String words(int count) {
    String of =
        rule.of().isEmpty()
            ? count == 1 ? "row" : "rows"
            : "different " + (count == 1 ? "value" : "values") + " of " + rule.of();
    return (count == 1 ? "there is " : "there are ") + count + " " + of;
  }
}
