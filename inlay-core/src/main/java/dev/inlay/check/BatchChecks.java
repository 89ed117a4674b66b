package dev.inlay.check;

import dev.inlay.record.DataRecord;
import dev.inlay.record.DataSetPart;
import dev.inlay.record.FileRun;
import dev.inlay.record.Finding;
import dev.inlay.record.Severity;
import dev.inlay.spec.CheckSpec;
import dev.inlay.spec.ReportSpec;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Checks over all files of a batch: the same file twice, keys that come back in another file. */
public final class BatchChecks {

  private BatchChecks() {}

  /** The same runs, with what was found told as findings of their files. */
  public static List<FileRun> told(ReportSpec spec, List<FileRun> runs) {
    List<FileRun> told = new ArrayList<>(runs);
    tellSameFiles(told);
    for (int set = 0; set < spec.dataSets().size(); set++) {
      for (CheckSpec check : spec.dataSets().get(set).checks()) {
        if (check.kind() == CheckSpec.Kind.UNIQUE && check.overBatch()) {
          tellKeys(check, set, told);
        }
      }
    }
    return told;
  }

  private static void tellSameFiles(List<FileRun> runs) {
    Map<String, FileRun> seen = new HashMap<>();
    for (int i = 0; i < runs.size(); i++) {
      FileRun run = runs.get(i);
      FileRun first = run.sha256().isEmpty() ? null : seen.putIfAbsent(run.sha256(), run);
      if (first != null) {
        String message = "is the same file as " + first.path() + ", byte for byte: leave one out";
        runs.set(
            i, run.with(List.of(Finding.of(Severity.ERROR, "same-file", run.fileName(), message))));
      }
    }
  }

  private static void tellKeys(CheckSpec check, int set, List<FileRun> runs) {
    Map<List<Object>, DataRecord> seen = new HashMap<>();
    Severity severity = Severity.valueOf(check.severity().toUpperCase(Locale.ROOT));
    for (int i = 0; i < runs.size(); i++) {
      FileRun run = runs.get(i);
      if (run.parts().size() <= set) {
        continue;
      }
      DataSetPart part = run.parts().get(set);
      List<Finding> findings = new ArrayList<>();
      for (DataRecord record : part.records()) {
        List<Object> key = Checks.key(record, check.fields());
        DataRecord first = seen.putIfAbsent(key, record);
        if (first != null) {
          String message = check.name() + ": " + Checks.twice(key, first);
          findings.add(Finding.at(severity, "check", run.fileName(), message, record.origin()));
        }
      }
      runs.set(i, findings.isEmpty() ? run : run.with(findings));
    }
  }
}
