package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.Evidence;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.Origin;
import dev.inlay.spec.CheckRule;
import dev.inlay.spec.CheckSpec;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Compares the values of a field with those of the period before, over all files of a batch. */
final class ChangeCheck {

  private final CheckSpec check;
  private final CheckRule.Change rule;
  private final int set;

  /**
   * Prepares the check.
   *
   * @param set the number of its data set, from 0
   */
  ChangeCheck(CheckSpec check, CheckRule.Change rule, int set) {
    this.check = check;
    this.rule = rule;
    this.set = set;
  }

  /** A value of one period, and the file that it stands in. */
  private record Entry(int run, DataRecord record, Object period, BigDecimal value) {}

  /** Adds what the check finds to the runs. */
  void report(List<FileRun> runs) {
    Map<List<Object>, List<Entry>> series = new LinkedHashMap<>();
    for (int i = 0; i < runs.size(); i++) {
      if (runs.get(i).parts().size() > set) {
        for (DataRecord record : Checks.asked(check, runs.get(i).parts().get(set)).records()) {
          Object period = record.value(rule.along()).content();
          Optional<BigDecimal> number = record.number(rule.field());
          if (period != null && number.isPresent()) {
            series
                .computeIfAbsent(Rows.key(record, rule.by()), k -> new ArrayList<>())
                .add(new Entry(i, record, period, number.get()));
          }
        }
      }
    }
    for (List<Entry> entries : series.values()) {
      entries.sort(Comparator.comparing(Entry::period, Rows::compare));
      for (int i = 1; i < entries.size(); i++) {
        report(entries.get(i - 1), entries.get(i), runs);
      }
    }
  }

  private void report(Entry before, Entry now, List<FileRun> runs) {
    BigDecimal change = now.value().subtract(before.value());
    BigDecimal most = rule.inShare() ? before.value().abs().multiply(rule.most()) : rule.most();
    if (Rows.compare(before.period(), now.period()) == 0 || change.abs().compareTo(most) <= 0) {
      return;
    }
    FileRun run = runs.get(now.run());
    String message =
        now.value().toPlainString()
            + " follows "
            + before.value().toPlainString()
            + " of "
            + before.period()
            + " (change "
            + change.toPlainString()
            + ", at most "
            + most.stripTrailingZeros().toPlainString()
            + " was expected); the one before: "
            + before.record().file()
            + ", page "
            + before.record().origin().page();
    Origin at = now.record().originOf(rule.field());
    Flaw flaw = new Flaw(message, Evidence.of(rule.field(), now.value(), before.value()));
    runs.set(now.run(), run.with(List.of(Checks.finding(check, run.fileName(), flaw, at))));
  }
}
