package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import dev.inlay.samples.CashPlant;
import dev.inlay.samples.Plant;
import dev.inlay.samples.SampleMaker;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The built program finding errors that were planted in statements of dues. */
class ChecksIT {

  @TempDir private Path folder;

  private static final Path DUES =
      Program.SAMPLES.resolve("specs/dues.inlay.yaml").toAbsolutePath();

  /** The spec of the dues with other text in the place of some of its own. */
  private Path changed(String from, String to) throws Exception {
    String shipped = Files.readString(DUES);
    assertThat(shipped).contains(from);
    return Files.writeString(folder.resolve("dues.inlay.yaml"), shipped.replace(from, to));
  }

  private static List<String> findings(Result result) {
    return result.out().lines().filter(l -> l.endsWith("(check)")).toList();
  }

  @Test
  void soundStatementsPassAllChecks() throws Exception {
    Result result =
        Program.run(
            folder,
            "run",
            DUES,
            Program.SAMPLES.resolve("dues-statement-brennick.pdf").toAbsolutePath(),
            Program.SAMPLES.resolve("dues-statement-oyle.pdf").toAbsolutePath(),
            "--dry");
    assertThat(result.code()).as(result.out()).isZero();
    assertThat(findings(result)).isEmpty();
  }

  @Test
  void aCheckThatIsAskedOfNothingDoesNotHold() throws Exception {
    Path spec =
        changed("sum: amount, is: totals}", "sum: amount, is: totals, where: quantity > 999999}");
    Path paper = Program.SAMPLES.resolve("dues-statement-oyle.pdf").toAbsolutePath();
    Result result = Program.run(folder, "run", spec, paper, "-o", "results");
    assertThat(result.code()).as(result.err()).isEqualTo(1);
    assertThat(result.out())
        .contains(" times: 2 hold; asked of nothing: total dues")
        .contains("total dues: was asked of nothing, in no file")
        .contains("(check-not-asked)");
    assertThat(folder.resolve("results/dues.xlsx")).isNotEmptyFile();
    assertThat(folder.resolve("results/findings.csv")).content().contains("check-not-asked");
  }

  @ParameterizedTest
  @EnumSource(Plant.class)
  void aPlantedErrorIsFoundWithItsCauseAndNothingElse(Plant plant) throws Exception {
    Path paper = folder.resolve("planted.pdf");
    Files.write(paper, SampleMaker.planted(plant).pdf());
    Result result = Program.run(folder, "run", DUES, paper, "--dry");
    assertThat(result.code()).as(result.out()).isEqualTo(1);
    List<String> reported = findings(result);
    assertThat(reported)
        .anyMatch(l -> l.contains(plant.check() + ": ") && l.contains(plant.says()));
    boolean both = plant == Plant.LOST_PAGE || plant == Plant.BLANK_PAGE;
    assertThat(reported).hasSize(both ? 2 : 1);
    assertThat(reported).allMatch(l -> l.startsWith("error    planted.pdf, page "));
    // a wrong amount is wrong by itself; that the sum of its vessel is off follows from it
    boolean follows = plant == Plant.EXCHANGED_DIGITS || plant == Plant.SHIFTED_MARK;
    String consequence = "from this follows: 'dues of a vessel' fails on page ";
    assertThat(result.out().contains(consequence)).isEqualTo(follows);
  }

  @Test
  void findingsHaveAColumnForEachThingTheySay() throws Exception {
    Path paper = folder.resolve("planted.pdf");
    Files.write(paper, SampleMaker.planted(Plant.EXCHANGED_DIGITS).pdf());
    Program.run(folder, "run", DUES, paper, "-o", "results/");
    List<String> lines = Files.readAllLines(folder.resolve("results/findings.csv"));
    assertThat(lines.get(0))
        .isEqualTo(
            "number,severity,finding,check,state,file,page,table,row,field,seen,expected,"
                + "difference,cause,follows from,message,link");
    assertThat(lines.get(1))
        .startsWith("1,error,check,quantity times rate,fails,planted.pdf,")
        .contains(",amount,", "two digits are exchanged", "planted.pdf#page=");
    assertThat(lines.get(2))
        .startsWith("2,error,check,dues of a vessel,explained,planted.pdf,")
        .contains(",1,\"dues of a vessel: ");
    assertThat(folder.resolve("results/run.json"))
        .content()
        .contains("\"field\":\"amount\"", "\"followsFrom\":\"quantity times rate: ");
  }

