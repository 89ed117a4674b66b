package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LauncherIT {

  private static final long LARGEST_INSTALLATION = 80L << 20;

  @TempDir private Path folder;

  @Test
  void aCopyWithSpacesInItsPathStartsThroughALinkFromAnyFolder() throws Exception {
    Path home = folder.resolve("my programs/inlay copy");
    copy(Program.DISTRIBUTION, home);
    Path link = folder.resolve("a link");
    Files.createSymbolicLink(link, Path.of("my programs/inlay copy/bin/inlay"));
    Path elsewhere = Files.createDirectories(folder.resolve("some where"));
    Files.copy(Program.SAMPLES.resolve("landings-2025-q1.pdf"), elsewhere.resolve("Fänge Q1.pdf"));

    Result first = Program.runWith(link, elsewhere, null, "extract", "Fänge Q1.pdf");
    assertThat(first.code()).as(first.err()).isZero();
    assertThat(first.out()).startsWith("Fänge Q1.pdf  2 pages, 2 tables");
    assertThat(first.err()).contains("preparing for this Java, once");
    Result second = Program.runWith(link, elsewhere, null, "extract", "Fänge Q1.pdf");
    assertThat(second.out()).isEqualTo(first.out());
    assertThat(second.err()).isEmpty();
    assertThat(size(home)).isLessThan(LARGEST_INSTALLATION);
  }

  private static void copy(Path from, Path to) throws IOException {
    List<Path> paths;
    try (Stream<Path> walk = Files.walk(from)) {
      paths = walk.filter(p -> !p.toString().endsWith(".jsa")).toList();
    }
    for (Path path : paths) {
      Path goal = to.resolve(from.relativize(path).toString());
      if (Files.isDirectory(path)) {
        Files.createDirectories(goal);
      } else {
        Files.copy(path, goal, java.nio.file.StandardCopyOption.COPY_ATTRIBUTES);
      }
    }
  }

  private static long size(Path folder) throws IOException {
    try (Stream<Path> walk = Files.walk(folder)) {
      return walk.filter(Files::isRegularFile).mapToLong(p -> p.toFile().length()).sum();
    }
  }

  @Test
  void helpNamesEveryOptionWithExamples() throws Exception {
    Result all = Program.run(folder, "--help");
    assertThat(all.code()).isZero();
    assertThat(all.out()).contains("extract", "demo", "--version", "Begin with:");
    Result extract = Program.run(folder, "extract", "--help");
    assertThat(extract.out())
        .contains("--out", "--to", "--pages", "--password", "--overwrite", "--verbose")
        .contains("Examples:", "Exit status:");
    assertThat(Program.run(folder, "demo", "--help").out()).contains("Examples:");
    assertThat(Program.run(folder, "--version").out()).matches("inlay \\d+\\.\\d+\\.\\d+\\s*");
  }

  @Test
  void theDemoShowsItsCommandsAndLeavesTheirResults() throws Exception {
    Result result = Program.run(folder, "demo");
    assertThat(result.code()).as(result.err()).isZero();
    assertThat(result.out())
        .contains("$ inlay extract inlay-demo/landings-2025-q1.pdf\n")
        .contains("$ inlay extract inlay-demo/landings-*.pdf -o inlay-demo/landings.xlsx\n")
        .contains("4 files that look alike", "450 rows read = 449 accepted + 1 held")
        .contains("The results are in inlay-demo/", "Next, try reports of your own:");
    Path demo = folder.resolve("inlay-demo");
    assertThat(demo.resolve("landings.xlsx")).isNotEmptyFile();
    assertThat(demo.resolve("landings-2025-q4.pdf"))
        .hasSameBinaryContentAs(Program.SAMPLES.resolve("landings-2025-q4.pdf"));
    assertThat(demo.resolve("prices/quay-prices.csv"))
        .hasSameBinaryContentAs(Program.SAMPLES.resolve("expected/quay-prices.csv"));
    assertThat(demo.resolve("season.csv"))
        .hasSameBinaryContentAs(Program.SAMPLES.resolve("expected/season.csv"));
    assertThat(Program.run(folder, "demo").code()).isEqualTo(ExitCode.OUTPUT);
  }

  @Test
  void theCommandsTheDemoShowsWorkWhenTyped() throws Exception {
    Result demo = Program.run(folder, "demo", "a tour");
    List<String> shown = demo.out().lines().filter(l -> l.startsWith("$ inlay ")).toList();
    assertThat(shown).hasSize(11);
    for (String line : shown) {
      String typed =
          "PATH="
              + Program.DISTRIBUTION.resolve("bin")
              + ":$PATH; "
              + line.substring(2)
              + (line.contains(" -o ") ? " --overwrite" : "");
      Process shell =
          new ProcessBuilder("sh", "-c", typed)
              .directory(folder.toFile())
              .redirectErrorStream(true)
              .redirectOutput(folder.resolve("typed.out").toFile())
              .start();
      // the survey and the run over the price lists meet a locked file and a picture
      boolean meetsBoth = line.contains("/*.pdf") || line.contains("quay-prices-*.pdf");
      int slip = line.contains("cash-book") ? ExitCode.FINDINGS : ExitCode.OK;
      assertThat(shell.waitFor()).as(line).isEqualTo(meetsBoth ? ExitCode.INPUT : slip);
    }
  }
}
