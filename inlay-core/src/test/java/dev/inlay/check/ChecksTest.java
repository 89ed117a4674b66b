package dev.inlay.check;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.TableBuilder;
import dev.inlay.record.DataSetPart;
import dev.inlay.record.DataSetReading;
import dev.inlay.record.Finding;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import dev.inlay.table.RowKind;
import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChecksTest {

  private static DataSetPart check(String checks, TableBuilder table) {
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
      DataSetPart checked = Checks.made(set.checks(), part, "f.pdf");
      assertThat(checked.ledger().balances()).isTrue();
      return checked;
    } catch (SpecException e) {
      throw new AssertionError(e.messages().toString(), e);
    }
  }

  private static List<String> told(DataSetPart part) {
    return part.findings().stream().map(Finding::message).toList();
  }

  private static TableBuilder table(String... amounts) {
    TableBuilder table = new TableBuilder("Code", "A", "B");
    for (int i = 0; i < amounts.length; i++) {
      table.row("C" + i, amounts[i], "1");
    }
    return table;
  }

  /** The message on a total that the amounts do not add up to. */
  private static String explained(String total, String... amounts) {
    TableBuilder table = table(amounts).row(RowKind.TOTAL, "Total", total, "");
    List<String> told = told(check("{sum: a, is: totals}", table));
    assertThat(told).hasSize(1);
    return told.get(0);
  }

  @Test
  void aSumThatAgreesSaysNothingAndIsExact() {
    TableBuilder table = table("0.10", "0.20", "0.30").row(RowKind.TOTAL, "Total", "0.60", "");
    assertThat(told(check("{sum: a, is: totals}", table))).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "61.13|10.00,20.00,13.00,17.00,7.70|no simple explanation",
        "91.50|12.00,34.50,54.00|54.00 in the row 'C2 54.00 1' on page 1 would be 45.00: two digits",
        "58.00|12.00,34.00,-12.00|-12.00 in the row 'C2 -12.00 1' on page 1 would be 12.00: its sign",
        "57.15|12.00,34.00,1115.00|1115.00 in the row 'C2 1115.00 1' on page 1 would be 11.15",
        "46.00|12.00,34.00,7.00|the row 'C2 7.00 1' on page 1 is not in the printed sum",
        "60.00|12.00,34.00,7.00|the row 'C2 7.00 1' on page 1 is in the printed sum twice",
      })
  void theSmallestExplanationIsSaid(String total, String amounts, String expected) {
    assertThat(explained(total, amounts.split(","))).contains(expected);
  }

  @Test
  void rowsThatExplainItAlikeAreCounted() {
    assertThat(explained("30.00", "10.00", "20.00", "7.00", "7.00"))
        .contains("its sign is turned round; 1 more would explain it alike");
  }

  @Test
  void aSumAddedWithItsRowsAndADoubledRowAreTold() {
    TableBuilder table =
        table("10.00", "20.50")
            .row(RowKind.SUBTOTAL, "Part", "30.50", "")
            .row("D", "5.00", "1")
            .row(RowKind.TOTAL, "Total", "66.00", "");
    assertThat(told(check("{sum: a, is: totals}", table)))
        .hasSize(1)
        .allMatch(m -> m.endsWith("the sum 'Part' was added along with its rows"));
    TableBuilder twice =
        new TableBuilder("Code", "A", "B")
            .row("C1", "10.00", "1")
            .row("C2", "20.50", "1")
            .row("C2", "20.50", "1")
            .row(RowKind.TOTAL, "Total", "30.50", "");
    assertThat(told(check("{sum: a, is: totals}", twice)))
        .allMatch(m -> m.contains("'C2 20.50 1' on page 1 is there twice"));
  }

  @Test
  void equationsHaveATolerance() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B").row("C1", "2.01", "1.00").row("C2", "2.10", "1.00");
    DataSetPart part = check("{row: b * 2 == a, within: 0.02, effect: hold row}", table);
    assertThat(told(part))
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
    assertThat(told(check("{unique: code, effect: hold group}", table)))
        .containsExactly("unique code: 'C1' is there already: f.pdf, page 1");
    assertThat(told(check("{serial: a}", table)))
        .containsExactly("serial a: 10 follows 8; 1 missing");
    assertThat(told(check("{balance: a, plus: b}", table)))
        .hasSize(2)
        .anyMatch(m -> m.contains("the balance above is 7, with 3 it would be 10, printed is 8"));
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
    assertThat(told(part))
        .anyMatch(m -> m.contains("'c?' does not look like [A-Z0-9]+"))
        .anyMatch(m -> m.contains("'-2000' is less than the minimum -1000"));
  }

  @Test
  void codesStandInAListAndExpectedOnesAreThere() {
    TableBuilder table = new TableBuilder("Code", "A", "B").row("C1", "7", "5").row("C9", "8", "3");
    DataSetPart part = check("{lookup: code, values: [C1, C2], effect: hold row}", table);
    assertThat(told(part)).containsExactly("lookup code: 'C9' is not in the list of 2");
    assertThat(part.held()).hasSize(1);
    assertThat(told(check("{expected: code, values: [C1, C2, C3]}", table)))
        .containsExactly("expected code: missing: C2, C3");
    assertThat(told(check("{expected: code, values: [C1, C9]}", table))).isEmpty();
  }

  @Test
  void aFieldThatHasOneValueIsToldWhereItHasTwo() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B").row("C1", "7", "5").row("C2", "8.0", "5");
    assertThat(told(check("{same: b, on: table}", table))).isEmpty();
    DataSetPart part = check("{same: a, on: page, effect: hold table}", table);
    assertThat(told(part)).containsExactly("same a: '8.0' stands beside '7' in one page");
    assertThat(part.held()).hasSize(2);
  }

  @Test
  void theSmallestAndLargestValuesOfGroupsAreHeldAgainstTheirPrint() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B")
            .row("C1", "7", "7")
            .row("C1", "9", "7")
            .row("C2", "3", "4");
    assertThat(told(check("{lowest: a, by: code, is: b}", table)))
        .containsExactly(
            "lowest a: b is 4, the lowest of its 1 rows is 3 on page 1 (difference 1)");
    assertThat(told(check("{highest: a, by: code, is: b, within: 1}", table)))
        .containsExactly(
            "highest a: b is 7, the highest of its 2 rows is 9 on page 1 (difference -2)");
  }

  @Test
  void equalFiguresOfTwoRowsAreNoRowThatIsThereTwice() {
    assertThat(explained("46.00", "12.00", "34.00", "12.00"))
        .doesNotContain("is there twice")
        .contains("1 more would explain it alike");
  }

  @Test
  void aDifferenceOfNineIsNoExchangeWhereNoFigureFits() {
    assertThat(explained("69.00", "10.00", "20.00", "30.00"))
        .doesNotContain("digits")
        .endsWith("no simple explanation");
  }

  @Test
  void aRowThatIsThereTwiceIsToldBeforeASlipThatWouldFitToo() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B")
            .row("C1", "12.00", "1")
            .row("C2", "24.00", "1")
            .row("C2", "24.00", "1")
            .row(RowKind.TOTAL, "Total", "36.00", "");
    assertThat(told(check("{sum: a, is: totals}", table)))
        .singleElement()
        .asString()
        .endsWith("the row 'C2 24.00 1' on page 1 is there twice");
  }

  @Test
  void causesThatOnlyAFigureTellsOfAreAllSaid() {
    assertThat(explained("48.00", "12.00", "24.00", "36.00"))
        .contains("the row 'C1 24.00 1' on page 1 is not in the printed sum")
        .contains("; or 12.00 in the row 'C0 12.00 1' on page 1 would be -12.00: its sign");
  }

  @Test
  void sumsAndNumbersOfGroupsAreHeldAgainstAField() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B")
            .row("C1", "1.50", "2")
            .row("C1", "0.50", "2")
            .row("C2", "7", "5");
    DataSetPart part = check("{sum: a, by: code, is: b, effect: hold group}", table);
    assertThat(told(part))
        .containsExactly(
            "sum a: b is 5, its 1 rows add up to 7 (difference -2); no simple explanation");
    assertThat(part.held()).hasSize(1);
    assertThat(told(check("{count: rows, by: code, is: b}", table)))
        .containsExactly("count rows: there are 1 rows, printed is 5");
  }

  @Test
  void whatAPageCarriesTheNextBringsForward() {
    TableBuilder table =
        table("10.00", "20.00")
            .row(RowKind.SUBTOTAL, "Carried forward", "30.00", "")
            .page(2)
            .row(RowKind.SUBTOTAL, "Brought forward", "45.00", "")
            .row("D1", "5.00", "1")
            .row(RowKind.TOTAL, "Total", "50.00", "");
    assertThat(told(check("{carried: a}", table)))
        .containsExactly(
            "carried a: 'Brought forward' is 45.00 (difference 15.00); page 1 carries 30.00: a page"
                + " or rows between them are missing");
    assertThat(told(check("{sum: a, is: totals}", table))).hasSize(1);
    // told once, whichever check is first
    assertThat(told(check("{carried: a}\n  - {sum: a, is: totals}", table))).hasSize(1);
    assertThat(told(check("{sum: a, is: totals}\n  - {carried: a}", table))).hasSize(1);
  }

  @Test
  void subtotalsAddUpToTheTotalAndThoseOfThoseCountOnce() {
    TableBuilder table =
        table("10.00", "20.00")
            .row(RowKind.SUBTOTAL, "North", "30.00", "")
            .row("D1", "5.00", "1")
            .row(RowKind.SUBTOTAL, "South", "5.00", "")
            .row(RowKind.SUBTOTAL, "Coast", "35.00", "")
            .row("E1", "15.00", "1")
            .row(RowKind.SUBTOTAL, "Islands", "51.00", "");
    TableBuilder right = table.row(RowKind.TOTAL, "Total", "86.00", "");
    assertThat(told(check("{sum: a, of: subtotals, is: totals}", right))).isEmpty();
    TableBuilder wrong = table.row(RowKind.TOTAL, "All", "50.00", "");
    assertThat(told(check("{sum: a, of: subtotals, is: totals}", wrong)))
        .containsExactly(
            "sum a: 'All' is 50.00, its 2 subtotals add up to 86.00 (difference -36.00); 51.00 of"
                + " 'Islands' on page 1 would be 15.00: two digits are exchanged");
  }

  @Test
  void sumsOfAPageHoldItsOwnRows() {
    TableBuilder table =
        table("10.00", "20.00")
            .row(RowKind.SUBTOTAL, "Page", "30.00", "")
            .page(2)
            .row("D1", "5.00", "1")
            .row(RowKind.SUBTOTAL, "Page", "6.00", "");
    assertThat(told(check("{sum: a, is: subtotals, on: page}", table)))
        .containsExactly(
            "sum a: 'Page' is 6.00, its 1 rows add up to 5.00 (difference 1.00); no simple"
                + " explanation");
    assertThat(told(check("{sum: a, is: subtotals}", table)).get(0)).contains("its 3 rows");
  }

  @Test
  void serialsAndBalancesGoOnInEachGroup() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B")
            .row("C1", "7", "5")
            .row("C2", "1", "3")
            .row("C1", "8", "1")
            .row("C2", "4", "-3");
    assertThat(told(check("{serial: a, by: code}", table)))
        .containsExactly("serial a: 4 follows 1; 2 missing");
    assertThat(told(check("{balance: a, plus: b, by: code}", table)))
        .containsExactly(
            "balance a: the balance above is 1, with -3 it would be -2, printed is 4; b would be"
                + " 3: its sign is turned round");
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
    assertThat(told(check("{sum: a, is: totals}", table))).hasSize(1);
    assertThat(told(check("{sum: a, is: totals, where: code != 'SHARE'}", table))).isEmpty();
    assertThat(told(check("{unique: code}", table))).hasSize(1);
    assertThat(told(check("{unique: code, where: b > 0}", table))).hasSize(1);
  }

  @Test
  void slipsAreMendedOnce() {
    assertThat(Slips.of(new BigDecimal("12.0")))
        .extracting(s -> s.value().toPlainString())
        .containsExactly(
            "-12.0", "21.0", "10.2", "120.0", "1.2", "1200.0", "0.12", "12000.0", "0.012");
  }
}
