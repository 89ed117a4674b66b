package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Runs of the built program that are stopped, and go on; and runs over what has not changed. */
class RestartIT {

  private static final String SPEC = "cash-book.inlay.yaml";

  /** A run over the papers takes about this long on a slow machine, in milliseconds. */
  private static final int LONGEST = 1500;

  private static final int STOPS = 5;

  @TempDir private Path folder;

  @BeforeEach
  void copyPapers() throws IOException {
    Files.createDirectory(folder.resolve("papers"));
    for (int copy = 0; copy < 8; copy++) {
      for (String month : List.of("03", "04", "05")) {
        Files.copy(
            Program.SAMPLES.resolve("cash-book-2025-" + month + ".pdf"),
            folder.resolve("papers").resolve(month + "-" + copy + ".pdf"));
      }
    }
    Files.copy(Program.SAMPLES.resolve("specs").resolve(SPEC), folder.resolve(SPEC));
  }

  private Result run(Object... more) throws Exception {
    List<Object> args = new ArrayList<>(List.of("run", SPEC, "papers"));
    args.addAll(List.of(more));
    return Program.run(folder, args.toArray());
  }

  /** Every file in a folder, its store included, by its name. */
  private Map<String, String> content(String name) throws IOException {
    Map<String, String> files = new TreeMap<>();
    Path root = folder.resolve(name);
    try (Stream<Path> all = Files.walk(root)) {
      for (Path file : all.filter(Files::isRegularFile).toList()) {
        files.put(root.relativize(file).toString(), new String(Files.readAllBytes(file), "latin1"));
      }
    }
    return files;
  }

  /** Starts a command a few times and kills it each time, at moments that a seed tells. */
  private void kill(String... args) throws Exception {
    List<String> command =
        new ArrayList<>(List.of(Program.DISTRIBUTION.resolve("bin/inlay").toString()));
    command.addAll(List.of(args));
    Random random = new Random(11);
    for (int i = 0; i < STOPS; i++) {
      Process process =
          new ProcessBuilder(command)
              .directory(folder.toFile())
              .redirectErrorStream(true)
              .redirectOutput(ProcessBuilder.Redirect.DISCARD)
              .start();
      process.waitFor(200 + random.nextInt(LONGEST), TimeUnit.MILLISECONDS);
      process.destroyForcibly().waitFor();
    }
  }

  @Test
  void anExtractionThatIsKilledAgainAndAgainEndsAsOneThatIsNot() throws Exception {
    Result whole = Program.run(folder, "extract", "papers", "-o", "all/", "--to", "json,csv");
    Files.move(folder.resolve("all"), folder.resolve("whole"));
    kill("extract", "papers", "-o", "all/", "--to", "json,csv");
    Result last = Program.run(folder, "extract", "papers", "-o", "all/", "--to", "json,csv");
    assertThat(last.code()).isEqualTo(whole.code());
    assertThat(content("all")).isEqualTo(content("whole"));
    Result again = Program.run(folder, "extract", "papers", "-o", "all/", "--to", "json,csv");
    assertThat(again.messages())
        .endsWith("inlay: all/: 24 files were done before, and nothing has changed")
        .noneMatch(m -> m.contains("wrote"));
    assertThat(again.code()).isEqualTo(whole.code());
  }

  @Test
  void aRunThatIsKilledAgainAndAgainEndsAsOneThatIsNot() throws Exception {
    Result whole = run("-o", "whole/");
    kill("run", SPEC, "papers", "-o", "killed/");
    Result last = run("-o", "killed/");
    assertThat(last.out()).isEqualTo(whole.out());
    assertThat(last.code()).isEqualTo(whole.code());
    assertThat(content("killed")).isEqualTo(content("whole"));
  }

  @Test
  void aRunOverTheSameIsUpToDateAndOneOverMoreReadsWhatIsNew() throws Exception {
    Result first = run("-o", "out/");
    Map<String, String> written = content("out");
    Result again = run("-o", "out/");
    assertThat(again.messages())
        .containsExactly("inlay: out is up to date: no report, spec or version changed");
    assertThat(again.out()).isEqualTo(first.out());
    assertThat(again.code()).isEqualTo(first.code());
    assertThat(content("out")).isEqualTo(written);
    Files.delete(folder.resolve("papers/03-0.pdf"));
    Result fewer = run("-o", "out/");
    assertThat(fewer.out()).contains("23 files").isEqualTo(run("-o", "anew/").out());
    assertThat(content("out")).isEqualTo(content("anew"));
  }

  @Test
  void filesThatSomebodyChangedAreNotReplacedUnasked() throws Exception {
    run("-o", "out/");
    Path list = folder.resolve("out/held.csv");
    Files.writeString(list, "mine\n");
    Result again = run("-o", "out/");
    assertThat(again.code()).isEqualTo(4);
    assertThat(again.err()).contains("held.csv: exists; add --overwrite to replace it");
    assertThat(list).hasContent("mine");
    assertThat(run("-o", "out/", "--overwrite").err()).contains("wrote to out");
    assertThat(list).content().isNotEqualTo("mine\n");
  }

  @Test
  void aSecondRunIntoOneFolderSaysThatItWaitsForNone() throws Exception {
    Path store = Files.createDirectories(folder.resolve("out/.inlay"));
    try (FileChannel channel =
            FileChannel.open(
                store.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        FileLock lock = channel.lock()) {
      assertThat(lock.isValid()).isTrue();
      Result second = run("-o", "out/");
      assertThat(second.code()).isEqualTo(4);
      assertThat(second.messages())
          .containsExactly(
              "inlay: out: another command writes here; wait for it, or name another folder");
    }
    assertThat(run("-o", "out/").err()).contains("wrote to out");
  }
}
