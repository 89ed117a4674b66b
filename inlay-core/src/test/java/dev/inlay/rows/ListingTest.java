package dev.inlay.rows;

import static dev.inlay.rows.ReadRows.codes;
import static dev.inlay.rows.ReadRows.texts;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.TableBuilder;
import dev.inlay.model.RowKind;
import org.junit.jupiter.api.Test;

/** Rows from lines of text, and the values around them. */
class ListingTest {

  private static final String[] LINES = {
    "Quay 4  Cod  1,204",
    "Quay 5  Ling  96",
    "Sum of two  1,300",
    "Entered by H. Ferrier",
    "Quay 4  Hake  20",
    "Total  1,320"
  };

  private static DataSetPart read(String more) {
    return ReadRows.read(
        "records:\n  record: \"(?<quay>.+?)  (?<species>.+?)  (?<tons>.+)\"\n"
            + "  spaces: kept\n"
            + more
            + "columns: {tons: {type: number, groups: ','}}\n",
        new TableBuilder("A", "B").row("1", "2").build(),
        LINES);
  }

  @Test
  void gapsBetweenColumnsTellAPlaceFromANumber() {
    DataSetPart part = read("  leave out: [\"^(Sum|Total|Entered)\"]\n");
    assertThat(texts(part, "quay")).containsExactly("Quay 4", "Quay 5", "Quay 4");
    assertThat(texts(part, "tons")).containsExactly("1204", "96", "20");
  }

  @Test
  void aListingSaysHowItIsPrintedSoThatDriftIsSeen() {
    DataSetPart part = read("  from: ^Quay 4  Cod\n  leave out: [\"^(Sum|Total|Entered)\"]\n");
    assertThat(part.forms())
        .containsOnlyKeys(new PrintedForm("records", PrintedForm.Aspect.LISTING_START))
        .containsValue(PrintedForm.Seen.of("Quay 4  Cod  1,204"));
    assertThat(
            read("  leave out: [\"^(Sum|Entered)\"]\n  totals: \"Total  (?<tons>.+)\"\n").forms())
        .containsEntry(
            new PrintedForm("tons", PrintedForm.Aspect.DECIMAL_MARK), PrintedForm.Seen.of("."));
  }

  @Test
  void linesWithSumsAreNoRowsAndStandForTheRowsBefore() {
    DataSetPart part =
        read(
            "  subtotals: \"Sum of .+  (?<tons>.+)\"\n"
                + "  totals: \"Total  (?<tons>.+)\"\n"
                + "  other lines: leave out\n");
    assertThat(texts(part, "species")).containsExactly("Cod", "Ling", "Hake");
    assertThat(part.sums())
        .extracting(PrintedSum::kind)
        .containsExactly(RowKind.SUBTOTAL, RowKind.TOTAL);
    assertThat(part.sums()).extracting(PrintedSum::rowsBefore).containsExactly(2, 3);
    assertThat(part.sums().get(1).values().get("tons")).isEqualByComparingTo("1320");
    assertThat(part.ledger().leftOut()).containsEntry("lines with sums", 2);
    assertThat(codes(part)).isEmpty();
  }

  @Test
  void otherLinesAreReportedUnlessTheSpecSaysWhatTheyAre() {
    assertThat(codes(read("  leave out: [\"^(Sum|Total)\"]\n"))).containsExactly("unfit-line");
  }

  @Test
  void aValuePrintedBelowItsRowsHoldsForTheRowsAbove() {
    DataSetPart part =
        ReadRows.read(
            """
            records: {record: "(?<species>\\\\S+) (?<tons>\\\\d+)", other lines: leave out}
            values:
              clerk: {beside: "Entered by", per: above}
              gauge: {beside: "Gauge:", optional: yes}
            """,
            new TableBuilder("A", "B").row("1", "2").build(),
            "Cod 12",
            "Entered by Ferrier",
            "Ling 7",
            "Hake 3",
            "Entered by Moran",
            "Tusk 1");
    assertThat(texts(part, "clerk")).containsExactly("Ferrier", "Moran", "Moran", "null");
    assertThat(codes(part)).as("an optional value may be missing").isEmpty();
  }
}
