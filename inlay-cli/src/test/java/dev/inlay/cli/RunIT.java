package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import dev.inlay.samples.Sample;
import dev.inlay.samples.SampleMaker;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The built program running the specs of the demo families over their papers. */
class RunIT {

  @TempDir private Path folder;

  private static Path spec(String name) {
    return Program.SAMPLES.resolve("specs/" + name + ".inlay.yaml").toAbsolutePath();
  }

  private static List<Path> papers(String family) throws Exception {
    try (Stream<Path> all = Files.list(Program.SAMPLES.toAbsolutePath())) {
      return all.filter(p -> p.getFileName().toString().startsWith(family))
          .filter(p -> p.toString().endsWith(".pdf"))
          .sorted()
          .toList();
    }
  }

  private Result run(String spec, String family, Object... options) throws Exception {
    List<Object> args = new ArrayList<>(List.of("run", spec(spec)));
    args.addAll(papers(family));
    args.addAll(List.of(options));
    return Program.run(folder, args.toArray());
  }

  private void assertExpected(String list) throws Exception {
    assertThat(folder.resolve("out/" + list))
        .hasSameBinaryContentAs(Program.SAMPLES.resolve("expected/" + list));
  }

  @Test
  void theDuesOfAllVesselsComeOutByteForByte() throws Exception {
    Result result = run("dues", "dues-statement", "-o", "out/");
    assertThat(result.code()).as(result.err()).isZero();
    assertExpected("dues.csv");
    assertThat(result.out())
        .contains("121 rows read = 89 accepted + 0 held + 32 left out")
        .contains("left out by 'headings carried': 13", "3 checks, asked 108 times: all hold")
        .containsPattern("[\\d,]+ characters printed = [\\d,]+ in tables \\+ [\\d,]+ furniture");
  }

  @Test
  void theBulletinGivesTwoDataSets() throws Exception {
    Result result = run("landings", "landings", "-o", "out/");
    assertThat(result.code()).as(result.err()).isZero();
    assertExpected("landings.csv");
    assertExpected("length-classes.csv");
  }

  @Test
  void theSeasonsHeadingsBecomeRows() throws Exception {
    Result result = run("season", "season-summary", "-o", "out/");
    assertThat(result.code()).as(result.err()).isZero();
    assertExpected("season.csv");
  }

  @Test
  void fiveLinesDoForTheRegisterOfSixtyPages() throws Exception {
    assertThat(Files.readAllLines(spec("vessel-register"))).hasSizeLessThanOrEqualTo(5);
    Sample register =
        SampleMaker.all().stream()
            .filter(s -> s.name().startsWith("vessel-register"))
            .findFirst()
            .orElseThrow();
    Files.write(folder.resolve("register.pdf"), register.pdf());
    Result result =
        Program.run(folder, "run", spec("vessel-register"), "register.pdf", "-o", "out/");
    assertThat(result.code()).as(result.err()).isZero();
    assertThat(Files.readString(folder.resolve("out/vessel-register.csv")))
        .isEqualTo(SampleMaker.expectedData().get("vessel-register.csv"));
  }

  @Test
  void filesOfABatchThatDoNotFitAreSetAsideAndTheRestGoesOn() throws Exception {
    Result result = run("quay-prices", "quay-prices", "-o", "out/");
    assertThat(result.code()).isEqualTo(3);
    assertExpected("quay-prices.csv");
    assertThat(result.out())
        .containsPattern("w17.pdf +read")
        .containsPattern("w18.pdf +locked")
        .containsPattern("w19.pdf +no text")
        .containsPattern("w20.pdf +set aside")
        .contains("no line holds 'Quay prices' (set-aside)")
        .contains("'Species and grades' was taken for field 'article' (94 % alike)")
        .contains("the column 'Lots' is new")
        .contains("w21.pdf, page 1: price: 'by tender' is not a valid number (not-number)")
        .contains("450 rows read = 449 accepted + 1 held + 0 left out");
    assertThat(Files.readAllLines(folder.resolve("out/held.csv"))).hasSize(2);
    assertThat(Files.readString(folder.resolve("out/held.csv")))
        .contains("price: 'by tender' is not a valid number,1367");
  }