  @ParameterizedTest
  @EnumSource(CashPlant.class)
  void anErrorInTheCashBookIsFoundWithItsCauseAndNothingElse(CashPlant plant) throws Exception {
    Path book = folder.resolve("book.pdf");
    Files.write(book, SampleMaker.planted(plant).pdf());
    Path spec = Program.SAMPLES.resolve("specs/cash-book.inlay.yaml").toAbsolutePath();
    Result result = Program.run(folder, "run", spec, book, "--dry");
    List<String> reported = findings(result);
    if (plant == CashPlant.NONE) {
      assertThat(result.code()).as(result.out()).isZero();
      assertThat(reported).isEmpty();
      return;
    }
    assertThat(result.code()).as(result.out()).isEqualTo(1);
    assertThat(reported).hasSize(1);
    // an amount with a wrong sign makes its balance wrong, and from that follows the total
    assertThat(result.out().contains("from this follows: "))
        .isEqualTo(plant == CashPlant.SIGN_TURNED);
    assertThat(reported)
        .anyMatch(l -> l.contains(": " + plant.check() + ": ") && l.contains(plant.says()));
  }

  @Test
  void aCheckHoldsTheRowsItIsToHold() throws Exception {
    Path paper = folder.resolve("planted.pdf");
    Files.write(paper, SampleMaker.planted(Plant.PRODUCT_OFF).pdf());
    Path spec = changed("within: 0.005}", "within: 0.005, effect: hold row}");
    Result result = Program.run(folder, "run", spec, paper, "-o", "out.csv");
    assertThat(result.code()).isEqualTo(1);
    assertThat(result.out()).contains(" + 1 held + ");
    assertThat(Files.readAllLines(folder.resolve("out.csv"))).noneMatch(l -> l.contains(",81.14"));
  }

  @Test
  void aFileDeliveredTwiceAndAKeyThatComesBackAreReported() throws Exception {
    Path paper = Program.SAMPLES.resolve("dues-statement-oyle.pdf").toAbsolutePath();
    Files.copy(paper, folder.resolve("again.pdf"));
    String unique = "{name: entries, unique: [vessel, date, particulars], over: batch}";
    Path spec = changed("{name: total dues, sum: amount, is: totals}", unique);
    Result result = Program.run(folder, "run", spec, paper, "again.pdf", "--dry");
    assertThat(result.code()).isEqualTo(1);
    assertThat(result.out())
        .contains("again.pdf: is the same file as ", "byte for byte: leave one out (same-file)")
        .contains("from this follows: 'entries' fails 60 times, first on page 1");
    Program.run(folder, "run", spec, paper, "again.pdf", "-o", "results/");
    assertThat(folder.resolve("results/findings.csv"))
        .content()
        .contains("entries: 'Skua, 2025-03-01")
        .contains("is there already: dues-statement-oyle.pdf, page 1");
  }

  /** Runs the weekly price lists of two weeks under more checks. */
  private Result prices(String checks, String... weeks) throws Exception {
    Path spec = folder.resolve("prices.inlay.yaml");
    String shipped = Files.readString(Program.SAMPLES.resolve("specs/quay-prices.inlay.yaml"));
    Files.writeString(spec, shipped + "checks:\n" + checks);
    List<Object> arguments = new ArrayList<>(List.of("run", spec));
    for (String week : weeks) {
      arguments.add(Program.SAMPLES.resolve("quay-prices-2025-" + week + ".pdf").toAbsolutePath());
    }
    arguments.add("--dry");
    return Program.run(folder, arguments.toArray());
  }

