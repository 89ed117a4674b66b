package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Trains on ten small papers: the same papers give the same weights, and they are learned from. */
class TrainingTest {

  private static final List<String> PAPERS =
      List.of("0001", "0002", "0003", "0004", "0005", "0010", "0015", "0017", "0020", "0024");

  private interface OneModel {
    void train(String[] args, PrintStream out) throws Exception;
  }

  @TempDir Path papers;
  @TempDir Path results;
  private String output;

  @BeforeEach
  void copyPapers() throws Exception {
    for (String paper : PAPERS) {
      for (String ending : List.of(".pdf", ".truth.json")) {
        String file = "1-" + paper + ending;
        Files.copy(Path.of("../cases/set", file), papers.resolve(file));
      }
    }
  }

  /** The weights that a training wrote, the same for two trainings. */
  private List<String> weights(OneModel training) throws Exception {
    List<String> first = trained(training, "first.txt");
    assertThat(trained(training, "second.txt")).isEqualTo(first);
    return first;
  }

  private List<String> trained(OneModel training, String name) throws Exception {
    ByteArrayOutputStream printed = new ByteArrayOutputStream();
    Path file = results.resolve(name);
    try (PrintStream out = new PrintStream(printed, true, StandardCharsets.UTF_8)) {
      training.train(new String[] {file.toString(), papers.toString()}, out);
    }
    output = printed.toString(StandardCharsets.UTF_8);
    return Files.readAllLines(file);
  }

  /** The per cent of lines right after each round, in the order of the rounds. */
  private List<Double> linesRight() {
    return Pattern.compile("([0-9.]+) % of lines right")
        .matcher(output)
        .results()
        .map(MatchResult::group)
        .map(m -> Double.valueOf(m.substring(0, m.indexOf(' '))))
        .toList();
  }

  @Test
  void rolesOfLines() throws Exception {
    assertThat(weights(RoleTraining::main)).hasSizeGreaterThan(100);
    List<Double> right = linesRight();
    assertThat(right.get(right.size() - 1)).isGreaterThan(right.get(0)).isGreaterThan(95);
  }

  @Test
  void placesOfHeadings() throws Exception {
    assertThat(weights(HeadingTraining::main))
        .hasSizeGreaterThan(40)
        .anySatisfy(line -> assertThat(line).matches("over texts beside\t-[0-9.]+\t.*"));
    List<Double> right = linesRight();
    assertThat(right).hasSize(2);
    assertThat(right.get(1)).isGreaterThanOrEqualTo(right.get(0)).isGreaterThan(95);
  }

  @Test
  void signsOfATableThatIsRight() throws Exception {
    assertThat(weights(TableTraining::main))
        .hasSizeGreaterThan(10)
        .anySatisfy(line -> assertThat(line).matches("[^\t]+\t-[0-9.]+\t.*"))
        .anySatisfy(line -> assertThat(line).matches("[^\t]+\t0\\.[1-9].*"));
  }

  @Test
  void allWeightsInOneCommandThatGoesOnWhereItWasStopped() throws Exception {
    String header = "# trained before\n";
    Path known = results.resolve(Training.STEPS.get(3).weights());
    Files.createDirectories(known.getParent());
    Files.writeString(known, header);
    trainAll();
    assertThat(known).hasContent(header);
    assertThat(output).contains("train-header-rows: " + known + " is trained already");
    for (Training.Step step : Training.STEPS) {
      assertThat(results.resolve(step.weights())).isNotEmptyFile();
    }
    // the estimate is trained on what the weights before it find: other roles, other estimate
    List<String> estimate = Files.readAllLines(results.resolve(Training.STEPS.get(5).weights()));
    assertThat(estimate).isNotEqualTo(trained(TableTraining::main, "alone.txt"));
    trainAll();
    assertThat(output).doesNotContain("rounds").contains("train-roles: ");
  }

  private void trainAll() throws Exception {
    ByteArrayOutputStream printed = new ByteArrayOutputStream();
    try (PrintStream out = new PrintStream(printed, true, StandardCharsets.UTF_8)) {
      Training.main(new String[] {results.toString(), papers.toString()}, out);
    }
    output = printed.toString(StandardCharsets.UTF_8);
  }

  @Test
  void stripsInsideColumns() throws Exception {
    assertThat(weights(HiddenGutterTraining::main)).hasSizeGreaterThan(40);
    assertThat(output).containsPattern("right (9[0-9]|100)\\.[0-9]+ %");
  }

  @Test
  void columnsOfTextsOfRows() throws Exception {
    assertThat(weights(ReachTraining::main))
        .hasSizeGreaterThan(40)
        .anySatisfy(line -> assertThat(line).matches("stays\t[0-9.]+\t.*"));
    assertThat(output).containsPattern("right (9[0-9]|100)\\.[0-9]+ %");
  }

  @Test
  void rowsThatAreAHeader() throws Exception {
    assertThat(weights(HeaderRowTraining::main))
        .hasSizeGreaterThan(40)
        .anySatisfy(line -> assertThat(line).matches("words over quantities\t[0-9.]+\t.*"));
    assertThat(output).containsPattern("right (9[0-9]|100)\\.[0-9]+ %");
  }
}
