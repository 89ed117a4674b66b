package dev.inlay.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.inlay.TableBuilder;
import dev.inlay.geom.Box;
import dev.inlay.model.RowKind;
import dev.inlay.rows.PageLine;
import dev.inlay.rows.PageLine.LineWord;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Which relations a draft proposes, and which it leaves alone. */
class SpecDraftTest {

  private static PageLine line(String text, double top, double height) {
    List<LineWord> words = new ArrayList<>();
    double x = 50;
    for (String word : text.split(" ")) {
      words.add(new LineWord(word, new Box(x, top, x + 5 * word.length(), top + height)));
      x += 5 * word.length() + 5;
    }
    return new PageLine(1, text, new Box(50, top, x, top + height), words);
  }

  /** A file with a title above its table and lines below it. */
  private static SampleFile file(String name, TableBuilder table, String... closing) {
    List<PageLine> lines = new ArrayList<>(List.of(line("Stores of the harbour", 50, 20)));
    for (int i = 0; i < closing.length; i++) {
      lines.add(line(closing[i], 720 + 20 * i, 10));
    }
    return new SampleFile(name, List.of(table.build()), lines, List.of());
  }

  private static String draft(SampleFile... files) {
    String spec = SpecDraft.of(Arrays.asList(files));
    try {
      assertThat(SpecReader.read(spec).dataSets()).isNotEmpty();
    } catch (SpecException e) {
      throw new AssertionError(spec + e.messages(), e);
    }
    return spec;
  }

  /** Rows with a running number, an amount, and what a third column makes of both. */
  private interface Third {
    int of(int number, int amount);
  }

  private static TableBuilder rows(int count, Third third) {
    TableBuilder table = new TableBuilder("Mark", "Boxes", "Crates", "Weight");
    for (int r = 1; r <= count; r++) {
      int amount = 7 * r % 11 + 2;
      table.row("M" + r + "x", r * r + "", amount + "", third.of(r * r, amount) + "");
    }
    return table;
  }

  /** The draft with its proposed rule taken up and the columns of years taken out. */
  @Test
  void headingsThatCountYearsAreProposedAsRowsByARuleThatASpecMayHold() {
    TableBuilder table = new TableBuilder("Harbour", "2022", "2023", "2024");
    for (int r = 1; r <= 6; r++) {
      table.row("Quay " + r, 31 * r + "", 17 * r + "", 43 * r + "");
    }
    String draft = draft(file("a.pdf", table));
    assertThat(draft).contains("# unpivot: {columns: \"(?<year>");
    String taken =
        draft
            .lines()
            .filter(l -> !l.matches("\\s+\\S*20\\d\\d\\S*: .*"))
            .map(l -> l.replace("# unpivot:", "unpivot:"))
            .map(l -> l.matches("\\s*columns:") ? l + "\n  amount: {type: number}" : l)
            .collect(Collectors.joining("\n"));
    try {
      assertThat(SpecReader.read(taken).dataSets()).hasSize(1);
    } catch (SpecException e) {
      throw new AssertionError(taken + e.messages(), e);
    }
  }

  @Test
  void aProductAndASumThatHoldInAllRowsAreProposedWithTheirEvidence() {
    assertThat(draft(file("a.pdf", rows(9, (n, a) -> n * a))))
        .contains("- {row: boxes * crates == weight, within: 0.5}  # held in 9 of 9 rows");
    assertThat(draft(file("a.pdf", rows(9, Integer::sum))))
        .contains("- {row: boxes + crates == weight, within: 0}  # held in 9 of 9 rows");
  }

  @Test
  void whatOneRowContradictsOrTooFewShowIsNotProposed() {
    assertThat(draft(file("a.pdf", rows(9, (n, a) -> n == 16 ? n * a + 9 : n * a))))
        .doesNotContain("row:");
    assertThat(draft(file("a.pdf", rows(7, (n, a) -> n * a)))).doesNotContain("row:");
  }

