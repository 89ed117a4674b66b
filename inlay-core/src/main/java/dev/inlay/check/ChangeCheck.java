package dev.inlay.check;

import dev.inlay.record.DataRecord;
import dev.inlay.record.FileRun;
import dev.inlay.record.Finding;
import dev.inlay.record.Value;
import dev.inlay.spec.CheckSpec;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Compares the values of a field with those of the period before, over all files of a batch. */
final class ChangeCheck {

  private ChangeCheck() {}

  /** A value of one period, and the file that it stands in. */
  private record Entry(int run, DataRecord record, Object period, BigDecimal value) {}

  /** Adds what the check finds to the runs. */
  static void tell(CheckSpec check, int set, List<FileRun> runs) {
    Map<List<Object>, List<Entry>> series = new LinkedHashMap<>();
    for (int i = 0; i < runs.size(); i++) {
      if (runs.get(i).parts().size() > set) {
        for (DataRecord record : runs.get(i).parts().get(set).records()) {
          Object period = record.value(check.fields().get(1)).content();
          if (period != null
              && record.value(check.fields().get(0)).content() instanceof BigDecimal number) {
            series
                .computeIfAbsent(Checks.key(record, check.by()), k -> new ArrayList<>())
                .add(new Entry(i, record, period, number));
          }
        }
      }
    }
    for (List<Entry> entries : series.values()) {
      entries.sort(Comparator.comparing(Entry::period, ChangeCheck::compare));
      for (int i = 1; i < entries.size(); i++) {
        tell(check, entries.get(i - 1), entries.get(i), runs);
      }
    }
  }

  @SuppressWarnings("unchecked")
  private static int compare(Object a, Object b) {
    // all values of a field are of its type, so that they compare
    return ((Comparable<Object>) a).compareTo(b);
  }

  private static void tell(CheckSpec check, Entry before, Entry now, List<FileRun> runs) {
    BigDecimal change = now.value().subtract(before.value());
    BigDecimal most =
        check.inShare() ? before.value().abs().multiply(check.within()) : check.within();
    if (compare(before.period(), now.period()) == 0 || change.abs().compareTo(most) <= 0) {
      return;
    }
    FileRun run = runs.get(now.run());
    String message =
        check.name()
            + ": "
            + now.value().toPlainString()
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
    Value value = now.record().value(check.fields().get(0));
    runs.set(
        now.run(),
        run.with(
            List.of(
                Finding.at(
                    Checks.severity(check),
                    "check",
                    run.fileName(),
                    message,
                    value.origin().orElse(now.record().origin())))));
  }
}
