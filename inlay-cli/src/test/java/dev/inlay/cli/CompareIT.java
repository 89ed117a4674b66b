package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The built program holds runs against lists and against each other. */
class CompareIT {

  private static final Path SAMPLES = Path.of(System.getProperty("inlay.samples"));

  @TempDir private Path folder;

  @BeforeEach
  void run() throws Exception {
    for (String name : List.of("quay-prices-2025-w14.pdf", "quay-prices-2025-w15.pdf")) {
      Files.copy(SAMPLES.resolve(name), folder.resolve(name));
    }
    Files.copy(SAMPLES.resolve("specs/quay-prices.inlay.yaml"), folder.resolve("p.inlay.yaml"));
    runTo("prices.csv");
  }

  private void runTo(String out) throws Exception {
    Result result = Program.run(folder, "run", "p.inlay.yaml", ".", "-o", out);
    assertThat(result.code()).as(result.err()).isLessThan(2);
  }

  @Test
  void whatARunWritesIsTheSameInEachFormat() throws Exception {
    for (String name : List.of("p.xlsx", "p.ods", "p.jsonl", "p.sqlite", "p.tsv", "results/")) {
      runTo(name);
      Result result = Program.run(folder, "compare", "prices.csv", name, "--key", "week,code");
      assertThat(result.out()).as(name + result.err()).contains("all rows are the same");
      assertThat(result.code()).isZero();
    }
  }

  /** The rows with one price changed, one row gone and one added. */
  private void editPrices() throws Exception {
    List<String> lines = new ArrayList<>(Files.readAllLines(folder.resolve("prices.csv")));
    String last = lines.get(2).substring(lines.get(2).lastIndexOf(',') + 1);
    lines.set(2, lines.get(2).replace("," + last, ",99.5"));
    lines.remove(4);
    lines.add("16,9999,Eel,large,5.5");
    Files.write(folder.resolve("edited.csv"), lines, StandardCharsets.UTF_8);
  }

  @Test
  void whatDiffersIsShownSideBySide() throws Exception {
    editPrices();
    Result result =
        Program.run(folder, "compare", "prices.csv", "edited.csv", "--key", "week,code");
    assertThat(result.code()).isEqualTo(1);
    assertThat(result.out())
        .contains("1 changed, 1 gone, 1 added")
        .containsPattern("price +\\d+\\.\\d+ +99\\.5")
        .contains("16 | 9999 | Eel | large | 5.5");
  }

  @Test
  void machinesGetCsvAndJson() throws Exception {
    editPrices();
    Result csv = Program.run(folder, "compare", "prices.csv", "edited.csv", "-o", "changes.csv");
    assertThat(csv.code()).as(csv.err()).isEqualTo(1);
    List<String> lines = Files.readAllLines(folder.resolve("changes.csv"));
    assertThat(lines.get(0)).startsWith("data set,change,row before,row after,key,field");
    assertThat(lines).anyMatch(l -> l.contains(",changed,2,2,") && l.endsWith(",99.5"));
    Result json = Program.run(folder, "compare", "prices.csv", "edited.csv", "--to", "json");
    JsonNode root = JsonMapper.shared().readTree(json.out());
    assertThat(root.get("format").asString()).isEqualTo("inlay-comparison/1");
    assertThat(root.get("differs").asBoolean()).isTrue();
    assertThat(root.get("dataSets").get(0).get("added")).hasSize(1);
  }

  @Test
  void wrongUseAndUnreadableFilesAreSaid() throws Exception {
    Result missing = Program.run(folder, "compare", "prices.csv", "none.csv");
    assertThat(missing.code()).isEqualTo(3);
    assertThat(missing.err()).contains("none.csv: no such file");
    Result key = Program.run(folder, "compare", "prices.csv", "prices.csv", "--key", "vessel");
    assertThat(key.code()).isEqualTo(2);
    assertThat(key.err()).contains("the key field 'vessel' is not in both");
    Result set = Program.run(folder, "compare", "prices.csv", "prices.csv", "--data-set", "dues");
    assertThat(set.code()).isEqualTo(2);
    assertThat(set.err()).contains("'dues' is not in prices.csv, which has prices");
    Result kept = Program.run(folder, "compare", "prices.csv", "prices.csv", "-o", "prices.csv");
    assertThat(kept.code()).isEqualTo(4);
  }
}
