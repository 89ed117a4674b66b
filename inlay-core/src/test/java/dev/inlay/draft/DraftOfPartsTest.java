package dev.inlay.draft;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.TableBuilder;
import dev.inlay.model.Table;
import dev.inlay.rows.PageLine;
import dev.inlay.rows.ReadRows;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Drafts of files with several lists of one shape, and of what is printed around them. */
class DraftOfPartsTest {

  private static Table list(String title) {
    return new TableBuilder("Berth", "Vessel", "Dues")
        .title(title)
        .row("N1", "Grey Tern", "12.50")
        .row("N2", "Old Petrel", "7.25")
        .build();
  }

  private static SampleFile file(String name, List<PageLine> lines, Table... tables) {
    return new SampleFile(name, List.of(tables), lines, List.of());
  }

  private static List<PageLine> lines(String... texts) {
    List<PageLine> lines = new ArrayList<>();
    for (String text : texts) {
      lines.add(ReadRows.line(text, 20 + 15 * lines.size()));
    }
    return lines;
  }

  /** A draft of two files whose tables have these titles, parted by semicolons. */
  private static String draft(String first, String second) {
    List<SampleFile> files = new ArrayList<>();
    for (String titles : List.of(first, second)) {
      Table[] tables =
          Arrays.stream(titles.split("; ")).map(DraftOfPartsTest::list).toArray(Table[]::new);
      files.add(file(files.size() + ".pdf", lines("Dues of the harbour"), tables));
    }
    return SpecDraft.of(files);
  }

  @Test
  void listsThatTheReportNumbersAreDataSetsOfTheirOwn() {
    String titles = "Appendix A. Open dues; Appendix B. Closed dues";
    assertThat(draft(titles, titles))
        .contains("  open dues:\n    table: Open dues", "  closed dues:\n    table: Closed dues")
        .doesNotContain("origin: title")
        .contains("# It reads 8 rows from them, and holds none.");
  }

  @Test
  void listsWithoutNumbersOrWithOtherTitlesInSomeFileAreOne() {
    String plain = "Open dues; Closed dues";
    String numbered = "Table 1: Open dues; Table 2: Closed dues";
    assertThat(draft(plain, plain)).contains("title: {origin: title}").doesNotContain("data:");
    assertThat(draft(numbered, numbered)).contains("data:");
    assertThat(draft(numbered, "Table 1: Open dues; Table 2: Old dues")).doesNotContain("data:");
    assertThat(draft(numbered, "Table 1: Open dues")).doesNotContain("data:");
    assertThat(draft(numbered, numbered + "; Open dues")).doesNotContain("data:");
  }

  @ParameterizedTest
  @CsvSource({
    "Table 3: Dues, Dues",
    "Appendix B. Dues, Dues",
    "2.1 Dues, Dues",
    "Tabelle 4 Dues, Dues",
    "Dues of 2024, Dues of 2024",
    "A Dues, A Dues",
    "Table 12, Table 12"
  })
  void theNumberOfATitleIsNoneOfItsWords(String title, String words) {
    assertThat(NumberedTitle.withoutNumber(title)).isEqualTo(words);
    assertThat(NumberedTitle.isNumbered(title)).isEqualTo(!title.equals(words));
  }

  private static String named(String first, String second) {
    return SpecDraft.of(
        List.of(
            file("a.pdf", lines("Dues of the harbour", first), list("Dues")),
            file("b.pdf", lines("Dues of the harbour", second), list("Dues"))));
  }

  @Test
  void aNameAtTheEndOfALineThatElseIsTheSameIsAValue() {
    assertThat(named("Harbour district of Skua", "Harbour district of Old Tern"))
        .contains("district: {pattern: \"^Harbour district of (.+)$\"}  # Skua; Old Tern");
    assertThat(named("District Skua", "District Tern")).as("one word").doesNotContain("^District");
    assertThat(named("Open until the tide", "Open until the moon"))
        .as("no name")
        .doesNotContain("^Open");
    assertThat(named("Harbour district of Skua", "Harbour district of Skua"))
        .as("the same in all")
        .doesNotContain("^Harbour");
  }

