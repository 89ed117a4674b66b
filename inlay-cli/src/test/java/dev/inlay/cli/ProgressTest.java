package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.ProgressOptions.Mode;
import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

class ProgressTest {

  private static final long SECOND = 1_000_000_000L;

  private final ByteArrayOutputStream shown = new ByteArrayOutputStream();
  private final AtomicLong clock = new AtomicLong(SECOND);

  private Progress progress(int width, ProgressOptions.Mode mode, int files) {
    PrintStream err = new PrintStream(shown, true, StandardCharsets.UTF_8);
    PrintStream out = new PrintStream(OutputStream.nullOutputStream());
    return new Progress(new Terminal(out, err, width), mode, files, clock::get);
  }

  private String text() {
    return shown.toString(StandardCharsets.UTF_8);
  }

  /** A file of some pages that is looked at in a time. */
  private void read(Progress progress, int pages, long time) {
    progress.begin(pages);
    for (int i = 0; i < pages; i++) {
      clock.addAndGet(time / pages);
      progress.visit(null);
    }
    progress.done(Path.of("a.pdf"), "ok");
  }

  @Test
  void nothingIsShownInTheFirstSecondOrWhereNobodyReads() {
    read(progress(80, Mode.LINE, 10), 3, SECOND / 2);
    read(progress(0, Mode.LINE, 10), 3, 5 * SECOND);
    read(progress(80, Mode.NONE, 10), 3, 5 * SECOND);
    assertThat(text()).isEmpty();
  }

  @Test
  void filesPagesAndTheTimeLeftAreShownInOneLineThatIsWiped() {
    Progress progress = progress(80, Mode.LINE, 10);
    read(progress, 20, SECOND);
    assertThat(text()).isEmpty();
    read(progress, 20, SECOND);
    assertThat(text()).contains("\r1 of 10 files, 39 pages, 8 s left\u001b[K");
    int before = text().length();
    clock.addAndGet(SECOND / 100);
    progress.done(Path.of("b.pdf"), "ok");
    assertThat(text()).as("not more often than a person reads").hasSize(before);
    progress.end();
    assertThat(text()).endsWith("\u001b[K\r\u001b[K");
  }

  @Test
  void ofOneFilePagesAreCounted() {
    Progress progress = progress(80, Mode.LINE, 1);
    progress.begin(40);
    for (int i = 0; i < 20; i++) {
      clock.addAndGet(SECOND / 5);
      progress.visit(null);
    }
    assertThat(text()).endsWith("\r20 of 40 pages, 4 s left\u001b[K");
  }

  @Test
  void programsGetALineOfJsonForEachFile() {
    Progress progress = progress(0, Mode.JSON, 2);
    read(progress, 2, 3 * SECOND / 2);
    progress.end();
    assertThat(text().strip())
        .isEqualTo(
            "{\"file\":\"a.pdf\",\"status\":\"ok\",\"done\":1,\"files\":2,\"pages\":2,"
                + "\"seconds\":1.5}");
  }
}
