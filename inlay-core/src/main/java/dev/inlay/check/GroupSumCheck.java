package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.spec.CheckRule;
import java.util.List;
import java.util.Optional;

/** Checks the sum of each group of rows against a value that is printed elsewhere for it. */
record GroupSumCheck(CheckRule.GroupSum rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, CheckReport report) {
    SumDifference difference = new SumDifference(rule.field(), rule.within(), part.sums());
    for (List<DataRecord> rows : Rows.groups(part.rows(), rule.by())) {
      DataRecord first = rows.get(0);
      first
          .number(rule.is())
          .ifPresent(
              n ->
                  difference.report(
                      rows,
                      new SumDifference.Printed(
                          n, rule.is(), first.originOf(rule.is()), Optional.empty()),
                      report));
    }
  }
}
