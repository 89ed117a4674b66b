package dev.inlay.rows;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/** Counts where the rows of a file end while they are read. */
final class PartTally {

  private final String file;
  private final List<DataRecord> records = new ArrayList<>();
  private final List<HeldRecord> held = new ArrayList<>();
  private final List<Finding> findings = new ArrayList<>();
  private final Set<Finding> reasonsSaid = new HashSet<>();
  private final Map<String, Integer> leftOut = new TreeMap<>();
  private final RuleUses uses = new RuleUses();
  private final List<DataRecord> rows = new ArrayList<>();
  private final List<PrintedSum> sums = new ArrayList<>();
  private int read;

  PartTally(String file) {
    this.file = file;
  }

  String file() {
    return file;
  }

  RuleUses uses() {
    return uses;
  }

  /** Counts a row that is read; it must end in one of the other calls. */
  void read() {
    read++;
  }

  /** Notes a row's values, wherever it ends. */
  void row(DataRecord record) {
    rows.add(record);
  }

  /** All rows that were read as values, wherever they ended. */
  Stream<DataRecord> records() {
    return rows.stream();
  }

  int rows() {
    return rows.size();
  }

  void sum(PrintedSum sum) {
    sums.add(sum);
  }

  void accept(DataRecord record) {
    records.add(record);
  }

  /** Holds a row; a reason that holds several rows, as a value of the whole file, is said once. */
  void hold(DataRecord record, List<Finding> reasons) {
    held.add(new HeldRecord(record, reasons));
    reasons.stream().filter(reasonsSaid::add).forEach(findings::add);
  }

  void leaveOut(String rule, String text, int page) {
    leftOut.merge(rule, 1, Integer::sum);
    uses.took("leave out " + rule, text, page);
  }

  void say(Finding finding) {
    findings.add(finding);
  }

  void say(Severity severity, String code, String message) {
    findings.add(Finding.of(severity, code, file, message));
  }

  void say(Severity severity, String code, String message, Origin origin) {
    findings.add(Finding.at(severity, code, file, message, origin));
  }

  /** All of it, with the tables that it came from. */
  DataSetPart part(
      List<String> tables,
      List<String> columns,
      List<String> asked,
      Map<PrintedForm, PrintedForm.Seen> forms) {
    RowLedger ledger = new RowLedger(read, records.size(), held.size(), leftOut);
    return new DataSetPart(
        records,
        held,
        ledger,
        findings,
        tables,
        columns,
        asked,
        forms,
        uses.all(),
        rows,
        sums,
        Map.of());
  }
}
