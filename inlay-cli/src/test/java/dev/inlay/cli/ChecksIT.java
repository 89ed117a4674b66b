package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import dev.inlay.samples.Plant;
import dev.inlay.samples.SampleMaker;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The built program finding errors that were planted in statements of dues. */
class ChecksIT {

  private static final String CHECKS =
      """
      checks:
        - {name: quantity times rate, row: quantity * rate == amount, within: 0.005}
        - {name: dues of a vessel, sum: amount, by: vessel, is: subtotals}
        - {name: total dues, sum: amount, is: totals}
      """;

  @TempDir private Path folder;

  private Path spec(String more) throws Exception {
    Path spec = folder.resolve("dues.inlay.yaml");
    String shipped = Files.readString(Program.SAMPLES.resolve("specs/dues.inlay.yaml"));
    return Files.writeString(spec, shipped + more);
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
            spec(CHECKS),
            Program.SAMPLES.resolve("dues-statement-brennick.pdf").toAbsolutePath(),
            Program.SAMPLES.resolve("dues-statement-oyle.pdf").toAbsolutePath(),
            "--dry");
    assertThat(result.code()).as(result.out()).isZero();
    assertThat(findings(result)).isEmpty();
  }

  @ParameterizedTest
  @EnumSource(Plant.class)
  void aPlantedErrorIsFoundWithItsCauseAndNothingElse(Plant plant) throws Exception {
    Path paper = folder.resolve("planted.pdf");
    Files.write(paper, SampleMaker.planted(plant).pdf());
    Result result = Program.run(folder, "run", spec(CHECKS), paper, "--dry");
    assertThat(result.code()).as(result.out()).isEqualTo(1);
    List<String> told = findings(result);
    assertThat(told).anyMatch(l -> l.contains(plant.check() + ": ") && l.contains(plant.says()));
    // a wrong amount is wrong by itself and in the sum of its vessel, and in no sum above that
    boolean both =
        plant == Plant.EXCHANGED_DIGITS || plant == Plant.SHIFTED_MARK || plant == Plant.LOST_PAGE;
    assertThat(told).hasSize(both ? 2 : 1);
    assertThat(told).allMatch(l -> l.startsWith("error    planted.pdf, page "));
  }

  @Test
  void aCheckHoldsTheRowsItIsToHold() throws Exception {
    Path paper = folder.resolve("planted.pdf");
    Files.write(paper, SampleMaker.planted(Plant.PRODUCT_OFF).pdf());
    String row = CHECKS.replace("within: 0.005}", "within: 0.005, effect: hold row}");
    Result result = Program.run(folder, "run", spec(row), paper, "-o", "out.csv");
    assertThat(result.code()).isEqualTo(1);
    assertThat(result.out()).contains(" + 1 held + ");
    assertThat(Files.readAllLines(folder.resolve("out.csv"))).noneMatch(l -> l.contains(",81.14"));
  }

  @Test
  void aFileDeliveredTwiceAndAKeyThatComesBackAreTold() throws Exception {
    Path paper = Program.SAMPLES.resolve("dues-statement-oyle.pdf").toAbsolutePath();
    Files.copy(paper, folder.resolve("again.pdf"));
    String unique = "checks: [{name: entries, unique: [vessel, date, particulars], over: batch}]\n";
    Result result = Program.run(folder, "run", spec(unique), paper, "again.pdf", "--dry");
    assertThat(result.code()).isEqualTo(1);
    assertThat(result.out())
        .contains("again.pdf: is the same file as ", "byte for byte: leave one out (same-file)")
        .contains("again.pdf, page 1: entries: 'Skua, 2025-03-01")
        .contains("is there already: dues-statement-oyle.pdf, page 1");
  }
}