  @Test
  void zerosProveNothing() {
    TableBuilder table = new TableBuilder("Mark", "Boxes", "Crates", "Weight");
    for (int r = 1; r <= 12; r++) {
      table.row("M" + r + "x", "0", 3 * r % 7 + "", "0");
    }
    assertThat(draft(file("a.pdf", table))).doesNotContain("row:", "balance:", "sum:");
  }

  @Test
  void whatHoldsInOneSampleOnlyIsNotProposed() {
    String spec =
        draft(
            file("a.pdf", rows(9, (n, a) -> n * a)), file("b.pdf", rows(9, (n, a) -> n * a + 30)));
    assertThat(spec).doesNotContain("row:");
  }

  @Test
  void aNumberBelowTheTableIsHeldAgainstRowsAndSums() {
    TableBuilder first = rows(9, (n, a) -> 3);
    TableBuilder second = rows(12, (n, a) -> 3);
    String spec =
        draft(
            file("a.pdf", first, "Articles: 9", "Boxes in all: 285"),
            file("b.pdf", second, "Articles: 12", "Boxes in all: 650"));
    assertThat(spec)
        .contains("articles: {beside: \"Articles:\", type: integer}  # 9; 12")
        .contains("- {count: rows, is: articles}  # held in 2 of 2 files")
        .contains("- {sum: boxes, is: boxes_in_all}  # held in 2 of 2 files");
  }

  @Test
  void sumsThatLeaveRowsOfOneLabelOutAreProposedSo() {
    TableBuilder table = new TableBuilder("Mark", "Boxes");
    int sum = 0;
    for (int r = 1; r <= 8; r++) {
      table.row("M" + r + "x", 13 * r + "").row("share", r + "");
      sum += 13 * r;
    }
    String spec = draft(file("a.pdf", table.row(RowKind.TOTAL, "Total", sum + "")));
    assertThat(spec).contains("- {sum: boxes, is: totals, where: \"mark != 'share'\"}");
  }

  @Test
  void filesWithoutATableInCommonGiveNoDraft() {
    SampleFile none = new SampleFile("a.pdf", List.of(), List.of(line("Text", 50, 10)), List.of());
    assertThatThrownBy(() -> SpecDraft.of(List.of(none)))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("no table is common");
  }

  /** A table of goods whose last heading, and what stands below it, are given. */
  private static TableBuilder goods(String heading, String... values) {
    TableBuilder table = new TableBuilder("Mark", "Boxes", "Crates", "Shelf", heading);
    for (int r = 0; r < values.length; r++) {
      table.row("M" + r + "x", 3 * r + "", r * r + "", "S" + r, values[r]);
    }
    return table;
  }

  @Test
  void aColumnUnderAnotherHeadingInSomeFilesIsOneColumn() {
    SampleFile march = file("march.pdf", goods("Balance", "12.50", "7.25", "9.00"));
    SampleFile april = file("april.pdf", goods("Balance", "11.50", "8.25", "9.75"));
    SampleFile may = file("may.pdf", goods("Amount due", "10.50", "6.25", "8.00"));
    assertThat(draft(march, april, may))
        .contains("balance: {from: [Balance, Amount due], type: number}")
        .contains("'Amount due' is its heading in may.pdf")
        .doesNotContain("optional");
  }

  @Test
  void columnsOfWordsUnderTwoHeadingsMayBeTwoThings() {
    SampleFile march = file("march.pdf", goods("Foreman", "Orla", "Tove", "Basil"));
    SampleFile april = file("april.pdf", goods("Remark", "late", "early", "late"));
    assertThat(draft(march, april)).contains("foreman:", "remark:", "optional: yes");
  }

