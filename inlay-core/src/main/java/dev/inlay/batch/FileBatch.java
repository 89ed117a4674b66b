package dev.inlay.batch;

import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import dev.inlay.extract.OrderedWork;
import dev.inlay.extract.PageWalk;
import java.nio.file.Path;
import java.util.List;

/**
 * Extracts files in parallel; results come one by one, in the order of the files. Where there are
 * fewer files than workers, the pages of each file are worked on in parallel instead.
 */
public final class FileBatch {

  private FileBatch() {}

  /**
   * Extracts the files.
   *
   * @param files in the order in which results are wanted
   * @param extractor does the work, on several threads
   * @param workers how many files, or pages of one, are worked on at a time, at least 1
   * @param watcher sees each page on the way, on any thread
   * @param results takes each result, on the calling thread
   * @throws InterruptedException if the calling thread was interrupted; the workers are stopped
   */
  public static void extract(
      List<Path> files,
      Extractor extractor,
      int workers,
      PageWalk.Visitor watcher,
      OrderedWork.Sink<DocumentTables> results)
      throws InterruptedException {
    boolean byPage = files.size() < workers;
    Extractor used = extractor.onThreads(byPage ? workers : 1);
    try (OrderedWork<DocumentTables> work = new OrderedWork<>(byPage ? 1 : workers, results)) {
      for (Path file : files) {
        work.add(() -> used.extract(file, watcher));
      }
      work.finish();
    }
  }
}
