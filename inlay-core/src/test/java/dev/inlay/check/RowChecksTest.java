package dev.inlay.check;

import static dev.inlay.check.CheckedTables.check;
import static dev.inlay.check.CheckedTables.reported;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.TableBuilder;
import dev.inlay.model.RowKind;
import dev.inlay.rows.DataSetPart;
import org.junit.jupiter.api.Test;

class RowChecksTest {

  @Test
  void equationsHaveATolerance() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B").row("C1", "2.01", "1.00").row("C2", "2.10", "1.00");
    DataSetPart part = check("{row: b * 2 == a, within: 0.02, effect: hold row}", table);
    assertThat(reported(part))
        .hasSize(1)
        .allMatch(m -> m.contains("b * 2 is 2, a is 2.10 (difference 0.1)"));
    assertThat(part.records()).hasSize(1);
    assertThat(part.held()).hasSize(1);
  }

  @Test
  void keysSerialsAndBalancesAreFollowed() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B")
            .row("C1", "7", "5")
            .row("C1", "8", "3")
            .row("C2", "10", "4");
    assertThat(reported(check("{unique: code, effect: hold group}", table)))
        .containsExactly("unique code: 'C1' is there already: f.pdf, page 1");
    assertThat(reported(check("{serial: a}", table)))
        .containsExactly("serial a: 10 follows 8; 1 missing");
    assertThat(reported(check("{balance: a, plus: b}", table)))
        .hasSize(2)
        .anyMatch(m -> m.contains("the balance above is 7, with 3 it would be 10, printed is 8"));
  }

  @Test
  void whatIsAddedToABalanceMayBeCalculated() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B")
            .row("C1", "7", "5")
            .row("C2", "9", "1")
            .row("C3", "9", "")
            .row("C4", "12", "2");
    assertThat(reported(check("{balance: a, plus: 2 * b}", table)))
        .containsExactly("balance a: the balance above is 9, with 4 it would be 13, printed is 12");
    assertThat(reported(check("{balance: a, plus: code}", table)))
        .hasSize(3)
        .allMatch(m -> m.endsWith("'code' gives no number"));
  }

  /** One name may begin another with a colon: the text of a finding does not tell them apart. */
  @Test
  void aFindingSaysWhichCheckItIsOf() {
    TableBuilder table = new TableBuilder("Code", "A", "B").row("C1", "7", "5");
    DataSetPart part = check("{row: a < 1, name: 'small: by code'}", table);
    assertThat(part.findings())
        .singleElement()
        .satisfies(f -> assertThat(f.check()).contains("small: by code"))
        .satisfies(f -> assertThat(f.message()).startsWith("small: by code: "));
  }

  @Test
  void constraintsHoldARow() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B")
            .row("C1", "7", "5")
            .row("c?", "8", "3")
            .row("C3", "-2000", "4");
    DataSetPart part = check("{row: a > 0 or a <= 0}", table);
    assertThat(part.records()).hasSize(1);
    assertThat(reported(part))
        .anyMatch(m -> m.contains("'c?' does not look like [A-Z0-9]+"))
        .anyMatch(m -> m.contains("'-2000' is less than the minimum -1000"));
  }

  @Test
  void codesStandInAListAndExpectedOnesAreThere() {
    TableBuilder table = new TableBuilder("Code", "A", "B").row("C1", "7", "5").row("C9", "8", "3");
    DataSetPart part = check("{lookup: code, values: [C1, C2], effect: hold row}", table);
    assertThat(reported(part)).containsExactly("lookup code: 'C9' is not in the list of 2");
    assertThat(part.held()).hasSize(1);
    assertThat(reported(check("{expected: code, values: [C1, C2, C3]}", table)))
        .containsExactly("expected code: missing: C2, C3");
    assertThat(reported(check("{expected: code, values: [C1, C9]}", table))).isEmpty();
  }

  @Test
  void aFieldThatHasOneValueIsToldWhereItHasTwo() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B").row("C1", "7", "5").row("C2", "8.0", "5");
    assertThat(reported(check("{same: b, on: table}", table))).isEmpty();
    DataSetPart part = check("{same: a, on: page, effect: hold table}", table);
    assertThat(reported(part)).containsExactly("same a: '8.0' stands beside '7' in one page");
    assertThat(part.held()).hasSize(2);
  }

  @Test
  void theSmallestAndLargestValuesOfGroupsAreHeldAgainstTheirPrint() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B")
            .row("C1", "7", "7")
            .row("C1", "9", "7")
            .row("C2", "3", "4");
    assertThat(reported(check("{lowest: a, by: code, is: b}", table)))
        .containsExactly(
            "lowest a: b is 4, the lowest of its 1 rows is 3 on page 1 (difference 1)");
    assertThat(reported(check("{highest: a, by: code, is: b, within: 1}", table)))
        .containsExactly(
            "highest a: b is 7, the highest of its 2 rows is 9 on page 1 (difference -2)");
  }

  @Test
  void serialsAndBalancesGoOnInEachGroup() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B")
            .row("C1", "7", "5")
            .row("C2", "1", "3")
            .row("C1", "8", "1")
            .row("C2", "4", "-3");
    assertThat(reported(check("{serial: a, by: code}", table)))
        .containsExactly("serial a: 4 follows 1; 2 missing");
    assertThat(reported(check("{balance: a, plus: b, by: code}", table)))
        .containsExactly(
            "balance a: the balance above is 1, with -3 it would be -2, printed is 4; b would be"
                + " 3: its sign is turned round");
  }

  @Test
  void rowsThatCannotBeAskedAreReportedOnce() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B")
            .row("C1", "7", "7")
            .row("C2", "1", "")
            .row("C3", "4", "");
    assertThat(reported(check("{row: a == b}", table)))
        .containsExactly(
            "row: could not be asked of 2 of 3 rows, the first here: 'b' is empty; if that is"
                + " right, say so with 'where' or 'default'");
    assertThat(reported(check("{row: a == b, where: not empty(b)}", table))).isEmpty();
  }

  @Test
  void aCheckMayBeAskedOfSomeRowsOnly() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B")
            .row("C1", "7", "5")
            .row("SHARE", "70", "")
            .row("C2", "3", "3")
            .row("SHARE", "30", "")
            .row(RowKind.TOTAL, "Total", "10", "");
    assertThat(reported(check("{sum: a, is: totals}", table))).hasSize(1);
    assertThat(reported(check("{sum: a, is: totals, where: code != 'SHARE'}", table))).isEmpty();
    assertThat(reported(check("{unique: code}", table))).hasSize(1);
    assertThat(reported(check("{unique: code, where: b > 0}", table))).isEmpty();
  }
}
