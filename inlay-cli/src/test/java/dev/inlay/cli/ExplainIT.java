package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The built program says why tables are read as they are. */
class ExplainIT {

  private static final Path SAMPLES = Path.of(System.getProperty("inlay.samples"));

  @TempDir private Path folder;

  @BeforeEach
  void copySamples() throws Exception {
    for (String name : new String[] {"landings-2025-q1.pdf", "deposit-book-2025.pdf"}) {
      Files.copy(SAMPLES.resolve(name), folder.resolve(name));
    }
  }

  @Test
  void aTableIsExplainedFromItsWholeToItsLines() throws Exception {
    Result result = Program.run(folder, "explain", "landings-2025-q1.pdf");
    assertThat(result.code()).as(result.err()).isZero();
    assertThat(result.out())
        .contains("p1t1  Table 1. Landings by harbour and species")
        .containsPattern("right as a whole: \\d+ %")
        .contains("page 2: goes on with p1t1: its header is printed again")
        .containsPattern("Landed weight \\(kg\\) +header")
        .contains("because");
  }

  @Test
  void headingsAreGivenToColumns() throws Exception {
    Result result = Program.run(folder, "explain", "deposit-book-2025.pdf", "--table", "p1t1");
    assertThat(result.code()).as(result.err()).isZero();
    assertThat(result.out()).contains("headings 1: Account, 2: Holder, 3: Opened");
  }

  @Test
  void aPageIsShownWithWhatBelongsToNoTable() throws Exception {
    Result result = Program.run(folder, "explain", "landings-2025-q1.pdf", "--page", "2");
    assertThat(result.code()).as(result.err()).isZero();
    assertThat(result.out()).startsWith("page 2").containsPattern("furniture +100 %");
  }

  @Test
  void machinesGetJson() throws Exception {
    Result result = Program.run(folder, "explain", "landings-2025-q1.pdf", "--to", "json");
    assertThat(result.code()).as(result.err()).isZero();
    JsonNode json = JsonMapper.shared().readTree(result.out());
    assertThat(json.get("format").asString()).isEqualTo("inlay-explanation/1");
    JsonNode first = json.get("decisions").get(0);
    assertThat(first.get("question").asString()).isEqualTo("line");
    assertThat(first.get("probability").asDouble()).isBetween(0.0, 1.0);
    assertThat(first.get("reasons").isEmpty()).isFalse();
  }

  @Test
  void whatIsNotThereIsSaid() throws Exception {
    Result table = Program.run(folder, "explain", "landings-2025-q1.pdf", "--table", "p9t1");
    assertThat(table.code()).isEqualTo(2);
    assertThat(table.err()).contains("'p9t1' is none of the tables found: p1t1");
    Result page = Program.run(folder, "explain", "landings-2025-q1.pdf", "--page", "99");
    assertThat(page.code()).isEqualTo(2);
    assertThat(page.err()).contains("has pages 1 to");
    Result file = Program.run(folder, "explain", "missing.pdf");
    assertThat(file.code()).isEqualTo(3);
  }
}
