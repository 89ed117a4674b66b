package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

class ProgressTest {

  private static final long SECOND = 1_000_000_000L;

  private final ByteArrayOutputStream shown = new ByteArrayOutputStream();
  private final AtomicLong clock = new AtomicLong(SECOND);

  private Progress progress(int width) {
    PrintStream err = new PrintStream(shown, true, StandardCharsets.UTF_8);
    PrintStream out = new PrintStream(OutputStream.nullOutputStream());
    return new Progress(new Terminal(out, err, width), 10, clock::get);
  }

  private String text() {
    return shown.toString(StandardCharsets.UTF_8);
  }

  @Test
  void nothingIsShownInTheFirstSecondOrWhereNobodyReads() {
    Progress soon = progress(80);
    clock.addAndGet(SECOND / 2);
    soon.done(3);
    soon.end();
    Progress unread = progress(0);
    clock.addAndGet(5 * SECOND);
    unread.done(3);
    unread.end();
    assertThat(text()).isEmpty();
  }

  @Test
  void filesPagesASecondAndTheTimeLeftAreShownInOneLineThatIsWiped() {
    Progress progress = progress(80);
    clock.addAndGet(SECOND);
    progress.done(30);
    clock.addAndGet(SECOND);
    progress.done(50);
    assertThat(text()).isEqualTo("\r2 of 10 files, 40 pages a second, 8 s left\u001b[K");
    clock.addAndGet(SECOND / 100);
    progress.done(1);
    assertThat(text()).as("not more often than a person reads").doesNotContain("3 of 10");
    progress.end();
    assertThat(text()).endsWith("left\u001b[K\r\u001b[K");
  }
}
