package dev.inlay.check;

import static dev.inlay.check.CheckedTables.check;
import static dev.inlay.check.CheckedTables.explained;
import static dev.inlay.check.CheckedTables.reported;
import static dev.inlay.check.CheckedTables.table;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.TableBuilder;
import dev.inlay.model.RowKind;
import java.math.BigDecimal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SumCausesTest {

  @Test
  void aSumThatAgreesSaysNothingAndIsExact() {
    TableBuilder table = table("0.10", "0.20", "0.30").row(RowKind.TOTAL, "Total", "0.60", "");
    assertThat(reported(check("{sum: a, is: totals}", table))).isEmpty();
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
  void aSumAddedWithItsRowsAndADoubledRowAreReported() {
    TableBuilder table =
        table("10.00", "20.50")
            .row(RowKind.SUBTOTAL, "Part", "30.50", "")
            .row("D", "5.00", "1")
            .row(RowKind.TOTAL, "Total", "66.00", "");
    assertThat(reported(check("{sum: a, is: totals}", table)))
        .hasSize(1)
        .allMatch(m -> m.endsWith("the sum 'Part' was added along with its rows"));
    TableBuilder twice =
        new TableBuilder("Code", "A", "B")
            .row("C1", "10.00", "1")
            .row("C2", "20.50", "1")
            .row("C2", "20.50", "1")
            .row(RowKind.TOTAL, "Total", "30.50", "");
    assertThat(reported(check("{sum: a, is: totals}", twice)))
        .allMatch(m -> m.contains("'C2 20.50 1' on page 1 is there twice"));
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
    assertThat(reported(check("{sum: a, is: totals}", table)))
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
  void slipsAreMendedOnce() {
    assertThat(NumberSlips.of(new BigDecimal("12.0")))
        .extracting(s -> s.value().toPlainString())
        .containsExactly(
            "-12.0", "21.0", "10.2", "120.0", "1.2", "1200.0", "0.12", "12000.0", "0.012");
  }
}
