package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The built program making plain lists, and pages for people, of the demo papers. */
class ListsIT {

  @TempDir private Path folder;

  private Result extract(String file, String... options) throws Exception {
    Files.copy(Program.SAMPLES.resolve(file), folder.resolve(file));
    String[] args = new String[options.length + 2];
    args[0] = "extract";
    args[1] = file;
    System.arraycopy(options, 0, args, 2, options.length);
    return Program.run(folder, (Object[]) args);
  }

  @Test
  void headingsAreCarriedAndTotalsLeftOut() throws Exception {
    Result result =
        extract(
            "dues-statement-oyle.pdf",
            "--carry-headings",
            "--leave-out",
            "totals,notes",
            "--to",
            "csv");
    assertThat(result.code()).as(result.err()).isZero();
    List<String> lines = result.out().lines().toList();
    assertThat(lines.get(0)).startsWith("Heading,");
    assertThat(lines.subList(1, lines.size()))
        .isNotEmpty()
        .noneMatch(l -> l.contains("Dues of") || l.contains("forward") || l.startsWith(","));
  }

  @Test
  void anUnknownKindOfRowsIsToldBeforeAnyWork() throws Exception {
    Result result = extract("dues-statement-oyle.pdf", "--leave-out", "sums");
    assertThat(result.code()).isEqualTo(2);
    assertThat(result.err()).contains("'sums' is none of totals, subtotals, notes, headings");
    assertThat(result.out()).isEmpty();
  }

  @Test
  void markdownGoesToTheScreenAndHtmlToAFile() throws Exception {
    Result screen = extract("season-summary-2025.pdf", "--to", "markdown");
    assertThat(screen.code()).as(screen.err()).isZero();
    assertThat(screen.out()).startsWith("### season-summary-2025.pdf, p1t1").contains("| ---: |");
    Result file = Program.run(folder, "extract", "season-summary-2025.pdf", "-o", "season.html");
    assertThat(file.code()).as(file.err()).isZero();
    assertThat(Files.readString(folder.resolve("season.html")))
        .startsWith("<!doctype html>")
        .contains("<th scope=\"colgroup\" colspan=")
        .endsWith("</body></html>\n");
  }

  @Test
  void theFormsThatAFileMayHaveAreNamed() throws Exception {
    Result result = extract("season-summary-2025.pdf", "-o", "season.doc");
    assertThat(result.code()).isEqualTo(2);
    assertThat(result.err()).contains(".md, .html");
  }
}