  @Test
  void aTableThatNoDataSetTakesIsReportedWithItsRowsUnlessItIsNotWanted() throws Exception {
    Path paper = Program.SAMPLES.resolve("landings-2025-q1.pdf").toAbsolutePath();
    String yaml =
        """
        report: Landings
        table: Landings by harbour and species
        columns: {harbour: Harbour}
        """;
    Path spec = Files.writeString(folder.resolve("one.inlay.yaml"), yaml);
    Result result = Program.run(folder, "run", spec, paper, "--dry");
    assertThat(result.code()).isEqualTo(1);
    assertThat(result.out())
        .containsPattern("landings-2025-q1.pdf +incomplete")
        .contains("table p2t2 'Table 2. Vessels by length class, January to March 2025', 4 rows,")
        .contains("(table-not-taken)");
    Files.writeString(spec, yaml + "other tables: leave out\n");
    Result meant = Program.run(folder, "run", spec, paper, "--dry");
    assertThat(meant.code()).as(meant.out()).isZero();
    assertThat(meant.out()).containsPattern("landings-2025-q1.pdf +read").doesNotContain("p2t2");
  }

  @Test
  void aPasswordOpensTheLockedFileAndStrictCountsWarnings() throws Exception {
    Result result =
        Program.run(
            folder,
            "run",
            spec("quay-prices"),
            papers("quay-prices-2025-w18").get(0),
            "--password",
            SampleMaker.batchPassword(),
            "--dry");
    assertThat(result.code()).as(result.err()).isZero();
    assertThat(result.out()).containsPattern("w18.pdf +read");
    Result other = run("quay-prices", "season-summary", "--dry", "--strict");
    assertThat(other.code()).isEqualTo(1);
    assertThat(folder).isEmptyDirectory();
  }

  @Test
  void aSpecNamesThePlaceOfThePassword() throws Exception {
    Path own = folder.resolve("own.inlay.yaml");
    Files.writeString(own, Files.readString(spec("quay-prices")) + "password: {file: key.txt}\n");
    Files.writeString(folder.resolve("key.txt"), SampleMaker.batchPassword() + "\n");
    Result result = Program.run(folder, "run", own, papers("quay-prices-2025-w18").get(0), "--dry");
    assertThat(result.code()).as(result.err()).isZero();
  }

  @Test
  void aSecondRunMakesTheSameBytes() throws Exception {
    run("quay-prices", "quay-prices", "-o", "out/");
    run("quay-prices", "quay-prices", "-o", "again/");
    Path out = folder.resolve("out");
    try (Stream<Path> files = Files.walk(out)) {
      for (Path file : files.filter(Files::isRegularFile).toList()) {
        assertThat(folder.resolve("again").resolve(out.relativize(file)))
            .hasSameBinaryContentAs(file);
      }
    }
  }

  @Test
  void theCashBooksComeOutByteForByteAndTheSlipInOneIsNamed() throws Exception {
    Result result = run("cash-book", "cash-book", "-o", "out/");
    assertThat(result.code()).as(result.out() + result.err()).isEqualTo(1);
    assertExpected("cash-book.csv");
    assertThat(folder.resolve("out/run.json"))
        .content()
        .contains(
            "{\"name\":\"balance\",\"state\":\"fails\",\"asked\":190,\"rows\":190}",
            "{\"name\":\"one book a month\",\"state\":\"holds\",\"asked\":3,\"rows\":193}");
    assertThat(result.out())
        .contains("202 rows read = 193 accepted + 0 held + 9 left out")
        .contains(
            "7 checks, asked 579 times: 5 hold; failing: balance; explained by other findings: total")
        .contains("from this follows: 'total' fails on page 2")
        .containsPattern(
            "cash-book-2025-05.pdf, page 1: balance: .* amount would be -?[\\d.]+: its sign is turned")
        .doesNotContain("cash-book-2025-03.pdf, page", "cash-book-2025-04.pdf, page");
  }

  @Test
  void filesThatExistStopARunBeforeItBegins() throws Exception {
    Files.createDirectory(folder.resolve("out"));
    Files.writeString(folder.resolve("out/dues.csv"), "date\n");
    Result again = run("dues", "dues-statement", "-o", "out/");
    assertThat(again.code()).isEqualTo(4);
    assertThat(again.err()).contains("dues.csv: exists; add --overwrite");
    assertThat(again.out()).isEmpty();
    assertThat(folder.resolve("out/.inlay")).as("nothing was begun").doesNotExist();
    assertThat(run("dues", "dues-statement", "-o", "out/", "--overwrite").code()).isZero();
  }

  @Test
  void filesOfAnEarlierRunAreNamed() throws Exception {
    Result first = run("dues", "dues-statement", "-o", "out/");
    assertThat(first.err()).doesNotContain("did not write");
    Files.writeString(folder.resolve("out/dues of March.csv"), "date");
    Files.writeString(folder.resolve("out/notes.txt"), "to do");
    Result again = run("dues", "dues-statement", "-o", "out/");
    assertThat(again.err())
        .contains("files that this run did not write, perhaps of an earlier one: dues of March.csv")
        .doesNotContain("notes.txt");
  }

