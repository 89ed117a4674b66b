package dev.inlay.check;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.TableBuilder;
import dev.inlay.model.RowKind;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.DataSetReading;
import dev.inlay.rows.Finding;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.List;

/** Small tables, read and checked. */
final class CheckedTables {

  private CheckedTables() {}

  static DataSetPart check(String checks, TableBuilder table) {
    try {
      DataSetSpec set =
          SpecReader.read(
                  """
                  report: R
                  numbers: {decimal: "."}
                  columns:
                    code: {from: Code, looks like: "[A-Z0-9]+"}
                    a: {from: A, type: number, minimum: -1000}
                    b: {from: B, type: number, optional: yes}
                  checks:
                  """
                      + "  - "
                      + checks)
              .dataSets()
              .get(0);
      DataSetPart part = DataSetReading.read(set, "f.pdf", List.of(table.build()), List.of());
      DataSetPart checked = Checks.made(set.checks(), part, "f.pdf", List.of());
      assertThat(checked.ledger().balances()).isTrue();
      return checked;
    } catch (SpecException e) {
      throw new AssertionError(e.messages().toString(), e);
    }
  }

  static List<String> reported(DataSetPart part) {
    return part.findings().stream().map(Finding::message).toList();
  }

  static TableBuilder table(String... amounts) {
    TableBuilder table = new TableBuilder("Code", "A", "B");
    for (int i = 0; i < amounts.length; i++) {
      table.row("C" + i, amounts[i], "1");
    }
    return table;
  }

  /** The message on a total that the amounts do not add up to. */
  static String explained(String total, String... amounts) {
    TableBuilder table = table(amounts).row(RowKind.TOTAL, "Total", total, "");
    List<String> reported = reported(check("{sum: a, is: totals}", table));
    assertThat(reported).hasSize(1);
    return reported.get(0);
  }
}
