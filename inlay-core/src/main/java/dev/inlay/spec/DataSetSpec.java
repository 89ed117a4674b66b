package dev.inlay.spec;

import java.util.List;
import java.util.Optional;

/**
 * One data set that a report gives.
 *
 * @param name for files and sheets
 * @param tables which tables it comes from
 * @param records how lines of text give its rows, where no table does
 * @param fields of the columns, in the order of the spec, and those that patterns, headings and
 *     values outside the columns give
 * @param values printed outside the columns
 * @param headings how headings among the rows are carried
 * @param leaveOut which rows are left out; the first rule that fits counts
 * @param checks what must hold of the rows
 * @param shape what is made of the rows
 */
public record DataSetSpec(
    String name,
    TableSpec tables,
    Optional<RecordPatterns> records,
    List<FieldSpec> fields,
    List<PageValue> values,
    List<HeadingRule> headings,
    List<LeaveOutRule> leaveOut,
    List<CheckSpec> checks,
    Shape shape) {

  /** Keeps copies that cannot change. */
  public DataSetSpec {
    fields = List.copyOf(fields);
    values = List.copyOf(values);
    headings = List.copyOf(headings);
    leaveOut = List.copyOf(leaveOut);
    checks = List.copyOf(checks);
  }

  /** Whether all columns are taken as they are printed, since the spec names none. */
  public boolean takesAllColumns() {
    return fields.stream().noneMatch(FieldSpec::isColumn) && records.isEmpty();
  }
}