  private static String subtitled(String first, String second) {
    List<SampleFile> files = new ArrayList<>();
    for (String below : List.of(first, second)) {
      files.add(file(files.size() + ".pdf", lines("Dues of the harbour", below), list("Dues")));
    }
    return SpecDraft.of(files);
  }

  @Test
  void theLineBelowTheTitleIsAValueWhereItDiffersAndHasNoLabel() {
    assertThat(subtitled("March 2025", "April 2025"))
        .contains("subtitle: {below: Dues of the harbour, type: yearmonth}  # March 2025; April");
    assertThat(subtitled("March 2025", "March 2025")).doesNotContain("subtitle");
    assertThat(subtitled("Clerk:  Ferrier", "Clerk:  Moran"))
        .contains("clerk: {beside: \"Clerk:\"}")
        .doesNotContain("subtitle");
  }

  @Test
  void aDraftOfOneSampleSaysWhatItCannotKnow() {
    SampleFile one = file("a.pdf", lines("Dues of Skua"), list("Dues"));
    assertThat(SpecDraft.of(List.of(one)))
        .contains("recognised by: Dues of Skua\n# One sample does not show which words change");
    assertThat(subtitled("March 2025", "April 2025")).doesNotContain("One sample");
  }

  @Test
  void aDateThatChangesWithinATableHoldsForTheRowsBelowIt() {
    List<PageLine> dates = lines("Dues of the harbour", "As of:  31.3.2025");
    List<PageLine> later = lines("Dues of the harbour", "As of:  31.3.2026");
    dates.add(ReadRows.line("As of:  30.6.2025", 400));
    assertThat(
            SpecDraft.of(
                List.of(file("a.pdf", dates, list("Dues")), file("b.pdf", later, list("Dues")))))
        .contains("as_of: {beside: \"As of:\", per: next, type: date");
    dates.set(2, ReadRows.line("As of:  30.6.2025", 800));
    assertThat(
            SpecDraft.of(
                List.of(file("a.pdf", dates, list("Dues")), file("b.pdf", later, list("Dues")))))
        .as("below the table")
        .contains("as_of: {beside: \"As of:\", per: table, type: date");
  }

  /** A balance in which a dash stands for an amount that comes in. */
  private static String balance(int dash) {
    return balance(6, dash);
  }

  /** The same, the dash in another row, from 1. */
  private static String balance(int dashed, int dash) {
    TableBuilder table = new TableBuilder("Day", "In", "Out", "Balance");
    int balance = 500;
    for (int r = 1; r <= 14; r++) {
      int in = r == dashed ? dash : 3 * r % 11 + 1;
      int out = 5 * r % 7 + 2;
      balance += in - out;
      table.row("D" + r, r == dashed ? "-" : in + ".00", out + ".00", balance + ".00");
    }
    return SpecDraft.of(List.of(file("a.pdf", lines("Cash"), table.build())));
  }

  @Test
  void aBalanceShowsThatADashMeansZero() {
    String field = "in: {from: In, type: number, nothing: [\"-\"]";
    assertThat(balance(0)).contains(field + ", default: \"0\"}").contains("'-' means 0");
    assertThat(balance(9)).contains(field).doesNotContain("default");
    assertThat(balance(1, 0)).as("a first row shows nothing").doesNotContain("default");
  }

  /** Ten berths with a mark, a quay that comes again or does not, and a remark. */
  private static String berths(boolean again) {
    TableBuilder table = new TableBuilder("Mark", "Quay", "Remark");
    for (int r = 0; r < 10; r++) {
      table.row("M" + r + "x", "Q" + (again ? r % 3 : r) + "y", "seen on day " + r);
    }
    return SpecDraft.of(List.of(file("a.pdf", lines("Berths"), table.build())));
  }

  @Test
  void whatNamesTheRowsStandsAtTheirLeft() {
    assertThat(berths(false)).contains("{unique: mark}", "{unique: quay}", "{unique: remark}");
    assertThat(berths(true))
        .contains("{unique: mark}")
        .doesNotContain("unique: quay", "unique: remark");
  }
}
