package dev.inlay.check;

import dev.inlay.record.DataRecord;
import dev.inlay.record.DataSetPart;
import dev.inlay.record.FileRun;
import dev.inlay.record.Finding;
import dev.inlay.record.Severity;
import dev.inlay.spec.CheckSpec;
import dev.inlay.spec.ReportSpec;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Checks over all files of a batch: the same file or period twice, keys that come back in another
 * file, texts that no file has, values that jump from one period to the next.
 */
public final class BatchChecks {

  private BatchChecks() {}

  /** The same runs, with what was found told as findings of their files. */
  public static List<FileRun> told(ReportSpec spec, List<FileRun> runs) {
    List<FileRun> told = new ArrayList<>(runs);
    tellSameFiles(told);
    for (int set = 0; set < spec.dataSets().size(); set++) {
      for (CheckSpec check : spec.dataSets().get(set).checks()) {
        switch (check.kind()) {
          case UNIQUE, ONE_FILE_EACH -> tellKeys(check, set, told);
          case EXPECTED -> tellMissing(check, set, told);
          case CHANGE -> ChangeCheck.tell(check, set, told);
          default -> {
            // asked of each file alone
          }
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

  private static void tellMissing(CheckSpec check, int set, List<FileRun> runs) {
    if (!check.overBatch()) {
      return;
    }
    Set<String> texts = new HashSet<>();
    int last = -1;
    for (int i = 0; i < runs.size(); i++) {
      if (runs.get(i).parts().size() > set) {
        texts.addAll(Checks.texts(check, runs.get(i).parts().get(set)));
        last = i;
      }
    }
    List<String> missing = Checks.missing(check, texts);
    if (last >= 0 && !missing.isEmpty()) {
      String message = check.name() + ": in no file of the batch: " + String.join(", ", missing);
      Finding finding = Finding.of(Checks.severity(check), "check", "all files", message);
      runs.set(last, runs.get(last).with(List.of(finding)));
    }
  }

  private static void tellKeys(CheckSpec check, int set, List<FileRun> runs) {
    boolean files = check.kind() == CheckSpec.Kind.ONE_FILE_EACH;
    if (!files && !check.overBatch()) {
      return;
    }
    Map<List<Object>, DataRecord> seen = new HashMap<>();
    Severity severity = Checks.severity(check);
    for (int i = 0; i < runs.size(); i++) {
      FileRun run = runs.get(i);
      if (run.parts().size() <= set) {
        continue;
      }
      DataSetPart part = run.parts().get(set);
      List<Finding> findings = new ArrayList<>();
      for (DataRecord record : files ? firstOfEach(check, part) : part.records()) {
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

  /** The first record of each key: all rows of a file share its period. */
  private static Collection<DataRecord> firstOfEach(CheckSpec check, DataSetPart part) {
    Map<List<Object>, DataRecord> own = new LinkedHashMap<>();
    part.records().forEach(r -> own.putIfAbsent(Checks.key(r, check.fields()), r));
    return own.values();
  }
}
