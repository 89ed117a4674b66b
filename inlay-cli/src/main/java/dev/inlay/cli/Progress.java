package dev.inlay.cli;

import java.util.Locale;
import java.util.function.LongSupplier;

/** Shows on a terminal how far a run is, in one line that is written over. */
final class Progress {

  private static final long A_MOMENT = 100_000_000L;

  /** What is done before this needs no progress. */
  private static final long A_WHILE = 1_000_000_000L;

  private static final double NANOS = 1e9;

  private final Terminal terminal;
  private final int files;
  private final LongSupplier clock;
  private final long start;
  private long shown;
  private int done;
  private int pages;

  Progress(Terminal terminal, int files) {
    this(terminal, files, System::nanoTime);
  }

  /** Goes by another clock, which counts in nanoseconds. */
  Progress(Terminal terminal, int files, LongSupplier clock) {
    this.terminal = terminal;
    this.files = files;
    this.clock = clock;
    start = clock.getAsLong();
  }

  /** Notes that a file is done. */
  void done(int pagesOfFile) {
    done++;
    pages += pagesOfFile;
    long now = clock.getAsLong();
    if (terminal.isScreen() && now - start > A_WHILE && now - shown > A_MOMENT) {
      shown = now;
      double seconds = (now - start) / NANOS;
      terminal
          .err()
          .print(
              String.format(
                  Locale.ROOT,
                  "\r%d of %d files, %.0f pages a second, %.0f s left\u001b[K",
                  done,
                  files,
                  pages / seconds,
                  seconds / done * (files - done)));
    }
  }

  /** Wipes the line. */
  void end() {
    if (shown > 0) {
      terminal.err().print("\r\u001b[K");
    }
  }
}
