package dev.inlay.rows;

import dev.inlay.spec.CheckSpec;
import dev.inlay.spec.ReportSpec;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a run gave.
 *
 * @param report what the kind of report is called
 * @param dataSets typed rows, one for each data set of the spec
 * @param checks the names of what its spec asked to hold
 * @param files in their order
 */
public record RunResult(
    String report, List<DataSet> dataSets, List<String> checks, List<FileRun> files) {

  /** The code of a finding that a check found nothing to compare. */
  public static final String NOT_ASKED = "check-not-asked";

  /** Keeps copies that cannot change. */
  public RunResult {
    dataSets = List.copyOf(dataSets);
    checks = List.copyOf(checks);
    files = List.copyOf(files);
  }

  /** The result of a run over files. */
  public static RunResult of(ReportSpec spec, List<FileRun> files) {
    List<DataSet> sets = new ArrayList<>();
    for (int i = 0; i < spec.dataSets().size(); i++) {
      sets.add(DataSetShaping.of(spec.dataSets().get(i), records(files, i)));
    }
    List<String> checks =
        spec.dataSets().stream().flatMap(s -> s.checks().stream()).map(CheckSpec::name).toList();
    List<FileRun> balanced = files.stream().map(RunResult::withUnbalanced).toList();
    return new RunResult(spec.report(), sets, checks, balanced);
  }

  /** The accepted records that files give to one data set, in the order of the files. */
  public static List<DataRecord> records(List<FileRun> files, int set) {
    return files.stream()
        .filter(f -> f.parts().size() > set)
        .flatMap(f -> f.parts().get(set).records().stream())
        .toList();
  }

  /** A file with a finding where its ledgers do not balance: that is a fault of Inlay. */
  private static FileRun withUnbalanced(FileRun file) {
    if (file.balances()) {
      return file;
    }
    String message =
        "the ledger of this file does not balance, so rows or characters may be lost; please"
            + " report it";
    Finding finding = Finding.of(Severity.ERROR, "unbalanced-ledger", file.fileName(), message);
    return file.with(List.of(finding));
  }

  /** All findings, in the order of the files. */
  public List<Finding> findings() {
    return files.stream().flatMap(f -> f.allFindings().stream()).toList();
  }

  /** All held records, in the order of the files. */
  public List<HeldRecord> held() {
    return files.stream().flatMap(f -> f.parts().stream()).flatMap(p -> p.held().stream()).toList();
  }

  /** What each check says, in the order of the spec. */
  public List<CheckResult> checkResults() {
    Map<String, CheckResult.State> gravest = new HashMap<>();
    for (Finding finding : findings()) {
      finding
          .check()
          .ifPresent(
              name ->
                  gravest.merge(
                      name, CheckResult.State.of(finding), (a, b) -> a.compareTo(b) > 0 ? a : b));
    }
    return checks.stream()
        .map(
            name ->
                new CheckResult(
                    name, gravest.getOrDefault(name, CheckResult.State.HOLDS), count(name)))
        .toList();
  }

  private CheckCount count(String check) {
    return files.stream()
        .flatMap(f -> f.parts().stream())
        .map(p -> p.counts().getOrDefault(check, CheckCount.NONE))
        .reduce(CheckCount.NONE, CheckCount::plus);
  }

  /** How often the checks of all files found something to compare. */
  public int asked() {
    return files.stream()
        .flatMap(f -> f.parts().stream())
        .flatMap(p -> p.counts().values().stream())
        .mapToInt(CheckCount::times)
        .sum();
  }

  /** Where the rows of all files ended. */
  public RowLedger rows() {
    return files.stream().map(FileRun::rows).reduce(RowLedger.EMPTY, RowLedger::plus);
  }
}
