package dev.inlay.document;

import static dev.inlay.model.RowKind.BODY;
import static dev.inlay.model.RowKind.GROUP;
import static dev.inlay.model.RowKind.SUBTOTAL;
import static dev.inlay.model.RowKind.TOTAL;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.geom.Box;
import dev.inlay.model.RowKind;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import dev.inlay.model.WarningCode;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What arithmetic says of rows. */
class RowSumsTest {

  private static final Box BOX = new Box(50, 100, 90, 110);

  private final List<TableRow> rows = new ArrayList<>();

  private RowSumsTest row(RowKind kind, int page, String... texts) {
    List<TableCell> cells = new ArrayList<>();
    for (int c = 0; c < texts.length; c++) {
      if (!texts[c].isEmpty()) {
        cells.add(new TableCell(texts[c], c, 1, 1, BOX));
      }
    }
    rows.add(new TableRow(kind, page, cells));
    return this;
  }

  private RowSumsTest row(String... texts) {
    return row(BODY, 1, texts);
  }

  private List<RowKind> kinds(int columns) {
    return RowSums.of(rows, columns).rows().stream().map(TableRow::kind).toList();
  }

  @Test
  void aRowThatAddsUpInTwoColumnsIsASumWhateverItIsCalled() {
    row("Oyle", "12", "3.5").row("Vane Ness", "30", "1.25").row("The sound", "42", "4.75");
    assertThat(kinds(3)).containsExactly(BODY, BODY, TOTAL);
  }

  @Test
  void oneColumnMayAddUpByChance() {
    row("Oyle", "12").row("Vane Ness", "30").row("Brennick", "42").row("Skarrholm", "9");
    assertThat(kinds(2)).containsOnly(BODY);
  }

  @Test
  void aMeanBesideTheSumsIsNoContradiction() {
    row("Oyle", "10", "4", "2.0").row("Vane Ness", "20", "5", "4.0").row("Both", "30", "9", "3.0");
    assertThat(kinds(4)).containsExactly(BODY, BODY, TOTAL);
  }

  @Test
  void sumsOfGroupsAndTheirSum() {
    row(GROUP, 1, "Oyle").row("Cod", "10", "1").row("Hake", "20", "2").row("", "30", "3");
    row(GROUP, 1, "Vane Ness").row("Cod", "5", "4").row("Hake", "6", "5").row("", "11", "9");
    row("", "41", "12");
    assertThat(kinds(3))
        .containsExactly(GROUP, BODY, BODY, SUBTOTAL, GROUP, BODY, BODY, SUBTOTAL, TOTAL);
  }

  @Test
  void aPrintedSumThatIsOffIsNamedWithBothFigures() {
    row(GROUP, 1, "Oyle").row("Cod", "10", "1").row("Hake", "20", "2");
    row(SUBTOTAL, 1, "Subtotal", "30", "3");
    row(GROUP, 1, "Vane Ness").row("Cod", "5", "4").row("Hake", "6", "5");
    row(SUBTOTAL, 1, "Subtotal", "12", "10");
    RowSums.Result reported = RowSums.of(rows, 3);
    assertThat(reported.proven()).isEqualTo(1);
    assertThat(reported.warnings()).hasSize(1);
    assertThat(reported.warnings().get(0).code()).isEqualTo(WarningCode.SUM_OFF);
    assertThat(reported.warnings().get(0).message())
        .contains("prints 12 ")
        .contains("add up to 11")
        .contains("column 2");
  }

  @Test
  void whatNoSumInTheTableProvesIsNotContradicted() {
    row("Cod", "10").row("Hake", "20").row(TOTAL, 1, "Total", "31");
    assertThat(RowSums.of(rows, 2).warnings()).isEmpty();
  }

  @Test
  void theSameFiguresOnBothSidesOfAPageBreakAreCarried() {
    row("V1", "Cod", "100.50").row("V2", "Hake", "20.00").row("", "over", "120.50");
    row(BODY, 2, "", "from p. 1", "120.50").row(BODY, 2, "V3", "Ling", "7.00");
    assertThat(kinds(3)).containsExactly(BODY, BODY, SUBTOTAL, SUBTOTAL, BODY);
  }

