package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** How commands are given their files, and what they say meanwhile. */
class InputsIT {

  private static final String LANDINGS = "landings-2025-q1.pdf";
  private static final String PRICES = "quay-prices-2025-w14.pdf";

  @TempDir private Path folder;

  @BeforeEach
  void putPapersThere() throws IOException {
    Path inner = Files.createDirectories(folder.resolve("reports/old"));
    Files.copy(Program.SAMPLES.resolve(LANDINGS), folder.resolve("reports").resolve(LANDINGS));
    Files.copy(Program.SAMPLES.resolve(PRICES), inner.resolve(PRICES));
    Files.writeString(inner.resolve("read-me.txt"), "no report");
  }

  private List<String> written(String name) throws IOException {
    try (Stream<Path> files = Files.list(folder.resolve(name))) {
      return files
          .map(f -> f.getFileName().toString())
          .filter(f -> !f.startsWith("."))
          .sorted()
          .toList();
    }
  }

  @Test
  void aFolderStandsForAllPdfFilesInItAndBelow() throws Exception {
    Result result = Program.run(folder, "extract", "reports", "--to", "json, csv", "-o", "tables/");
    assertThat(result.code()).as(result.err()).isZero();
    assertThat(written("tables"))
        .contains("landings-2025-q1.json", "quay-prices-2025-w14.json")
        .filteredOn(name -> name.endsWith(".csv"))
        .hasSizeGreaterThan(1);
  }

  @Test
  void severalFormatsNeedAFolder() throws Exception {
    Result screen = Program.run(folder, "extract", "reports", "--to", "json,csv");
    assertThat(screen.code()).isEqualTo(2);
    assertThat(screen.err()).contains("several formats need a folder");
    Result wrong = Program.run(folder, "extract", "reports", "--to", "json,cvs", "-o", "t/");
    assertThat(wrong.code()).isEqualTo(2);
    assertThat(wrong.err()).contains("'cvs' is none of");
  }

  @Test
  void patternsAreLookedUpByTheProgramToo() throws Exception {
    Result deep = Program.run(folder, "survey", "reports/**/q*-w1?.pdf", "--to", "csv");
    assertThat(deep.code()).as(deep.err()).isZero();
    assertThat(deep.out()).contains(PRICES).doesNotContain(LANDINGS);
    Result here = Program.run(folder.resolve("reports"), "survey", "{l,m}*.pdf", "--to", "csv");
    assertThat(here.out()).contains(LANDINGS).doesNotContain(PRICES);
    Result none = Program.run(folder, "survey", "reports", "may/*.pdf", "--to", "csv");
    assertThat(none.code()).as("the rest is done").isEqualTo(3);
    assertThat(none.err()).contains("no PDF file in may/*.pdf");
    assertThat(none.out()).contains(LANDINGS);
    Result wrong = Program.run(folder, "survey", "reports/[.pdf");
    assertThat(wrong.code()).isEqualTo(2);
    assertThat(wrong.messages()).hasSize(1);
  }

  @Test
  void namesMayComeFromAListOrStandardInput() throws Exception {
    String names = "reports/" + LANDINGS + "\n\nreports/old\nreports/" + LANDINGS + "\n";
    Result piped = Program.runOn(names, folder, "survey", "--from", "-", "--to", "csv");
    assertThat(piped.code()).as(piped.err()).isZero();
    Files.writeString(folder.resolve("list.txt"), names);
    Result listed = Program.run(folder, "survey", "--from", "list.txt", "--to", "csv");
    assertThat(listed.out()).isEqualTo(piped.out()).contains(LANDINGS, PRICES);
    Result missing = Program.run(folder, "survey", "--from", "lost.txt");
    assertThat(missing.code()).isEqualTo(2);
    assertThat(missing.err()).contains("--from: lost.txt cannot be read");
    Result none = Program.run(folder, "extract");
    assertThat(none.code()).isEqualTo(2);
    assertThat(none.err()).contains("name the PDF files to read");
  }

  @Test
  void theNumberOfJobsChangesNothingButTheTime() throws Exception {
    Result one = Program.run(folder, "extract", "reports", "--to", "json", "--jobs", 1);
    Result four = Program.run(folder, "extract", "reports", "--to", "json", "--jobs", 4);
    assertThat(one.out()).isEqualTo(four.out()).isNotEmpty();
    Result none = Program.run(folder, "extract", "reports", "--jobs", 0);
    assertThat(none.code()).isEqualTo(2);
    assertThat(none.err()).contains("--jobs: 0 is less than 1");
  }

  @Test
  void programsAreToldOfEachFileAsJson() throws Exception {
    Result result =
        Program.run(folder, "survey", "reports", "--progress", "json", "-o", "survey.csv");
    assertThat(result.messages())
        .filteredOn(line -> line.startsWith("{"))
        .hasSize(2)
        .first()
        .asString()
        .contains("\"status\":\"ok\"", "\"done\":1", "\"files\":2", LANDINGS);
  }

  @Test
  void quietReportsOnlyWhatFailed() throws Exception {
    Files.writeString(folder.resolve("reports/broken.pdf"), "%PDF-1.4 and nothing more");
    Result result =
        Program.run(folder, "extract", "reports", "--to", "json", "-o", "tables/", "--quiet");
    assertThat(result.code()).isEqualTo(3);
    assertThat(result.messages()).hasSize(1).first().asString().contains("broken.pdf");
    assertThat(written("tables")).hasSize(3);
  }

  @Test
  void surveyFindsTheTablesThatHoldAText() throws Exception {
    Result result = Program.run(folder, "survey", "reports", "--find", "SPECIES", "--to", "csv");
    assertThat(result.code()).as(result.err()).isZero();
    assertThat(result.out().lines().skip(1)).isNotEmpty();
    Result all = Program.run(folder, "survey", "reports", "--to", "csv");
    assertThat(all.out().lines().toList()).hasSizeGreaterThan(result.out().lines().toList().size());
    Result none = Program.run(folder, "survey", "reports", "--find", "zeppelin");
    assertThat(none.code()).isEqualTo(1);
    assertThat(none.err()).contains("no table holds 'zeppelin'");
  }

  @Test
  void runReadsOnlyThePagesAskedFor() throws Exception {
    Path spec = Program.SAMPLES.resolve("specs/landings.inlay.yaml");
    Path file = Program.SAMPLES.resolve("landings-2025-q4.pdf");
    Result run = Program.run(folder, "run", spec, file, "--pages", "1", "-o", "first/");
    Result all = Program.run(folder, "run", spec, file, "-o", "all/");
    assertThat(run.code()).as(run.err()).isLessThan(2);
    assertThat(all.code()).as(all.err()).isLessThan(2);
    assertThat(rows("first")).isGreaterThan(1).isLessThan(rows("all"));
    Result behind = Program.run(folder, "run", spec, file, "--pages", "1,99", "--dry");
    assertThat(behind.code()).as(behind.out()).isEqualTo(3);
    assertThat(behind.out()).contains("fewer than asked for");
  }

  private long rows(String name) throws IOException {
    try (Stream<String> lines = Files.lines(folder.resolve(name).resolve("landings.csv"))) {
      return lines.count();
    }
  }

  @Test
  void theShellCompletesCommandsAndOptions() throws Exception {
    Result result = Program.run(folder, "completion");
    assertThat(result.code()).isZero();
    assertThat(result.out()).startsWith("#!/usr/bin/env bash").contains("--gutters", "survey");
  }
}
