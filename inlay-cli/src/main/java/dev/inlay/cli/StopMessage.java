package dev.inlay.cli;

import java.util.function.Supplier;

/** Says how far a command came, where it is stopped from outside, as with Ctrl-C. */
final class StopMessage {

  private final Thread hook;

  /**
   * Watches over the work that follows, until its end.
   *
   * @param message made where the work is stopped
   */
  StopMessage(Terminal terminal, Supplier<String> message) {
    hook = new Thread(() -> terminal.message(message.get()), "stop message");
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
