package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** What the bench does with its words. */
class BenchTest {

  @Test
  void helpIsShownAndTakenForNoFolder() throws Exception {
    PrintStream before = System.out;
    ByteArrayOutputStream shown = new ByteArrayOutputStream();
    System.setOut(new PrintStream(shown, true, StandardCharsets.UTF_8));
    try {
      Bench.main(new String[] {"train", "--help"});
    } finally {
      System.setOut(before);
    }
    assertThat(shown.toString(StandardCharsets.UTF_8)).startsWith("use: accuracy");
    assertThat(Files.exists(Path.of("--help"))).isFalse();
  }

  @Test
  void aWordThatSaysNothingIsAnsweredWithTheUse() {
    assertThatThrownBy(() -> Bench.main(new String[] {"acuracy"})).hasMessageStartingWith("use: ");
  }
}
