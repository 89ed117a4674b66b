package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.samples.Sample;
import dev.inlay.samples.SampleMaker;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LibraryFloorTest {

  @TempDir Path folder;

  @Test
  void theFloorSeesTheGlyphsAndThePaths() throws Exception {
    Sample sample = SampleMaker.shipped().get(0);
    Path pdf = Files.write(folder.resolve("a.pdf"), sample.pdf());
    assertThat(LibraryFloor.walk(pdf)).isGreaterThan(4_000);
  }
}
