package dev.inlay.check;

import dev.inlay.rows.CheckCount;
import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.Finding;
import dev.inlay.rows.Severity;
import dev.inlay.spec.CheckRule;
import dev.inlay.spec.CheckSpec;
import dev.inlay.spec.ReportSpec;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * Checks over all files of a batch: the same file or period twice, keys that come back in another
 * file, texts that no file has, values that jump from one period to the next.
 */
public final class BatchChecks {

  private static final String SAME_FILE = "same-file";

  private BatchChecks() {}

  /** The same runs, with what was found as findings of their files. */
  public static List<FileRun> made(ReportSpec spec, List<FileRun> runs) {
    List<FileRun> checked = new ArrayList<>(runs);
    reportSameFiles(checked);
    for (int set = 0; set < spec.dataSets().size(); set++) {
      for (CheckSpec check : spec.dataSets().get(set).checks()) {
        if (check.overResult()) {
          ResultCheck.make(check, spec.dataSets().get(set), set, checked);
        } else if (check.rule().overBatch()) {
          report(check, set, checked);
          count(check, set, checked);
        }
        NotAsked.report(check, set, checked);
      }
    }
    return checked;
  }

  private static void report(CheckSpec check, int set, List<FileRun> runs) {
    CheckRule rule = check.rule();
    if (rule instanceof CheckRule.Unique unique) {
      reportKeys(check, set, runs, DataSetPart::records, unique.fields());
    } else if (rule instanceof CheckRule.OneFileEach period) {
      reportKeys(check, set, runs, part -> firstOfEach(period, part), period.fields());
    } else if (rule instanceof CheckRule.Count count) {
      reportCounts(check, count, set, runs);
    } else if (rule instanceof CheckRule.Expected expected) {
      reportMissing(check, expected, set, runs);
    } else if (rule instanceof CheckRule.Change change) {
      new ChangeCheck(check, change, set).report(runs);
    } else {
      throw new IllegalArgumentException("no check over all files: " + rule);
    }
  }

  /** Counts the rows that a check over all files compares: those with a value that it asks for. */
  private static void count(CheckSpec check, int set, List<FileRun> runs) {
    for (int i = 0; i < runs.size(); i++) {
      FileRun run = runs.get(i);
      if (run.parts().size() > set) {
        int rows =
            (int)
                Checks.asked(check, run.parts().get(set)).records().stream()
                    .filter(
                        r ->
                            check.rule().fields().isEmpty()
                                || check.rule().fields().stream()
                                    .anyMatch(f -> !r.value(f).isNothing()))
                    .count();
        runs.set(i, rows == 0 ? run : run.counted(set, check.name(), new CheckCount(1, rows)));
      }
    }
  }

  private static void reportSameFiles(List<FileRun> runs) {
    Map<String, FileRun> seen = new HashMap<>();
    for (int i = 0; i < runs.size(); i++) {
      FileRun run = runs.get(i);
      FileRun first = run.sha256().isEmpty() ? null : seen.putIfAbsent(run.sha256(), run);
      if (first != null) {
        String message = "is the same file as " + first.path() + ", byte for byte: leave one out";
        runs.set(
            i, run.with(List.of(Finding.of(Severity.ERROR, SAME_FILE, run.fileName(), message))));
      }
    }
  }

  /** The finding that a file came already, from which it follows that its keys did, too. */
  private static Optional<Finding> sameFile(FileRun run) {
    return run.findings().stream().filter(f -> f.code().equals(SAME_FILE)).findFirst();
  }

  private static void reportCounts(
      CheckSpec check, CheckRule.Count rule, int set, List<FileRun> runs) {
    List<DataRecord> rows = new ArrayList<>();
    int last = -1;
    for (int i = 0; i < runs.size(); i++) {
      if (runs.get(i).parts().size() > set) {
        DataSetPart part = Checks.asked(check, runs.get(i).parts().get(set));
        rows.addAll(part.records());
        part.held().forEach(h -> rows.add(h.record()));
        last = i;
      }
    }
    CountCheck count = new CountCheck(rule);
    for (List<DataRecord> group : count.groups(rows)) {
      Optional<Flaw> flaw = count.flaw(group);
      if (last >= 0 && flaw.isPresent()) {
        Finding finding = Checks.finding(check, flaw.get().message()).with(flaw.get().evidence());
        runs.set(last, runs.get(last).with(List.of(finding)));
      }
    }
  }

  private static void reportMissing(
      CheckSpec check, CheckRule.Expected rule, int set, List<FileRun> runs) {
    Set<String> texts = new HashSet<>();
    int last = -1;
    for (int i = 0; i < runs.size(); i++) {
      if (runs.get(i).parts().size() > set) {
        texts.addAll(Rows.texts(Checks.asked(check, runs.get(i).parts().get(set)), rule.field()));
        last = i;
      }
    }
    List<String> missing = ExpectedCheck.missing(rule, texts);
    if (last >= 0 && !missing.isEmpty()) {
      String message = "in no file of the batch: " + String.join(", ", missing);
      runs.set(last, runs.get(last).with(List.of(Checks.finding(check, message))));
    }
  }

  private static void reportKeys(
      CheckSpec check,
      int set,
      List<FileRun> runs,
      Function<DataSetPart, Collection<DataRecord>> recordsOf,
      List<String> fields) {
    Map<List<Object>, DataRecord> seen = new HashMap<>();
    for (int i = 0; i < runs.size(); i++) {
      FileRun run = runs.get(i);
      if (run.parts().size() <= set) {
        continue;
      }
      List<Finding> findings = new ArrayList<>();
      for (DataRecord record : recordsOf.apply(Checks.asked(check, run.parts().get(set)))) {
        List<Object> key = Rows.key(record, fields);
        DataRecord first = seen.putIfAbsent(key, record);
        if (first != null) {
          Flaw flaw = Rows.twice(fields, key, first);
          Finding finding = Checks.finding(check, run.fileName(), flaw, record.origin());
          findings.add(sameFile(run).map(finding::following).orElse(finding));
        }
      }
      runs.set(i, findings.isEmpty() ? run : run.with(findings));
    }
  }

  /** The first record of each key: all rows of a file share its period. */
  private static Collection<DataRecord> firstOfEach(CheckRule.OneFileEach rule, DataSetPart part) {
    Map<List<Object>, DataRecord> own = new LinkedHashMap<>();
    part.records().forEach(r -> own.putIfAbsent(Rows.key(r, rule.fields()), r));
    return own.values();
  }
}
