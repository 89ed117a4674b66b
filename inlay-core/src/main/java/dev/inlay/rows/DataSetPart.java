package dev.inlay.rows;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/**
 * What one file gives to a data set.
 *
 * @param records accepted
 * @param held those that wait for a person
 * @param ledger where its rows ended
 * @param findings all that is to be said, those of held records included
 * @param tables the ids of the tables it came from
 * @param columns of the first table: the field that each gives, or its heading where it gives none
 * @param asked the fields that columns gave, in the order of the columns
 * @param forms how its fields are printed
 * @param uses what each rule took
 * @param rows all rows that were read as values, accepted, held or left out by a condition
 * @param sums that its tables print
 * @param counts how often each check was asked, by its name
 */
public record DataSetPart(
    List<DataRecord> records,
    List<HeldRecord> held,
    RowLedger ledger,
    List<Finding> findings,
    List<String> tables,
    List<String> columns,
    List<String> asked,
    Map<PrintedForm, PrintedForm.Seen> forms,
    List<RuleUse> uses,
    List<DataRecord> rows,
    List<PrintedSum> sums,
    Map<String, CheckCount> counts) {

  /** Keeps copies that cannot change. */
  public DataSetPart {
    records = List.copyOf(records);
    held = List.copyOf(held);
    findings = List.copyOf(findings);
    tables = List.copyOf(tables);
    columns = List.copyOf(columns);
    asked = List.copyOf(asked);
    forms = Map.copyOf(forms);
    uses = List.copyOf(uses);
    rows = List.copyOf(rows);
    sums = List.copyOf(sums);
    counts = Map.copyOf(counts);
  }

  /** The same with those rows only that are wanted, and the sums among them. */
  public DataSetPart only(Predicate<DataRecord> wanted) {
    int[] before = new int[rows.size() + 1];
    for (int i = 0; i < rows.size(); i++) {
      before[i + 1] = before[i] + (wanted.test(rows.get(i)) ? 1 : 0);
    }
    List<PrintedSum> among =
        sums.stream().map(s -> s.at(before[s.firstRow()], before[s.rowsBefore()])).toList();
    List<DataRecord> left = rows.stream().filter(wanted).toList();
    return with(
        records.stream().filter(wanted).toList(), held, ledger, findings, left, among, counts);
  }

  /** The same with other rows, all of them accepted, and no printed sums. */
  public DataSetPart of(List<DataRecord> others) {
    RowLedger all = new RowLedger(others.size(), others.size(), 0, Map.of());
    return with(others, List.of(), all, List.of(), others, List.of(), Map.of());
  }

  /** The same, one more check counted. */
  DataSetPart counted(String check, CheckCount count) {
    Map<String, CheckCount> all = new HashMap<>(counts);
    all.put(check, count);
    return with(records, held, ledger, findings, rows, sums, all);
  }

  /** The same after its checks: some records held, and more said. */
  public DataSetPart checked(
      List<DataRecord> accepted,
      List<HeldRecord> nowHeld,
      List<Finding> said,
      Map<String, CheckCount> counted) {
    RowLedger nowEnded =
        new RowLedger(ledger.read(), accepted.size(), nowHeld.size(), ledger.leftOut());
    return with(accepted, nowHeld, nowEnded, said, List.of(), List.of(), counted);
  }

  /** Another state of what was read of the same tables. */
  private DataSetPart with(
      List<DataRecord> accepted,
      List<HeldRecord> nowHeld,
      RowLedger ended,
      List<Finding> said,
      List<DataRecord> all,
      List<PrintedSum> printed,
      Map<String, CheckCount> counted) {
    return new DataSetPart(
        accepted, nowHeld, ended, said, tables, columns, asked, forms, uses, all, printed, counted);
  }
}
