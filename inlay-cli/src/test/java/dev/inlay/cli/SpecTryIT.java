package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/** The built program trying specs on one paper. */
class SpecTryIT {

  private static final Path PAPER =
      Program.SAMPLES.resolve("dues-statement-oyle.pdf").toAbsolutePath();

  @TempDir private Path folder;

  private Path spec(String from, String to) throws IOException {
    String shipped = Files.readString(Program.SAMPLES.resolve("specs/dues.inlay.yaml"));
    assertThat(shipped).contains(from);
    return Files.writeString(folder.resolve("dues.inlay.yaml"), shipped.replace(from, to));
  }

  private List<String> tried(Path spec) throws Exception {
    Result result = Program.run(folder, "spec", "try", spec, PAPER);
    return result.out().lines().map(String::strip).toList();
  }

  @Test
  void eachRuleSaysWhatItTookWithAnExample() throws Exception {
    List<String> reported = tried(spec("report: Dues", "report: Dues"));
    assertThat(reported)
        .contains("dues-statement-oyle.pdf: read")
        .contains("heading vessel, registration took 8, first 'Skua, SK 114', page 1")
        .contains("value place                  took 1, first 'Oyle, March 2025', page 1")
        .contains("79 rows read = 60 accepted + 0 held + 19 left out")
        .noneMatch(l -> l.startsWith("not "));
  }

  @Test
  void aLabelThatStandsNowhereNamesTheNearest() throws Exception {
    List<String> reported = tried(spec("{below: Statement of dues,", "{below: Statement of duty,"));
    assertThat(reported)
        .contains("value place                  took 0")
        .contains("not  'Statement of dues', page 1: 87 % alike");
  }

  @Test
  void aHeadingsPatternSaysHowFarItGoes() throws Exception {
    List<String> reported = tried(spec("(?<vessel>.+), (?<reg", "(?<vessel>.+); (?<reg"));
    assertThat(reported)
        .contains("heading vessel, registration took 0")
        .contains(
            "not  'Skua, SK 114', page 1: met up to 'Skua, SK 114', then '; (?<registration>.+)'");
  }

  @Test
  void aRuleThatLeavesNothingOutNamesTheNearestLine() throws Exception {
    String rule = "leave out: [subtotals, totals, {name: sums, text: Carryed forward}]\ncolumns:";
    List<String> reported = tried(spec("columns:", rule));
    assertThat(reported)
        .contains("leave out sums               took 0")
        .anyMatch(
            l ->
                l.startsWith("not  'Carried forward ")
                    && l.endsWith(": met up to 'Carr', then 'yed forward'"));
  }

  @Test
  @Timeout(value = 120, unit = TimeUnit.SECONDS)
  void watchingTriesAgainWhenTheSpecIsSaved() throws Exception {
    Path spec = spec("report: Dues", "report: Duties");
    Process process =
        new ProcessBuilder(
                Program.DISTRIBUTION.resolve("bin/inlay").toString(),
                "spec",
                "try",
                spec.toString(),
                PAPER.toString(),
                "--watch")
            .redirectErrorStream(true)
            .start();
    try (BufferedReader out =
        new BufferedReader(
            new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
      assertThat(untilItWaits(out)).contains("79 rows read = 60 accepted + 0 held + 19 left out");
      // a file's time may be kept in whole seconds only
      Thread.sleep(1100);
      spec("type: yearmonth", "type: yearmoth");
      assertThat(untilItWaits(out))
          .anyMatch(l -> l.contains("'yearmoth' is no type; probably 'yearmonth'"));
      assertThat(process.isAlive()).isTrue();
    } finally {
      process.destroy();
      assertThat(process.waitFor(30, TimeUnit.SECONDS)).isTrue();
    }
  }

  private static List<String> untilItWaits(BufferedReader out) throws IOException {
    List<String> lines = new ArrayList<>();
    for (String line = out.readLine(); line != null; line = out.readLine()) {
      lines.add(line);
      if (line.startsWith("waiting for ")) {
        return lines;
      }
    }
    throw new AssertionError("ended, having said " + lines);
  }
}