  @Test
  void theWorkbookHoldsNumbersDaysAndLinks() throws Exception {
    run("dues", "dues-statement", "-o", "out/");
    try (ReadableWorkbook workbook =
        new ReadableWorkbook(folder.resolve("out/dues.xlsx").toFile())) {
      List<Row> rows = workbook.findSheet("dues").orElseThrow().read();
      assertThat(rows).hasSize(90);
      assertThat(rows.get(0).getCellText(8)).isEqualTo("amount");
      Row first = rows.get(1);
      assertThat(first.getCellText(1)).isEqualTo("2025-03");
      assertThat(first.getCellAsDate(4).orElseThrow()).hasToString("2025-03-01T00:00");
      assertThat(first.getCellAsNumber(8).orElseThrow()).isEqualByComparingTo("32.43");
      assertThat(workbook.getSheets().map(s -> s.getName()).toList())
          .as("sheets without rows are left out")
          .containsExactly("Summary", "dues", "Files", "Checks");
    }
  }

  @Test
  void theFirstSheetSaysWhatCameOfItAndWhatToLookAtFirst() throws Exception {
    run("cash-book", "cash-book", "-o", "out/");
    try (ReadableWorkbook workbook =
        new ReadableWorkbook(folder.resolve("out/cash-book.xlsx").toFile())) {
      List<String> lines =
          workbook.getFirstSheet().read().stream()
              .map(r -> r.getCellText(0) + ": " + r.getCellText(1))
              .toList();
      assertThat(lines)
          .contains("report: Cash book", "files: 3 read", "rows of cash-book: 193")
          .contains("rows of the files: 202 rows read = 193 accepted + 0 held + 9 left out")
          .contains("findings: 2 errors");
      assertThat(lines.get(lines.size() - 1))
          .startsWith("look first at: error: balance: ")
          .contains("its sign is turned round");
    }
  }

  @Test
  void everyRowOfAWorkbookHasItsLink() throws Exception {
    run("season", "season-summary", "-o", "season.xlsx");
    try (ZipFile zip = new ZipFile(folder.resolve("season.xlsx").toFile());
        InputStream in = zip.getInputStream(zip.getEntry("xl/worksheets/sheet2.xml"))) {
      String sheet = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      assertThat(sheet.split("<hyperlink ", -1)).hasSize(64 + 1);
    }
  }

  @Test
  void wrongUseIsToldInOneLine() throws Exception {
    Result none = run("dues", "dues-statement");
    assertThat(none.code()).isEqualTo(2);
    assertThat(none.messages()).hasSize(1);
    assertThat(none.err()).contains("add -o, or --dry");
    Result ending = run("dues", "dues-statement", "-o", "out.doc");
    assertThat(ending.code()).isEqualTo(2);
    assertThat(ending.err()).contains("the ending of 'out.doc' says no format");
    Result list = run("landings", "landings", "-o", "all.csv");
    assertThat(list.code()).isEqualTo(2);
    assertThat(list.err()).contains("holds one data set, and the spec has several");
    Result missing = Program.run(folder, "run", "none.yaml", papers("dues").get(0), "--dry");
    assertThat(missing.code()).isEqualTo(2);
    assertThat(missing.err()).contains("none.yaml: there is no such file");
    Result pdf = Program.run(folder, "run", papers("dues").get(0), papers("dues").get(1), "--dry");
    assertThat(pdf.code()).isEqualTo(2);
    assertThat(pdf.err()).contains("name the spec first");
  }

  @Test
  void aTrialSaysWhatEachRuleTookAndNearlyTook() throws Exception {
    Result result =
        Program.run(folder, "spec", "try", spec("landings"), papers("landings-2025-q1").get(0));
    assertThat(result.code()).as(result.err()).isZero();
    assertThat(result.out())
        .contains("not  p2t2: its title is 'Table 2. Vessels by length class")
        .containsPattern("field bulk +took 6, first '70,725.3', page 1")
        .contains("50 rows read");
    Path wrong = folder.resolve("wrong.inlay.yaml");
    Files.writeString(wrong, "report: A\ncolumns: {price: {from: Prices per box, type: number}}\n");
    Result aside = Program.run(folder, "spec", "try", wrong, papers("quay-prices-2025-w14").get(0));
    assertThat(aside.code()).isEqualTo(1);
    assertThat(aside.out()).contains("set aside").contains("the nearest is 'Price'");
  }
}
