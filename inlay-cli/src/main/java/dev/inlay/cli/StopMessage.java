package dev.inlay.cli;

import java.util.function.IntSupplier;

/** Says how far a command came, where it is stopped from outside, as with Ctrl-C. */
final class StopMessage {

  private final Thread hook;

  /**
   * Watches over the work that follows, until its end.
   *
   * @param done how many files are done
   * @param all how many there are
   * @param kept whether what was done with them is kept for the same command
   */
  StopMessage(Terminal terminal, IntSupplier done, int all, boolean kept) {
    String goesOn = kept ? "; the same command goes on from there" : "";
    hook =
        new Thread(
            () ->
                terminal.message(
                    "stopped; " + done.getAsInt() + " of " + all + " files were done" + goesOn),
            "stop message");
    Runtime.getRuntime().addShutdownHook(hook);
  }

  /** Ends the watch: the work is done. */
  void end() {
    try {
      Runtime.getRuntime().removeShutdownHook(hook);
    } catch (IllegalStateException e) {
      // the process is being stopped: the message is on its way
      Thread.currentThread().interrupt();
    }
  }
}
