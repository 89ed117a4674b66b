package dev.inlay.check;

import dev.inlay.rows.CheckCount;
import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.Finding;
import dev.inlay.rows.RunResult;
import dev.inlay.rows.Severity;
import dev.inlay.spec.CheckRule;
import dev.inlay.spec.CheckSpec;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * Reports checks that found nothing to compare: they do not hold, they prove nothing. So a printed
 * sum that got lost is seen even where it is the sum that all rows are checked against.
 */
public final class NotAsked {

  /** The code of such a finding. */
  public static final String CODE = RunResult.NOT_ASKED;

  private NotAsked() {}

  /** Adds a finding where a check was asked in no file, or a sum is missing in some files only. */
  static void report(CheckSpec check, int set, List<FileRun> runs) {
    int last = -1;
    CheckCount all = CheckCount.NONE;
    for (int i = 0; i < runs.size(); i++) {
      if (hasRows(runs.get(i), set)) {
        all = all.plus(count(check, runs.get(i), set));
        last = i;
      }
    }
    if (last >= 0 && all.times() == 0) {
      String message = "was asked of nothing, in no file: " + missing(check.rule());
      runs.set(last, with(check, runs.get(last), Checks.ALL_FILES, message));
    } else if (isDueInEachFile(check)) {
      for (int i = 0; i < runs.size(); i++) {
        FileRun run = runs.get(i);
        if (hasRows(run, set) && count(check, run, set).times() == 0) {
          String message = "was asked of nothing in this file: " + missing(check.rule());
          runs.set(i, with(check, run, run.fileName(), message));
        }
      }
    }
  }

  /** Whether a file in which nothing is compared is unlike the others. */
  private static boolean isDueInEachFile(CheckSpec check) {
    return check.isOfFile()
        && check.where().isEmpty()
        && (check.rule() instanceof CheckRule.PrintedSums
            || check.rule() instanceof CheckRule.Equation
            || check.rule() instanceof CheckRule.Condition);
  }

  /** A finding that rows could not be asked, since a value that the check needs is missing. */
  static Finding ofRows(CheckSpec check, String file, List<DataRecord> rows, int of) {
    Set<String> missing = new TreeSet<>();
    for (DataRecord row : rows) {
      check.rule().fields().stream().filter(f -> row.value(f).isNothing()).forEach(missing::add);
    }
    String fields = String.join("', '", missing);
    String message =
        check.name()
            + ": could not be asked of "
            + rows.size()
            + (of == 1 ? " of 1 row" : " of " + of + " rows")
            + ", the first here: '"
            + fields
            + "' is empty; if that is right, say so with 'where' or 'default'";
    return Finding.at(Severity.WARNING, CODE, file, message, rows.get(0).origin());
  }

  private static FileRun with(CheckSpec check, FileRun run, String where, String message) {
    return run.with(
        List.of(
            Finding.of(Checks.severity(check), CODE, where, check.name() + ": " + message)
                .by(check.name())));
  }

  private static boolean hasRows(FileRun run, int set) {
    return run.parts().size() > set && run.parts().get(set).ledger().read() > 0;
  }

  private static CheckCount count(CheckSpec check, FileRun run, int set) {
    DataSetPart part = run.parts().get(set);
    return part.counts().getOrDefault(check.name(), CheckCount.NONE);
  }

  /** What a check would have needed, in words for a person. */
  private static String missing(CheckRule rule) {
    if (rule instanceof CheckRule.PrintedSums sums) {
      String kind = sums.totals() ? "total" : "subtotal";
      return "no " + kind + " with a value of '" + sums.field() + "' was read";
    }
    if (rule instanceof CheckRule.Pages pages) {
      return "no line holds the pattern " + pages.pattern();
    }
    return "no row has a value of " + String.join(", ", rule.fields());
  }
}