  @Test
  void theRowsOfTheWholeBatchAreHeldAgainstANumber() throws Exception {
    String count = "  - {name: rows, count: rows, is: %s, over: batch}\n";
    assertThat(findings(prices(count.formatted("10 to 100000"), "w14", "w15"))).isEmpty();
    assertThat(findings(prices(count.formatted("3"), "w14", "w15")))
        .singleElement()
        .asString()
        .matches("error    all files: rows: there are [0-9]+ rows, expected: 3 \\(check\\)");
    String none = "  - {name: none, count: rows, is: 3, %sover: batch, where: price > 100000}\n";
    assertThat(findings(prices(none.formatted(""), "w14")))
        .anyMatch(l -> l.contains("none: there are 0 rows, expected: 3"));
    assertThat(findings(prices(none.formatted("by: code, "), "w14")))
        .noneMatch(l -> l.contains("expected"));
  }

  @Test
  void valuesAreComparedWithThoseOfTheWeekBefore() throws Exception {
    String wide = "  - {name: price, change: price, along: week, by: code, within: 100000 %}\n";
    assertThat(findings(prices(wide, "w14", "w15"))).isEmpty();
    String narrow = "  - {name: price, change: price, along: week, by: code, within: 0.01 %}\n";
    // the files are given with the later week first: the period counts, not the order
    List<String> reported = findings(prices(narrow, "w15", "w14"));
    assertThat(reported)
        .isNotEmpty()
        .allMatch(l -> l.contains("quay-prices-2025-w15.pdf, page "))
        .allMatch(
            l -> l.contains(" of 14 (change ") && l.contains("quay-prices-2025-w14.pdf, page 1"));
  }

  @Test
  void aPeriodThatComesTwiceAndOneThatIsMissingAreReported() throws Exception {
    Path again = folder.resolve("again.pdf");
    Files.copy(Program.SAMPLES.resolve("quay-prices-2025-w14.pdf"), again);
    // a byte behind the end makes another file of the same paper
    Files.write(again, new byte[] {'\n'}, StandardOpenOption.APPEND);
    Path spec = folder.resolve("prices.inlay.yaml");
    String shipped = Files.readString(Program.SAMPLES.resolve("specs/quay-prices.inlay.yaml"));
    Files.writeString(
        spec,
        shipped
            + """
            checks:
              - {name: one list a week, one file each: week}
              - {name: weeks, expected: week, values: [14, 15], over: batch, severity: warning}
            """);
    Path first = Program.SAMPLES.resolve("quay-prices-2025-w14.pdf").toAbsolutePath();
    Result result = Program.run(folder, "run", spec, first, again, "--dry");
    assertThat(findings(result))
        .hasSize(2)
        .anyMatch(
            l ->
                l.startsWith("error")
                    && l.contains("again.pdf")
                    && l.contains(
                        "one list a week: '14' is there already: quay-prices-2025-w14.pdf"))
        .anyMatch(l -> l.startsWith("warning") && l.contains("weeks: in no file of the batch: 15"));
  }

  @Test
  void codesAreLookedUpInAListBesideTheSpec() throws Exception {
    Files.writeString(folder.resolve("species.csv"), "No,Name\n1,Brill\n2,\"Cod\"\n");
    String check = "  - {name: species, lookup: species, in: species.csv, column: Name}\n";
    List<String> reported = findings(prices(check, "w14"));
    assertThat(reported)
        .isNotEmpty()
        .noneMatch(l -> l.contains("'Brill'"))
        .allMatch(l -> l.contains("is not in the list of 2"));
    Result wrong = prices(check.replace("Name", "Species"), "w14");
    assertThat(wrong.code()).isNotZero();
    assertThat(wrong.err())
        .contains("'species.csv' has no column 'Species'; it has No, Name")
        .containsPattern("prices.inlay.yaml:\\d+:\\d+: ");
  }
}
