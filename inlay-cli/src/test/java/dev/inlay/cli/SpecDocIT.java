package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.io.TempDir;

/** Runs every example of docs/SPEC.md with the built program. */
class SpecDocIT {

  private static final Pattern EXAMPLE =
      Pattern.compile("```yaml\\n(.*?)```\\n(?:```(?:csv|text)\\n(.*?)```)?", Pattern.DOTALL);

  private static final String OVER = "# over ";

  @TempDir private Path folder;

  @TestFactory
  Stream<DynamicTest> everyExampleGivesWhatThePageSays() throws Exception {
    String page = Files.readString(Program.SAMPLES.resolve("../docs/SPEC.md"));
    Matcher m = EXAMPLE.matcher(page);
    List<DynamicTest> tests = new ArrayList<>();
    while (m.find()) {
      String spec = m.group(1);
      String result = m.group(2);
      int number = tests.size() + 1;
      String first = spec.lines().findFirst().orElseThrow();
      tests.add(
          DynamicTest.dynamicTest(
              number + " " + first,
              () -> {
                if (first.startsWith(OVER)) {
                  assertGives(number, spec, first.substring(OVER.length()), result);
                } else {
                  assertReported(number, spec, result);
                }
              }));
    }
    assertThat(tests).hasSizeGreaterThan(20);
    return tests.stream();
  }

  private void assertGives(int number, String spec, String papers, String expected)
      throws Exception {
    Path file = folder.resolve(number + ".inlay.yaml");
    Files.writeString(file, spec);
    List<Object> args = new ArrayList<>(List.of("run", file));
    for (String paper : papers.split(" ")) {
      args.add(Program.SAMPLES.resolve(paper).toAbsolutePath());
    }
    if (expected == null) {
      args.add("--dry");
      Result result = Program.run(folder, args.toArray());
      assertThat(result.code()).as(result.err()).isZero();
      return;
    }
    args.addAll(List.of("-o", number + ".csv"));
    Result result = Program.run(folder, args.toArray());
    assertThat(result.code()).as(result.err() + result.out()).isLessThanOrEqualTo(1);
    String csv = Files.readString(folder.resolve(number + ".csv")).replace("\r\n", "\n");
    if (expected.endsWith("...\n")) {
      assertThat(csv).startsWith(expected.substring(0, expected.length() - 4));
    } else {
      assertThat(csv).isEqualTo(expected);
    }
  }

  private void assertReported(int number, String spec, String expected) throws Exception {
    Path file = folder.resolve(number + ".inlay.yaml");
    Files.writeString(file, spec);
    Result result = Program.run(folder, "spec", "check", file);
    assertThat(result.code()).isEqualTo(2);
    List<String> reported =
        result.messages().stream()
            .map(l -> l.replace("inlay: ", "").replace(file.toString(), "SPEC"))
            .toList();
    assertThat(reported).isEqualTo(expected.lines().toList());
  }
}
