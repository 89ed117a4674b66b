package dev.inlay.batch;

import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Iterator;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;

/** Extracts files in parallel; results come one by one, in the order of the files. */
public final class FileBatch {

  /** Files begun ahead of the one whose result is awaited, for each worker. */
  private static final int AHEAD = 2;

  private FileBatch() {}

  /**
   * Extracts the files.
   *
   * @param files in the order in which results are wanted
   * @param extractor does the work, on several threads
   * @param workers how many files are worked on at a time, at least 1
   * @param results takes each result, on the calling thread
   * @throws InterruptedException if the calling thread was interrupted; the workers are stopped
   */
  public static void extract(
      List<Path> files, Extractor extractor, int workers, Consumer<DocumentTables> results)
      throws InterruptedException {
    if (files.size() == 1 || workers == 1) {
      for (Path file : files) {
        results.accept(extractor.extract(file));
      }
      return;
    }
    ExecutorService pool = Executors.newFixedThreadPool(Math.min(workers, files.size()));
    try {
      Iterator<Path> next = files.iterator();
      Deque<Future<DocumentTables>> begun = new ArrayDeque<>();
      while (next.hasNext() || !begun.isEmpty()) {
        while (next.hasNext() && begun.size() < AHEAD * workers) {
          Path file = next.next();
          begun.add(pool.submit(() -> extractor.extract(file)));
        }
        results.accept(result(begun.remove()));
      }
    } finally {
      pool.shutdownNow();
    }
  }

  private static DocumentTables result(Future<DocumentTables> future) throws InterruptedException {
    try {
      return future.get();
    } catch (ExecutionException e) {
      if (e.getCause() instanceof Error error) {
        throw error;
      }
      // The extractor tells failures in its result: anything else is a defect.
      throw new IllegalStateException(e.getCause());
    }
  }
}
