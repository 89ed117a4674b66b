package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The built program drafting specs from samples, and running them as they are. */
class DraftIT {

  @TempDir private Path folder;

  private static Path paper(String name) {
    return Program.SAMPLES.resolve(name + ".pdf").toAbsolutePath();
  }

  private String draft(Object... papers) throws Exception {
    Object[] args = new Object[papers.length + 3];
    args[0] = "draft";
    System.arraycopy(papers, 0, args, 1, papers.length);
    args[args.length - 2] = "-o";
    args[args.length - 1] = "drafted.inlay.yaml";
    Result result = Program.run(folder, args);
    assertThat(result.code()).as(result.err()).isZero();
    return Files.readString(folder.resolve("drafted.inlay.yaml"));
  }

  /** The lines of the one list that the draft gives over a paper. */
  private List<String> run(Object... papers) throws Exception {
    Object[] args = new Object[papers.length + 4];
    args[0] = "run";
    args[1] = "drafted.inlay.yaml";
    System.arraycopy(papers, 0, args, 2, papers.length);
    args[args.length - 2] = "-o";
    args[args.length - 1] = "out.csv";
    Result result = Program.run(folder, args);
    assertThat(result.code()).as(result.out() + result.err()).isZero();
    return Files.readAllLines(folder.resolve("out.csv"));
  }

  @Test
  void aListInThreeColumnsIsFoldedAndItsWeekCarried() throws Exception {
    String spec = draft(paper("quay-prices-2025-w14"), paper("quay-prices-2025-w15"));
    assertThat(spec)
        .contains("fold: down")
        .contains("price: {from: Price, type: number}  # 186 values, like ")
        .contains("code: Code  # 186 values, like 1008; all different: codes")
        .contains("week: {pattern: \"Week (.+)$\", type: integer}  # 14; 15");
    List<String> lines = run(paper("quay-prices-2025-w16"));
    assertThat(lines).hasSize(89).contains("code,species_and_grade,price,file,week");
  }

  @Test
  void headingsTypesAndSumsOfTheDuesAreSeen() throws Exception {
    String spec = draft(paper("dues-statement-brennick"), paper("dues-statement-oyle"));
    assertThat(spec)
        .contains("# 13 rows, like Skua, SK 114; Merganser, OY 27; Fulmar, BR 203")
        .contains("date: {from: Date, type: date}")
        .contains("leave out: [subtotals, totals]");
    List<String> lines = run(paper("dues-statement-brennick"), paper("dues-statement-oyle"));
    assertThat(lines).hasSize(90);
    assertThat(lines.get(1))
        .endsWith(
            ",12.1,2.68,32.43,dues-statement-brennick.pdf,3,\"Brennick, March 2025\",\"Skua, SK 114\"");
  }

  @Test
  void twoTablesGiveTwoDataSets() throws Exception {
    String spec = draft(paper("landings-2025-q1"), paper("landings-2025-q2"));
    assertThat(spec)
        .contains("  landings by harbour and species:", "  vessels by length class:")
        .contains("boxed: {from: Landed weight (kg) / Boxed, type: number}")
        .contains("species: {from: Species, markers: off}");
    Result result =
        Program.run(
            folder,
            "run",
            "drafted.inlay.yaml",
            paper("landings-2025-q3"),
            paper("landings-2025-q4"),
            "--dry");
    assertThat(result.code()).as(result.out()).isZero();
    assertThat(result.out()).contains("128 rows read = 124 accepted + 0 held + 4 left out");
  }

  @Test
  void columnsThatDifferBetweenSamplesAreReported() throws Exception {
    String spec = draft(paper("quay-prices-2025-w16"), paper("quay-prices-2025-w17"));
    assertThat(spec)
        .contains("species_and_grade: {from: [Species and grade, Species and grades]}")
        .contains("optional: yes}")
        .contains("not in all files: only in quay-prices-2025-w17.pdf");
    assertThat(run(paper("quay-prices-2025-w16"), paper("quay-prices-2025-w17"))).hasSize(171);
  }

  @Test
  void typesAreToldFromAllValues() throws Exception {
    String spec = draft(paper("deposit-book-2025"));
    assertThat(spec)
        .contains("account: Account  # 5 values, like 0042; numbers with zeros in front are codes")
        .contains("due_in: {from: Due in, type: yearmonth}")
        .contains("balance: {from: Balance, type: number, nothing: [\"\u2013\"]}")
        .contains("share: {from: Share, type: percent}")
        .contains("lent: {from: Lent, type: boolean}")
        .contains("holder: {from: Holder, markers: off}");
  }

  /** The checks that a draft proposes, without their evidence. */
  private static List<String> checks(String spec) {
    return spec.lines()
        .map(String::strip)
        .filter(l -> l.matches("- \\{(row|sum|unique|carried|count|serial|balance|same): .*"))
        .map(l -> l.replaceFirst("\\s+#.*", ""))
        .toList();
  }

  @Test
  void everyTrueRelationIsProposedAndNoFalseOne() throws Exception {
    assertThat(checks(draft(paper("dues-statement-brennick"), paper("dues-statement-oyle"))))
        .containsExactly(
            "- {row: quantity * rate == amount, within: 0.005}",
            "- {sum: amount, by: [heading], is: subtotals}",
            "- {sum: amount, is: totals}",
            "- {carried: amount}");
    Files.delete(folder.resolve("drafted.inlay.yaml"));
    assertThat(checks(draft(paper("cash-book-2025-03"), paper("cash-book-2025-04"))))
        .containsExactly(
            "- {sum: amount, is: totals}",
            "- {carried: balance}",
            "- {count: rows, is: entries}",
            "- {serial: no}",
            "- {balance: balance, plus: amount}",
            "- {same: sheet, on: page}");
    Files.delete(folder.resolve("drafted.inlay.yaml"));
    assertThat(checks(draft(paper("landings-2025-q1"), paper("landings-2025-q2"))))
        .containsExactly(
            "- {sum: landings, is: totals}",
            "- {sum: boxed, is: totals}",
            "- {sum: bulk, is: totals}",
            "- {sum: value, is: totals}",
            "- {sum: vessels, is: totals}",
            "- {sum: landings, is: totals}",
            "- {sum: landed_weight, is: totals}");
    Files.delete(folder.resolve("drafted.inlay.yaml"));
    assertThat(checks(draft(paper("quay-prices-2025-w14"), paper("quay-prices-2025-w15"))))
        .containsExactly("- {unique: code}", "- {unique: species_and_grade}");
    Files.delete(folder.resolve("drafted.inlay.yaml"));
    assertThat(checks(draft(paper("season-summary-2024"), paper("season-summary-2025"))))
        .hasSize(8)
        .allMatch(c -> c.endsWith(", is: totals, where: \"harbour != 'per cent'\"}"));
  }

  @Test
  void aPaperWithoutTablesGivesNoSpec() throws Exception {
    Result result = Program.run(folder, "draft", paper("quay-prices-2025-w20"), "-o", "no.yaml");
    assertThat(result.code()).isEqualTo(1);
    assertThat(result.err()).contains("no table is common to most of the files");
    assertThat(folder).isEmptyDirectory();
  }
}
