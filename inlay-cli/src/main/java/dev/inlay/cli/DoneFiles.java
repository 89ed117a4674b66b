package dev.inlay.cli;

import dev.inlay.batch.ExtractStore;
import dev.inlay.batch.ExtractStore.Done;
import dev.inlay.extract.DocumentTables;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The files of an extraction: those that an earlier one did, whose messages are said again, and
 * those that are still to be read. All are spoken of in their order.
 */
final class DoneFiles {

  private final Map<Path, Optional<Done>> files = new LinkedHashMap<>();
  private final Iterator<Map.Entry<Path, Optional<Done>>> next;
  private final Optional<ExtractStore> store;
  private final Terminal terminal;
  private final Outcome outcome;
  private final int before;
  private volatile int spokenOf;

  DoneFiles(List<Path> all, Optional<ExtractStore> store, Terminal terminal, Outcome outcome) {
    this.store = store;
    this.terminal = terminal;
    this.outcome = outcome;
    all.forEach(f -> files.put(f, store.flatMap(s -> s.done(f))));
    before = all.size() - rest().size();
    next = files.entrySet().iterator();
  }

  /** Those that are still to be read. */
  List<Path> rest() {
    return files.entrySet().stream()
        .filter(e -> e.getValue().isEmpty())
        .map(Map.Entry::getKey)
        .toList();
  }

  /**
   * Takes the next document that was read.
   *
   * @throws UncheckedIOException if what was done cannot be kept
   */
  void take(DocumentTables document, Destination destination, boolean quiet) {
    speakUpTo(document.path());
    ByteArrayOutputStream said = new ByteArrayOutputStream();
    PrintStream messages = new PrintStream(said, true, StandardCharsets.UTF_8);
    Outcome one = new Outcome(new Terminal(terminal.out(), messages, terminal.width()), quiet);
    one.report(document);
    String text = said.toString(StandardCharsets.UTF_8);
    terminal.out().flush();
    terminal.err().print(text);
    outcome.add(one.exitCode());
    Outcome writing = new Outcome(terminal, quiet);
    List<Path> written = destination.take(document, writing);
    outcome.add(writing.exitCode());
    if (store.isPresent() && writing.exitCode() == ExitCode.OK) {
      List<String> names = written.stream().map(f -> f.getFileName().toString()).toList();
      try {
        store.get().keep(document, new Done(one.exitCode(), names, text.lines().toList()));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  /** Says again what was said of the files before one, all of which are done. */
  private void speakUpTo(Path file) {
    while (next.hasNext()) {
      Map.Entry<Path, Optional<Done>> one = next.next();
      spokenOf++;
      if (one.getKey().equals(file)) {
        return;
      }
      one.getValue().ifPresent(this::sayAgain);
    }
  }

  private void sayAgain(Done done) {
    done.said().forEach(terminal.err()::println);
    outcome.add(done.exitCode());
  }

  /** Ends after the last document. */
  void end(String out, boolean quiet) throws IOException {
    speakUpTo(null);
    if (before > 0 && !quiet) {
      String files = before == 1 ? " file was" : " files were";
      terminal.message(out + ": " + before + files + " done before, and nothing has changed");
    }
    if (store.isPresent()) {
      store.get().finish();
    }
  }

  /** How many files are done. */
  int count() {
    return spokenOf;
  }
}
