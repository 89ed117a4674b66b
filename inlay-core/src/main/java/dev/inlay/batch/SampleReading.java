package dev.inlay.batch;

import dev.inlay.draft.SampleFile;
import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import dev.inlay.extract.OrderedWork;
import dev.inlay.extract.PageWalk;
import dev.inlay.rows.PageLine;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Reads files for a draft, in parallel. */
public final class SampleReading {

  /**
   * A file that was read.
   *
   * @param document its tables, and what kept Inlay from reading all of it
   * @param lines of its pages
   */
  public record Read(DocumentTables document, List<PageLine> lines) {

    /** Keeps a copy that cannot change. */
    public Read {
      lines = List.copyOf(lines);
    }

    /** The file as a draft takes it. */
    public SampleFile sample() {
      int last = lines.isEmpty() ? 0 : lines.get(lines.size() - 1).page();
      return new SampleFile(
          document.fileName(), document.tables(), lines, document.furnitureOn(last));
    }
  }

  private SampleReading() {}

  /**
   * Reads files.
   *
   * @param files in the order in which results are wanted
   * @param extractor reads each file
   * @param workers how many files are worked on at a time
   * @param watcher sees each page on the way, on any thread
   * @param results takes each result, on the calling thread
   * @throws InterruptedException if the thread was interrupted
   */
  public static void over(
      List<Path> files,
      Extractor extractor,
      int workers,
      PageWalk.Visitor watcher,
      OrderedWork.Sink<Read> results)
      throws InterruptedException {
    try (OrderedWork<Read> work = new OrderedWork<>(workers, results)) {
      for (Path file : files) {
        work.add(
            () -> {
              List<PageLine> lines = new ArrayList<>();
              DocumentTables document =
                  extractor.extract(file, watcher.then(page -> LineGathering.add(page, lines)));
              return new Read(document, lines);
            });
      }
      work.finish();
    }
  }
}
