package dev.inlay.check;

import dev.inlay.rows.CheckCount;
import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.DataSetShaping;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.Finding;
import dev.inlay.rows.Origin;
import dev.inlay.rows.RunResult;
import dev.inlay.spec.CheckSpec;
import dev.inlay.spec.DataSetSpec;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Asks a check of the rows that are written: of all files together, after rows became columns, were
 * added up and sorted.
 */
final class ResultCheck implements CheckReport {

  private final CheckSpec check;
  private final RowProofs proofs = new RowProofs();
  private final List<Finding> findings = new ArrayList<>();
  private CheckCount count = CheckCount.NONE;

  private ResultCheck(CheckSpec check) {
    this.check = check;
  }

  /** Makes the check; what it finds and how often it was asked goes to the last file with rows. */
  static void make(CheckSpec check, DataSetSpec dataSet, int set, List<FileRun> runs) {
    int last = -1;
    for (int i = 0; i < runs.size(); i++) {
      last = runs.get(i).parts().size() > set ? i : last;
    }
    if (last < 0) {
      return;
    }
    List<DataRecord> rows = DataSetShaping.shaped(dataSet, RunResult.records(runs, set)).records();
    ResultCheck made = new ResultCheck(check);
    DataSetPart part = runs.get(last).parts().get(set).of(rows);
    Checks.of(check.rule(), List.of()).make(Checks.asked(check, part), made);
    runs.set(last, runs.get(last).counted(set, check.name(), made.count).with(made.findings));
  }

  /** A row of sums is found at the first of the rows that it adds up, and named by its keys. */
  @Override
  public void say(Flaw flaw, Origin at, List<DataRecord> row, List<DataRecord> group) {
    if (row.size() != 1) {
      findings.add(Checks.finding(check, flaw.message()).with(flaw.evidence()));
      return;
    }
    DataRecord one = row.get(0);
    String name = one.words().isEmpty() ? "" : one.words() + ": ";
    Flaw named = new Flaw(name + flaw.message(), flaw.evidence().inRow(one));
    findings.add(Checks.finding(check, one.file(), named, at));
  }

  @Override
  public void asked(int rows) {
    count = count.plus(new CheckCount(1, rows));
  }

  @Override
  public void proved(DataRecord row, Set<String> fields) {
    proofs.add(check, row, fields);
  }

  @Override
  public RowProofs proofs() {
    return proofs;
  }

  @Override
  public void added(List<DataRecord> rows) {
    asked(rows.size());
  }

  @Override
  public void notAsked(List<DataRecord> rows, int of) {
    findings.add(NotAsked.ofRows(check, Checks.ALL_FILES, rows, of));
  }

  /** Each is asked by itself: no other sum stands above it. */
  @Override
  public boolean isReported(List<DataRecord> rows, BigDecimal off) {
    return false;
  }
}
