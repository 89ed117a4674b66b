package dev.inlay.check;

import static dev.inlay.check.CheckedTables.check;
import static dev.inlay.check.CheckedTables.reported;
import static dev.inlay.check.CheckedTables.table;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.TableBuilder;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.DataSetReading;
import dev.inlay.rows.Finding;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.List;
import org.junit.jupiter.api.Test;

class SumsOfPartsTest {

  @Test
  void sumsAndNumbersOfGroupsAreHeldAgainstAField() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B")
            .row("C1", "1.50", "2")
            .row("C1", "0.50", "2")
            .row("C2", "7", "5");
    DataSetPart part = check("{sum: a, by: code, is: b, effect: hold group}", table);
    assertThat(reported(part))
        .containsExactly(
            "sum a: b is 5, its 1 row adds up to 7 (difference -2); no simple explanation");
    assertThat(part.held()).hasSize(1);
    assertThat(reported(check("{count: rows, by: code, is: b}", table)))
        .containsExactly("count rows: there is 1 row, printed is 5");
  }

  @Test
  void totalsBelowEachOtherAddUp() {
    String check = "{sum: a, is: totals}";
    TableBuilder goods = table("10.00", "20.00").row(RowKind.TOTAL, "Goods total", "30.00", "");
    goods.row(RowKind.TOTAL, "Freight", "7.00", "").row(RowKind.TOTAL, "Order total", "37.00", "");
    assertThat(reported(check(check, goods))).isEmpty();
    TableBuilder off = table("10.00", "20.00").row(RowKind.TOTAL, "Goods total", "31.00", "");
    off.row(RowKind.TOTAL, "Freight", "7.00", "").row(RowKind.TOTAL, "Order total", "38.00", "");
    assertThat(reported(check(check, off)))
        .singleElement()
        .asString()
        .contains("'Goods total' is 31.00");
    TableBuilder last = table("10.00", "20.00").row(RowKind.TOTAL, "Goods total", "30.00", "");
    last.row(RowKind.TOTAL, "Freight", "7.00", "").row(RowKind.TOTAL, "Order total", "38.00", "");
    assertThat(reported(check(check, last)))
        .containsExactly(
            "sum a: 'Order total' is 38.00, the sums above it add up to 37.00 (difference 1.00)");
  }

  @Test
  void aTotalPrintedTwiceIsTheSumOfTheRowsBothTimes() {
    TableBuilder twice = table("10.00", "20.00").row(RowKind.TOTAL, "Total", "30.00", "");
    twice.row(RowKind.TOTAL, "Grand total", "30.00", "");
    assertThat(reported(check("{sum: a, is: totals}", twice))).isEmpty();
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
    assertThat(reported(check("{carried: a}", table)))
        .containsExactly(
            "carried a: 'Brought forward' is 45.00 (difference 15.00); page 1 carries 30.00: a page"
                + " or rows between them are missing");
    assertThat(reported(check("{sum: a, is: totals}", table))).hasSize(1);
    // reported once, whichever check is first
    assertThat(reported(check("{carried: a}\n  - {sum: a, is: totals}", table))).hasSize(1);
    assertThat(reported(check("{sum: a, is: totals}\n  - {carried: a}", table))).hasSize(1);
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
    assertThat(reported(check("{sum: a, of: subtotals, is: totals}", right))).isEmpty();
    TableBuilder wrong = table.row(RowKind.TOTAL, "All", "50.00", "");
    assertThat(reported(check("{sum: a, of: subtotals, is: totals}", wrong)))
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
    assertThat(reported(check("{sum: a, is: subtotals, on: page}", table)))
        .containsExactly(
            "sum a: 'Page' is 6.00, its 1 row adds up to 5.00 (difference 1.00); no simple"
                + " explanation");
    assertThat(reported(check("{sum: a, is: subtotals}", table)).get(0)).contains("its 3 rows");
  }

  /** Whether a table whose estimate is low is still called doubtful after a check of its sums. */
  private static boolean isDoubtful(TableBuilder table) throws SpecException {
    DataSetSpec set =
        SpecReader.read(
                "report: R\ncolumns: {a: {from: A, type: number, decimal: '.'}}\n"
                    + "checks: [{sum: a, is: totals}]")
            .dataSets()
            .get(0);
    Table t = table.build();
    Warning unsure = new Warning(WarningCode.UNSURE, 1, "it may be wrong");
    Table doubtful =
        new Table(
            t.id(),
            t.title(),
            t.frames(),
            t.confidence(),
            List.of(unsure),
            t.headerRows(),
            t.columns(),
            t.rows(),
            t.notes(),
            t.rightOf(),
            t.provedSums(),
            List.of());
    DataSetPart part = DataSetReading.read(set, "f.pdf", List.of(doubtful), List.of());
    return Checks.made(set.checks(), part, "f.pdf", List.of()).findings().stream()
        .anyMatch(Finding::isEstimate);
  }

  private static TableBuilder carriedOver() {
    return table("10.00", "20.00")
        .row(RowKind.SUBTOTAL, "Carried forward", "30.00", "")
        .page(2)
        .row(RowKind.SUBTOTAL, "Brought forward", "30.00", "")
        .row("D1", "5.00", "1");
  }

  @Test
  void aRowInNoSumIsNotProvedByOthersThatAreInTwo() throws SpecException {
    assertThat(isDoubtful(carriedOver())).isTrue();
    assertThat(isDoubtful(carriedOver().row(RowKind.TOTAL, "Total", "35.00", ""))).isFalse();
  }
}