  /** A cash list: three columns that all files have, and others before the last of them. */
  private static SampleFile cash(String name, String... amounts) {
    List<String> headings = new ArrayList<>(List.of("Account", "Month"));
    headings.addAll(List.of(amounts));
    headings.add("Balance");
    TableBuilder table = new TableBuilder(headings.toArray(String[]::new));
    for (int r = 1; r <= 4; r++) {
      List<String> row = new ArrayList<>(List.of("K" + r + "x", "M" + r));
      for (int c = 0; c < amounts.length; c++) {
        row.add(r * 10 + c + ".50");
      }
      row.add(r * 7 + ".25");
      table.row(row.toArray(String[]::new));
    }
    return file(name, table);
  }

  @Test
  void twoColumnsMayHaveOtherHeadingsAtOnce() {
    SampleFile first = cash("a.pdf", "Paid in", "Paid out");
    SampleFile other = cash("b.pdf", "Receipts", "Expenses");
    SampleFile more = cash("c.pdf", "Paid in", "Paid out", "Fees");
    assertThat(draft(first, other, more))
        .contains("paid_in: {from: [Paid in, Receipts], type: number}")
        .contains("paid_out: {from: [Paid out, Expenses], type: number}")
        .contains("fees: {from: Fees, type: number, optional: yes}");
  }

  @Test
  void asManyColumnsStandBetweenTheSameNeighbours() {
    assertThat(draft(cash("a.pdf", "Paid in", "Paid out"), cash("b.pdf", "Receipts")))
        .contains("paid_in: {from: Paid in,", "receipts: {from: Receipts,");
  }

  private static SampleFile dated(String name, String... days) {
    SampleFile plain = file(name, goods("Balance", "12.50", "7.25", "9.00"));
    List<PageLine> lines = new ArrayList<>(plain.lines());
    for (int i = 0; i < days.length; i++) {
      lines.add(line("As of: " + days[i], 80 + 700 * i, 10));
    }
    return new SampleFile(name, plain.tables(), lines, List.of());
  }

  @Test
  void aValueThatChangesWithinAFileIsTakenTableByTable() {
    assertThat(draft(dated("a.pdf", "31.3.2025", "30.6.2025"), dated("b.pdf", "31.3.2026")))
        .contains("{beside: \"As of:\", per: table, type: date");
    assertThat(draft(dated("a.pdf", "31.3.2025", "31.3.2025"), dated("b.pdf", "31.3.2026")))
        .contains("{beside: \"As of:\", type: date");
  }

  @Test
  void twoColumnsOfOneFileAreTwo() {
    TableBuilder both = new TableBuilder("Mark", "Boxes", "Crates", "Balance", "Amount due");
    TableBuilder one = new TableBuilder("Mark", "Boxes", "Crates", "Balance");
    for (int r = 0; r < 4; r++) {
      both.row("M" + r + "x", 3 * r + "", r * r + "", r + ".50", r + ".75");
      one.row("N" + r + "x", 5 * r + "", r * r + "", r + ".25");
    }
    assertThat(draft(file("a.pdf", both), file("b.pdf", one)))
        .contains("balance: {from: Balance", "amount_due: {from: Amount due");
  }

  @Test
  void aRunningNumberThatFailsOnceIsProposedWithThePlace() {
    TableBuilder table = new TableBuilder("No.", "Mark", "Boxes");
    for (int r = 1; r <= 40; r++) {
      table.row((r == 20 ? 99 : r) + "", "M" + 7 * r % 11, 5 * r % 13 + "");
    }
    assertThat(draft(file("a.pdf", table))).doesNotContain("{serial: no}");
    TableBuilder gap = new TableBuilder("No.", "Mark", "Boxes");
    for (int r = 1; r <= 40; r++) {
      gap.row((r > 20 ? r + 1 : r) + "", "M" + 7 * r % 11, 5 * r % 13 + "");
    }
    assertThat(draft(file("a.pdf", gap)))
        .contains("{serial: no}  # held in 38 of 39 steps; not in");
  }
}
