package dev.inlay.cli;

import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.OrderedWork;
import dev.inlay.extract.PageWalk;
import dev.inlay.page.Page;
import java.io.StringWriter;
import java.nio.file.Path;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.LongSupplier;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.json.JsonFactory;

/**
 * Shows how far a command is: on a terminal in one line that is written over, from a second on; or
 * for programs as a line of JSON for each file. Safe for several threads.
 */
final class Progress implements PageWalk.Visitor {

  private static final long A_MOMENT = 100_000_000L;

  /** What is done before this needs no progress. */
  private static final long A_WHILE = 1_000_000_000L;

  private static final double NANOS = 1e9;

  private final Terminal terminal;
  private final ProgressOptions.Mode mode;
  private final int files;
  private final LongSupplier clock;
  private final long start;
  private long shown;
  private int done;
  private int pages;
  private int pagesBegun;
  private int filesBegun;

  Progress(Terminal terminal, ProgressOptions.Mode mode, int files) {
    this(terminal, mode, files, System::nanoTime);
  }

  /** Goes by another clock, which counts in nanoseconds. */
  Progress(Terminal terminal, ProgressOptions.Mode mode, int files, LongSupplier clock) {
    this.terminal = terminal;
    this.mode = mode;
    this.files = files;
    this.clock = clock;
    start = clock.getAsLong();
  }

  @Override
  public synchronized void begin(int wanted) {
    filesBegun++;
    pagesBegun += wanted;
  }

  @Override
  public synchronized void visit(Page page) {
    pages++;
    show();
  }

  /**
   * A sink around another one: what that prints stands on lines of its own.
   *
   * @param document the document of a result
   */
  <T> OrderedWork.Sink<T> around(
      Function<T, DocumentTables> document, OrderedWork.Sink<T> results) {
    return result -> {
      end();
      results.take(result);
      DocumentTables done = document.apply(result);
      done(done.path(), done.status().word());
    };
  }

  /** Notes that a file is done, with which status. */
  synchronized void done(Path file, String status) {
    done++;
    if (mode == ProgressOptions.Mode.JSON) {
      printJson(file, status);
    }
    show();
  }

  private void show() {
    long now = clock.getAsLong();
    boolean line = mode == ProgressOptions.Mode.LINE && terminal.isScreen();
    if (line && now - start > A_WHILE && now - shown > A_MOMENT) {
      shown = now;
      double seconds = (now - start) / NANOS;
      terminal.err().print("\r" + text(seconds) + "\u001b[K");
      terminal.err().flush();
    }
  }

  /** How many pages there are in all is estimated from the files that were begun. */
  private String text(double seconds) {
    double expected = (double) pagesBegun / Math.max(1, filesBegun) * files;
    double left = pages == 0 ? 0 : Math.max(0, seconds / pages * (expected - pages));
    String what =
        files == 1
            ? String.format(Locale.ROOT, "%d of %d pages", pages, pagesBegun)
            : String.format(Locale.ROOT, "%d of %d files, %d pages", done, files, pages);
    return what + String.format(Locale.ROOT, ", %.0f s left", left);
  }

  private void printJson(Path file, String status) {
    StringWriter text = new StringWriter();
    try (JsonGenerator json = new JsonFactory().createGenerator(ObjectWriteContext.empty(), text)) {
      json.writeStartObject();
      json.writeStringProperty("file", file.toString());
      json.writeStringProperty("status", status);
      json.writeNumberProperty("done", done);
      json.writeNumberProperty("files", files);
      json.writeNumberProperty("pages", pages);
      json.writeNumberProperty("seconds", Math.round((clock.getAsLong() - start) / 1e8) / 10.0);
      json.writeEndObject();
    }
    terminal.err().println(text);
  }

  /** Wipes the line. */
  synchronized void end() {
    if (shown > 0) {
      terminal.err().print("\r\u001b[K");
      terminal.err().flush();
    }
  }
}
