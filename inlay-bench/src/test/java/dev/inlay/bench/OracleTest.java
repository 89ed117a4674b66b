package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.bench.Oracle.Stage;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class OracleTest {

  @TempDir private Path papers;

  @Test
  void eachStageHasARival() {
    assertThat(Oracle.rivals()).extracting(Oracle.Rival::stage).contains(Stage.values());
    assertThat(Oracle.rivals()).extracting(Oracle.Rival::proposal).doesNotHaveDuplicates();
  }

  @Test
  void whatIsChosenIsPossible() throws Exception {
    for (String paper : List.of("1-0001", "1-0002", "1-0003")) {
      for (String ending : List.of(".pdf", ".truth.json")) {
        Path file = Path.of("../cases/set", paper + ending);
        Files.copy(file, papers.resolve(file.getFileName()));
      }
    }
    ByteArrayOutputStream printed = new ByteArrayOutputStream();
    try (PrintStream out = new PrintStream(printed, true, StandardCharsets.UTF_8)) {
      Oracle.main(new String[] {papers.toString()}, out);
    }
    List<String> all =
        printed.toString(StandardCharsets.UTF_8).lines().filter(l -> l.startsWith("all ")).toList();
    assertThat(all).hasSize(1);
    String[] shares = all.get(0).trim().split("\\s+");
    assertThat(Integer.parseInt(shares[1])).isPositive();
    double chosen = Double.parseDouble(shares[2].replace("%", ""));
    double possible = Double.parseDouble(shares[3].replace("%", ""));
    assertThat(chosen).isPositive().isLessThanOrEqualTo(possible);
  }
}
