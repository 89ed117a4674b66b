package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import dev.inlay.cli.Program.Result;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Faults of the machine and files that are none: one line, the right exit status, nothing lost. */
class FaultsIT {

  private static final Path FULL = Path.of("/dev/full");

  @TempDir private Path folder;

  @BeforeEach
  void makeInputs() throws IOException {
    Files.copy(Program.SAMPLES.resolve("cash-book-2025-03.pdf"), folder.resolve("book.pdf"));
    Files.copy(Program.SAMPLES.resolve("specs/cash-book.inlay.yaml"), folder.resolve("book.yaml"));
  }

  private Result run(String line) throws Exception {
    return Program.run(folder, (Object[]) line.split(" "));
  }

  /** Every command whose output is lost says so, as on a disk that is full. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "survey book.pdf",
        "lines book.pdf",
        "explain book.pdf",
        "draft book.pdf",
        "extract book.pdf",
        "run book.yaml book.pdf --dry",
        "spec try book.yaml book.pdf",
        "schema spec"
      })
  void outputThatIsLostIsReported(String line) throws Exception {
    assumeTrue(Files.exists(FULL), "a device that is always full");
    List<String> command =
        new ArrayList<>(List.of(Program.DISTRIBUTION.resolve("bin/inlay").toString()));
    command.addAll(List.of(line.split(" ")));
    Path err = folder.resolve("err.txt");
    Process process =
        new ProcessBuilder(command)
            .directory(folder.toFile())
            .redirectOutput(FULL.toFile())
            .redirectError(err.toFile())
            .start();
    assertThat(process.waitFor()).isEqualTo(4);
    assertThat(Files.readString(err))
        .containsOnlyOnce(
            "inlay: standard output: cannot be written: it was closed or its disk is full");
  }

  @Test
  @Timeout(value = 60, unit = TimeUnit.SECONDS)
  void aPipeWithoutAnEndStopsNothing() throws Exception {
    Process made = new ProcessBuilder("mkfifo", folder.resolve("pipe").toString()).start();
    assumeTrue(made.waitFor() == 0, "named pipes");
    Result paper = run("extract pipe book.pdf -o out/ --to csv");
    assertThat(paper.code()).isEqualTo(3);
    assertThat(paper.err())
        .contains("pipe: is a pipe or a device; write it to a file first", "wrote out");
    Result spec = run("run pipe book.pdf --dry");
    assertThat(spec.code()).isEqualTo(2);
    assertThat(spec.messages())
        .containsExactly("inlay: pipe: cannot be read: it is no regular file");
    Result goal = run("extract book.pdf -o pipe --to csv --overwrite");
    assertThat(goal.code()).isEqualTo(4);
    assertThat(goal.err()).contains("it is a folder, a pipe or a device; name a file");
  }

  @ParameterizedTest
  @CsvSource({
    "extract book.pdf -o book.pdf --to json --overwrite, book.pdf",
    "extract book.pdf -o link.pdf --to json --overwrite, book.pdf",
    "draft book.pdf -o book.pdf --overwrite, book.pdf",
    "run book.yaml book.pdf -o ./book.yaml --overwrite, book.yaml"
  })
  void aFileThatIsReadIsNeverWritten(String line, String input) throws Exception {
    Files.createSymbolicLink(folder.resolve("link.pdf"), Path.of("book.pdf"));
    byte[] before = Files.readAllBytes(folder.resolve(input));
    Result result = run(line);
    assertThat(result.code()).isIn(2, 4);
    assertThat(folder.resolve(input)).hasBinaryContent(before);
  }

  @Test
  void aPasswordFileThatIsMissingIsNoDefect() throws Exception {
    String spec = Files.readString(folder.resolve("book.yaml"));
    Files.writeString(folder.resolve("book.yaml"), spec + "password: {file: key.txt}\n");
    for (String line : List.of("run book.yaml book.pdf --dry", "spec try book.yaml book.pdf")) {
      Result result = run(line);
      assertThat(result.code()).isEqualTo(2);
      assertThat(result.messages())
          .singleElement()
          .asString()
          .endsWith(
              "key.txt: cannot be read, and book.yaml names it under 'password'; put it there");
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "report: Held|1:9: a run writes other things to a file called 'held'",
        "report: R\\ndata: {files: {fields: [a]}}|2:15: a run writes other things to a file",
        "report: R\\ndata: {A b: {fields: [a]}, a-B: {fields: [a]}}|2:33: another data set is written",
        "report: R\\ncolumns: {a: {from: A, replace: {x: $1}}}|2:37: '$1' speaks of a group that 'x'",
        "report: R\\ncolumns: {a: {from: A, replace: {(x): '${b}'}}}|2:39: '${b}' speaks of a group",
      })
  void whatWouldFailLaterIsSaidOfTheSpec(String spec, String message) throws Exception {
    Files.writeString(folder.resolve("s.yaml"), spec.replace("\\n", "\n") + "\n");
    Result result = run("spec check s.yaml");
    assertThat(result.code()).isEqualTo(2);
    assertThat(result.err()).contains("inlay: s.yaml:" + message);
  }

  @Test
  void aDollarSignAndAGroupThatIsThereAreNoMistakes() throws Exception {
    Files.writeString(
        folder.resolve("s.yaml"),
        """
        report: R
        columns: {a: {from: A, replace: {"(x)(?<y>.)": "$1 ${y} \\\\$5"}}}
        """);
    assertThat(run("spec check s.yaml").err()).isEmpty();
  }
}