  @Test
  void wordsTellCarriedLinesInSeveralLanguages() {
    row("Balance brought forward", "120.50").row("Cod", "1.00").row("Hake", "3.00");
    row("Übertrag", "124.50");
    assertThat(kinds(2)).containsExactly(SUBTOTAL, BODY, BODY, SUBTOTAL);
  }

  @Test
  void anOrdinaryWordTellsACarriedLineOnlyBesideAPageBreak() {
    row("Transport", "120.50").row("Cod", "1.00").row("Report", "3.00");
    row(BODY, 2, "Report", "124.50").row(BODY, 2, "Transport, own", "7.00");
    row(BODY, 2, "Transport", "2.00");
    assertThat(kinds(2)).containsExactly(BODY, BODY, SUBTOTAL, SUBTOTAL, BODY, BODY);
  }

  @Test
  void carriedLinesAreNotAddedAgain() {
    row("Cod", "100").row("Hake", "20").row("Carried forward", "120");
    row(BODY, 2, "Brought forward", "120").row(BODY, 2, "Ling", "7").row(TOTAL, 2, "Total", "127");
    RowSums.Result reported = RowSums.of(rows, 2);
    assertThat(reported.proven()).isEqualTo(1);
    assertThat(reported.warnings()).isEmpty();
  }

  @Test
  void whatFollowsTheLastSumWithoutLabelsOfItsOwnClosesTheTable() {
    row("1", "Rope", "2", "10.00").row("2", "Ice", "5", "20.00").row("3", "Oil", "1", "5.00");
    row(BODY, 1, "", "Net", "", "35.00").row(BODY, 1, "", "Tax", "", "7.00");
    assertThat(kinds(4)).containsExactly(BODY, BODY, BODY, SUBTOTAL, TOTAL);
  }

  @Test
  void whatStandsBetweenSumsInTheirColumnsIsNoRecord() {
    row("1", "Rope", "2", "10.00").row("2", "Ice", "5", "20.00").row("3", "Oil", "1", "5.00");
    row("4", "Nets", "3", "8.00").row(TOTAL, 1, "", "", "Goods total", "44.00");
    row("", "", "Freight", "7.00").row(TOTAL, 1, "", "", "Order total", "51.00");
    assertThat(kinds(4)).containsExactly(BODY, BODY, BODY, BODY, TOTAL, TOTAL, TOTAL);
  }

  @Test
  void aRecordBetweenSumsStaysARecord() {
    row("1", "Rope", "2", "10.00").row(TOTAL, 1, "", "", "Total of rope", "10.00");
    row("2", "Ice", "5", "20.00").row(TOTAL, 1, "", "", "Total", "31.00");
    assertThat(kinds(4)).containsExactly(BODY, TOTAL, BODY, TOTAL);
  }

  @Test
  void roundedSharesMayMissTheirSumByTheLastDecimal() {
    row("Cod", "33.3").row("Hake", "33.3").row("Ling", "33.3").row(TOTAL, 1, "Total", "100.0");
    assertThat(RowSums.of(rows, 2).proven()).isEqualTo(1);
  }

  @Test
  void rowsOfSharesBelowEachAmountAreNoAddends() {
    row("Oyle", "10", "4").row("share", "33", "44").row("Vane Ness", "20", "5");
    row("share", "67", "56").row("Brennick", "7", "1").row("share", "0", "0");
    row(TOTAL, 1, "Total", "37", "10");
    RowSums.Result reported = RowSums.of(rows, 3);
    assertThat(reported.proven()).isEqualTo(1);
    assertThat(reported.rows()).last().extracting(TableRow::kind).isEqualTo(TOTAL);
    rows.set(6, rows.get(0));
    assertThat(RowSums.of(rows, 3).proven()).isZero();
  }

  /** The sum of the second column is right, that of the third is not, which no row proves. */
  @Test
  void aSumThatIsRightIsNotContradicted() {
    row("Oyle", "12", "7", "9")
        .row("Vane", "30", "8", "9")
        .row(SUBTOTAL, 1, "Total", "42", "15", "18");
    row("Skua", "11", "7", "9")
        .row("Tern", "20", "8", "9")
        .row(SUBTOTAL, 1, "Total", "31", "99", "77");
    assertThat(RowSums.of(rows, 4).warnings())
        .extracting(w -> w.message())
        .containsExactly("\"Total\" prints 99 in column 3, but the rows above add up to 15");
  }
}
