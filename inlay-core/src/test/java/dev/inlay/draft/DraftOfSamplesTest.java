package dev.inlay.draft;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.TableBuilder;
import dev.inlay.model.Table;
import dev.inlay.rows.PageLine;
import dev.inlay.rows.ReadRows;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Drafts of samples made by hand. */
class DraftOfSamplesTest {

  /** Where the table of a builder stands: lines below this height stand below it. */
  private static final double BELOW_TABLE = 5000;

  private static SampleFile sample(String name, Table table, String... lines) {
    List<PageLine> all = new ArrayList<>();
    for (int i = 0; i < lines.length; i++) {
      boolean below = lines[i].startsWith("_");
      double top = (below ? BELOW_TABLE : -500) + 15 * i;
      all.add(ReadRows.line(lines[i].replace("_", ""), top));
    }
    return new SampleFile(name, List.of(table), all, List.of());
  }

  private static Table orders(int wrongRow) {
    TableBuilder table = new TableBuilder("Line", "Boxes", "Price", "Amount");
    for (int i = 1; i <= 40; i++) {
      int boxes = 3 + i % 7;
      int price = 11 + i % 5;
      int amount = boxes * price + (i == wrongRow ? 9 : 0);
      table.row(String.valueOf(i), String.valueOf(boxes), price + ".00", amount + ".00");
    }
    return table.build();
  }

  private static String orders(int wrongRow, String... lines) {
    return SpecDraft.of(
        List.of(sample("a.pdf", orders(0), lines), sample("b.pdf", orders(wrongRow), lines)));
  }

  @Test
  void aRelationThatFailsSeldomIsProposedWithThePlaceWhereItFails() {
    assertThat(orders(17, "Orders of the Board"))
        .contains(
            "- {row: boxes * price == amount, within: 0.005}  # held in 79 of 80 rows; not in")
        .containsPattern("not in b\\.pdf, page 1: boxes \\* price is \\d+, amount is \\d+\\.00");
    assertThat(orders(0, "Orders of the Board")).contains("# held in 80 of 80 rows\n");
  }

  @Test
  void labelsOfHeadAndFootBecomeValues() {
    Table one = orders(0);
    String spec =
        SpecDraft.of(
            List.of(
                sample(
                    "a.pdf",
                    one,
                    "Orders of the Board  Sheet 1",
                    "Order date  03.02.2024  Supplier no.  035410",
                    "Currency  GBP  Buyer  Skua",
                    "_Entered by: H. Ferrier"),
                sample(
                    "b.pdf",
                    one,
                    "Orders of the Board  Sheet 1",
                    "Order date  17.02.2024  Supplier no.  037973",
                    "Currency  GBP  Buyer  Tern",
                    "_Entered by: H. Ferrier")));
    assertThat(spec)
        .contains("report: Orders of the Board")
        .contains("order_date: {beside: Order date, type: date, format: dd.MM.yyyy}")
        .contains("supplier_no: {beside: Supplier no.}  # 035410; 037973")
        .contains("currency: {beside: Currency}  # GBP")
        .contains("entered_by: {beside: \"Entered by:\"}")
        .contains("# It reads 80 rows from them, and holds none.")
        .doesNotContain("Sheet 1");
  }

  @Test
  void aTrialSaysWhichFieldsHoldRowsAndWhatNoDataSetTakes() {
    Table other = new TableBuilder("Berth", "Depth").row("N1", "4").row("N2", "6").build();
    List<SampleFile> files =
        List.of(
            new SampleFile("a.pdf", List.of(orders(0)), List.of(), List.of()),
            new SampleFile("b.pdf", List.of(other), List.of(), List.of()));
    String spec = "report: R\ncolumns: {line: {from: Line, type: date}, boxes: Boxes}\n";
    DraftTrial trial = DraftTrial.of(spec, files, Set.of());
    assertThat(trial.accepted()).isZero();
    assertThat(trial.held()).isEqualTo(40);
    assertThat(trial.unread()).containsOnlyKeys(DraftTrial.key(0, "line"));
    assertThat(trial.notTaken()).singleElement().asString().contains("b.pdf", "was not taken");
    assertThat(DraftTrial.of(spec, files, Set.of(other)).notTaken()).isEmpty();
  }

  @Test
  void aValueAtTheLeftHoldsForTheRowsBelow() {
    TableBuilder table = new TableBuilder("Account", "Month", "Balance");
    for (int i = 0; i < 12; i++) {
      table.row(i % 3 == 0 ? "K-0" + i / 3 : "", "2024-0" + (1 + i % 3), (100 + i) + ".50");
    }
    String spec = SpecDraft.of(List.of(sample("a.pdf", table.build(), "Balances")));
    assertThat(spec).contains("account: {from: Account, fill down: yes}");
    assertThat(spec).doesNotContain("month: {from: Month, fill down");
  }

  @Test
  void aSmallTableWithoutHeadingsIsABlockOfLabels() {
    Table block = new TableBuilder("", "").row("Berths, open", "202").build();
    Table headed = new TableBuilder("Berth", "Depth").row("N1", "4").build();
    assertThat(LabelValues.isBlock(headed)).isFalse();
    assertThat(LabelValues.isBlock(block)).isTrue();
  }

  @Test
  void monthsOfOtherLanguagesAreRead() {
    TableBuilder table = new TableBuilder("Monat", "Saldo");
    for (String month : List.of("M\u00e4rz 2017", "Sept. 2017", "Mai 2017")) {
      table.row(month, "12,50");
    }
    assertThat(SpecDraft.of(List.of(sample("a.pdf", table.build(), "Kassenstand"))))
        .contains("monat: {from: Monat, type: yearmonth, format: MMM yyyy, language: de}")
        .contains("# It reads 3 rows from them, and holds none.");
  }

  @Test
  void textsOfSeveralLinesAreNoMoreThanOneInASpec() {
    Table table =
        new TableBuilder("Code\n1", "Remark").row("A", "first\n\nsecond").row("B", "x").build();
    String spec = SpecDraft.of(List.of(sample("a.pdf", table, "Remarks of the Board")));
    assertThat(spec).contains("code_1: \"Code\\n1\"").contains("like first  second");
    assertThat(spec).contains("# It reads 2 rows from them, and holds none.");
  }
}
