package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Wrong inputs and wrong uses: the exit code, one line, and nothing half written. */
class ErrorsIT {

  @TempDir private Path folder;

  @BeforeEach
  void makeInputs() throws IOException {
    Files.copy(Program.SAMPLES.resolve("landings-2025-q2.pdf"), folder.resolve("good.pdf"));
    Files.createFile(folder.resolve("empty.pdf"));
    Files.createDirectory(folder.resolve("folder.pdf"));
    Files.writeString(folder.resolve("letter.pdf"), "Dear harbour master,");
    byte[] good = Files.readAllBytes(folder.resolve("good.pdf"));
    Files.write(folder.resolve("broken.pdf"), java.util.Arrays.copyOf(good, 300));
    Files.writeString(folder.resolve("taken.csv"), "precious");
    try (PDDocument pdf = new PDDocument()) {
      pdf.addPage(new PDPage());
      pdf.save(folder.resolve("blank.pdf").toFile());
    }
    try (PDDocument pdf = org.apache.pdfbox.Loader.loadPDF(good)) {
      pdf.protect(new StandardProtectionPolicy("owner", "herring", new AccessPermission()));
      pdf.save(folder.resolve("locked.pdf").toFile());
    }
  }

  private List<String> files() throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.map(f -> f.getFileName().toString()).sorted().toList();
    }
  }

  /** The arguments, the exit code, and the one line that is reported. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "extract none.pdf -o a.csv | 3 | none.pdf: does not exist; check the name",
        "extract folder.pdf -o a.csv | 2 | no PDF file in folder.pdf",
        "extract letter.pdf -o a.csv | 3 | letter.pdf: is not a PDF, whatever its name says; leave it out",
        "extract empty.pdf -o a.csv | 3 | empty.pdf: is empty; ask for a new copy of it",
        "extract locked.pdf -o a.csv | 3 | locked.pdf: is locked; give its password with --password",
        "extract locked.pdf --password cod | 3 | locked.pdf: does not open with the password given; give its password with --password",
        "extract good.pdf --pages 1 -o taken.csv | 4 | taken.csv: exists; add --overwrite to replace it, or name another",
        "extract good.pdf -o a.csv | 4 | a.csv: holds one table as CSV, and 2 were found; name a folder for them",
        "extract good.pdf --limit pagez=1 -o a.json | 2 | --limit: 'pagez' is no limit; there are pages, commands, characters, forms, depth, states, megabytes",
        "extract good.pdf --limit pages=0 -o a.json | 2 | --limit pages: at least 1, not 0",
        "extract good.pdf -o no/a.csv | 4 | no/a.csv: cannot be written: there is no folder",
        "extract good.pdf -o good.pdf/ --to csv | 4 | good.pdf",
        "extract good.pdf -o a | 2 | the ending of 'a' says no format",
        "extract good.pdf -o a.csv --to json | 2 | 'a.csv' does not look like json",
        "extract good.pdf -o folder.pdf | 2 | 'folder.pdf' is a folder: add --to with one of text, csv, json, markdown, html, xlsx",
        "extract good.pdf --to doc | 2 | --to: 'doc' is none of text, csv, json, markdown, html, xlsx",
        "extract good.pdf --to xlsx | 2 | a workbook needs a file: add -o NAME.xlsx",
        "extract good.pdf --pages 5-2 | 2 | --pages: '5-2' runs backwards; write 2-5",
        "extract good.pdf folder.pdf/../good.pdf --to csv -o out/ | 2 | two inputs are called good.pdf",
        "lines folder.pdf | 3 | folder.pdf: is a folder; name the PDF files in it",
        "extract | 2 | name the PDF files to read",
        "extract good.pdf --colour | 2 | there is no option '--colour'",
        "extract good.pdf --owerwrite | 2 | there is no option '--owerwrite'; probably '--overwrite'",
        "shred good.pdf | 2 | there is no command 'shred'",
        "extarct good.pdf | 2 | there is no command 'extarct'; probably 'extract'",
        "spec chekc good.pdf | 2 | there is no command 'chekc'; probably 'check'",
        "demo folder.pdf | 4 | folder.pdf: exists; name another folder"
      })
  void eachErrorIsOneLine(String args, int code, String message) throws Exception {
    List<String> before = files();
    Result result = Program.run(folder, (Object[]) args.split(" "));
    assertThat(result.code()).as(result.err()).isEqualTo(code);
    assertThat(result.messages()).hasSize(1);
    assertThat(result.messages().get(0)).startsWith("inlay: ").contains(message);
    assertThat(result.err()).doesNotContain("\tat ");
    assertThat(files()).isEqualTo(before);
    assertThat(folder.resolve("taken.csv")).hasContent("precious");
  }

  @Test
  void whatIsBeyondALimitIsReportedAndTheRestIsRead() throws Exception {
    Result one = Program.run(folder, "extract", "good.pdf", "--limit", "pages=1", "--to", "csv");
    assertThat(one.code()).isEqualTo(ExitCode.INPUT);
    assertThat(one.messages())
        .containsExactly(
            "inlay: good.pdf: page 2 and those behind it are not read: the limit is 1; --limit"
                + " pages=NUMBER allows more");
    assertThat(one.out()).startsWith("Harbour,Species");
    Result few = Program.run(folder, "extract", "good.pdf", "--limit", "characters=100");
    assertThat(few.messages().get(0))
        .endsWith("it has more than 100 characters; --limit characters=NUMBER allows more");
  }

  @Test
  void aBrokenFileIsToldAndVerboseAddsTheTrace() throws Exception {
    Result quiet = Program.run(folder, "extract", "broken.pdf");
    assertThat(quiet.code()).isEqualTo(ExitCode.INPUT);
    assertThat(quiet.messages()).hasSize(1);
    assertThat(quiet.messages().get(0)).contains("broken.pdf: is a PDF but broken");
    Result verbose = Program.run(folder, "extract", "broken.pdf", "--verbose");
    assertThat(verbose.err()).contains("\tat dev.inlay.pdf.PdfFile.open");
  }

  @Test
  void aFileWithoutATableIsAFinding() throws Exception {
    Result result =
        Program.run(
            folder,
            "extract",
            Program.SAMPLES.resolve("landings-2025-q4.pdf").toAbsolutePath(),
            "--pages",
            "9",
            "-o",
            "a.csv");
    assertThat(result.code()).isEqualTo(ExitCode.INPUT);
    assertThat(result.messages().get(0)).contains("has 3 page(s), fewer than asked for");
    assertThat(result.messages().get(1)).contains("no table found");
    assertThat(folder.resolve("a.csv")).doesNotExist();
  }

  @Test
  void aPageWithoutTextIsNotReadable() throws Exception {
    Result result = Program.run(folder, "extract", "blank.pdf", "--to", "json");
    assertThat(result.code()).isEqualTo(ExitCode.INPUT);
    assertThat(result.out()).contains("\"status\":\"no-text\"");
  }

  @Test
  void thePasswordOpensALockedFile() throws Exception {
    Result result = Program.run(folder, "extract", "locked.pdf", "--password", "herring");
    assertThat(result.code()).as(result.err()).isZero();
    assertThat(result.out()).contains("2 tables");
  }

  @Test
  void overwriteReplaces() throws Exception {
    Program.run(folder, "extract", "good.pdf", "--to", "json", "-o", "out/");
    Path json = folder.resolve("out/good.json");
    Files.writeString(json, "old");
    assertThat(Program.run(folder, "extract", "good.pdf", "--to", "json", "-o", "out").code())
        .isEqualTo(ExitCode.OUTPUT);
    assertThat(json).hasContent("old");
    Result result =
        Program.run(folder, "extract", "good.pdf", "--to", "json", "-o", "out", "--overwrite");
    assertThat(result.code()).isZero();
    assertThat(Files.readString(json)).contains("inlay-tables/1");
  }

  @Test
  void aFileThatMayNotBeWrittenIsReported() throws Exception {
    Result result = Program.run(folder, "extract", "good.pdf", "-o", "/proc/a.json");
    assertThat(result.code()).isEqualTo(ExitCode.OUTPUT);
    assertThat(result.messages()).hasSize(1);
    assertThat(result.messages().get(0)).contains("/proc/a.json: cannot be written");
  }

  @Test
  void linesThatMayBeATableAreReportedAndNothingFails() throws Exception {
    Path paper = Program.SAMPLES.resolve("../cases/set/1-0005.pdf").toAbsolutePath().normalize();
    Result result = Program.run(folder, "extract", paper.toString(), "--to", "json", "-o", "o/");
    assertThat(result.code()).isZero();
    assertThat(result.err())
        .contains("page 1: 5 lines from \"Salt 55.4 g")
        .contains("may be a table and were read as text; look at the page");
    String json = Files.readString(folder.resolve("o/1-0005.json"));
    assertThat(json).contains("\"possible-table\"").contains("\"status\":\"ok\"");
  }

  @Test
  void aPaperThatWasCutShortIsPartialAndItsTablesAreFlagged() throws Exception {
    byte[] whole = Files.readAllBytes(Program.SAMPLES.resolve("landings-2025-q1.pdf"));
    String text = new String(whole, java.nio.charset.StandardCharsets.ISO_8859_1);
    byte[] cut = java.util.Arrays.copyOf(whole, text.lastIndexOf("startxref"));
    Files.write(folder.resolve("cut.pdf"), cut);
    Result result = Program.run(folder, "extract", "cut.pdf", "--to", "json", "-o", "o.json");
    assertThat(result.code()).isEqualTo(ExitCode.INPUT);
    assertThat(result.err())
        .contains(
            "cut.pdf: is damaged: its end is missing; rows may be missing; ask for a new copy");
    assertThat(Files.readString(folder.resolve("o.json")))
        .contains("\"status\":\"partial\"")
        .contains("\"damaged-page\"");
  }
}
