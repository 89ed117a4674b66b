package dev.inlay.extract;

import java.io.UncheckedIOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.FutureTask;

/**
 * Work done on several threads whose results are taken in the order in which it was given, on the
 * thread that gives it. Only a few pieces are begun ahead of the one awaited, so that memory does
 * not grow with the work. Close it after use: what is not done yet is stopped.
 *
 * @param <T> what a piece of work yields
 */
public final class OrderedWork<T> implements AutoCloseable {

  /** Pieces begun ahead of the one awaited, for each worker. */
  private static final int AHEAD = 6;

  /** Takes results. */
  public interface Sink<T> {

    /** Takes the next result. */
    void take(T result) throws InterruptedException;
  }

  private final Deque<Future<T>> begun = new ArrayDeque<>();
  private final ExecutorService pool;
  private final int most;
  private final Sink<T> sink;

  /**
   * Prepares workers.
   *
   * @param workers how many; with 1, work is done at once by the thread that gives it
   * @param sink takes the results
   */
  public OrderedWork(int workers, Sink<T> sink) {
    pool = workers > 1 ? Executors.newFixedThreadPool(workers) : null;
    most = workers > 1 ? AHEAD * workers : 0;
    this.sink = sink;
  }

  /**
   * Gives a piece of work; takes results that are due.
   *
   * @throws InterruptedException if this thread was interrupted while it waited
   */
  public void add(Callable<T> work) throws InterruptedException {
    FutureTask<T> task = new FutureTask<>(work);
    begun.add(task);
    if (pool == null) {
      task.run();
    } else {
      pool.execute(task);
    }
    while (begun.size() > most || !begun.isEmpty() && begun.peek().isDone()) {
      takeNext();
    }
  }

  /**
   * Takes all results that are left.
   *
   * @throws InterruptedException if this thread was interrupted while it waited
   */
  public void finish() throws InterruptedException {
    while (!begun.isEmpty()) {
      takeNext();
    }
  }

  private void takeNext() throws InterruptedException {
    try {
      sink.take(begun.remove().get());
    } catch (ExecutionException e) {
      if (e.getCause() instanceof Error error) {
        throw error;
      }
      if (e.getCause() instanceof InterruptedException interruption) {
        throw interruption;
      }
      if (e.getCause() instanceof UncheckedIOException unwritten) {
        throw unwritten;
      }
      // Work tells failures in its results: anything else is a defect.
      throw new IllegalStateException(e.getCause());
    }
  }

  @Override
  public void close() {
    if (pool != null) {
      pool.shutdownNow();
    }
  }
}
