package dev.inlay.extract;

import java.time.Duration;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;

/**
 * Makes the calls into the library that reads files on a thread of its own, so that a loop in it
 * cannot hold up the files behind: when the time for the file is over, its thread is left alone and
 * no call is made any more. Such a thread does not keep the program from ending.
 *
 * <p>Serves one file, and one caller at a time.
 */
final class WatchedCalls implements AutoCloseable {

  private final Duration limit;
  private final long end;
  private final ExecutorService thread =
      Executors.newSingleThreadExecutor(
          work -> {
            Thread daemon = new Thread(work, "file reader");
            daemon.setDaemon(true);
            return daemon;
          });

  /**
   * A call into the library.
   *
   * @param <T> what it yields
   * @param <E> how it may fail
   */
  interface Call<T, E extends Exception> {

    /** Makes the call. */
    T make() throws E;
  }

  /** The time for a file is over. */
  static final class TimeOver extends Exception {

    private static final long serialVersionUID = 1;

    TimeOver(Duration limit) {
      super("took longer than " + limit.toSeconds() + " s");
    }
  }

  /**
   * Begins to count the time.
   *
   * @param limit for all calls, and what is done between them
   */
  WatchedCalls(Duration limit) {
    this.limit = limit;
    end = System.nanoTime() + limit.toNanos();
  }

  /**
   * Makes a call.
   *
   * @param failure how it may fail
   * @throws E if it failed so
   * @throws TimeOver if it did not end in time, or the time was over before
   * @throws InterruptedException if the caller was interrupted while it waited
   */
  <T, E extends Exception> T call(Call<T, E> work, Class<E> failure)
      throws E, TimeOver, InterruptedException {
    long left = end - System.nanoTime();
    if (left <= 0) {
      throw new TimeOver(limit);
    }
    Future<T> result = thread.submit(work::make);
    try {
      return result.get(left, TimeUnit.NANOSECONDS);
    } catch (TimeoutException e) {
      result.cancel(true);
      throw new TimeOver(limit);
    } catch (ExecutionException e) {
      if (failure.isInstance(e.getCause())) {
        throw failure.cast(e.getCause());
      }
      if (e.getCause() instanceof Error error) {
        throw error;
      }
      throw e.getCause() instanceof RuntimeException unforeseen
          ? unforeseen
          : new IllegalStateException(e.getCause());
    }
  }

  @Override
  public void close() {
    thread.shutdownNow();
  }
}
