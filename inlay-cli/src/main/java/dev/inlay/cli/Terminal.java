package dev.inlay.cli;

import java.io.BufferedOutputStream;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;

/**
 * Where the command prints: data to {@link #out()}, messages to {@link #err()}, both in UTF-8.
 *
 * @param out standard output
 * @param err standard error
 * @param width places in a line of the terminal, 0 where the output goes elsewhere
 */
record Terminal(PrintStream out, PrintStream err, int width) {

  /** Set by the launcher where the output is a terminal. */
  private static final String WIDTH = "INLAY_TERMINAL_WIDTH";

  private static final int USUAL_WIDTH = 80;

  private static final int NARROWEST = 20;

  /** The process's own terminal. */
  static Terminal ofProcess() {
    OutputStream out = new BufferedOutputStream(new FileOutputStream(FileDescriptor.out), 1 << 16);
    OutputStream err = new FileOutputStream(FileDescriptor.err);
    return new Terminal(
        new PrintStream(out, false, StandardCharsets.UTF_8),
        new PrintStream(err, true, StandardCharsets.UTF_8),
        widthOfProcess());
  }

  /** The same streams, shown as on a screen of the given width where they lead to none. */
  Terminal asScreen(int usualWidth) {
    return isScreen() ? this : new Terminal(out, err, usualWidth);
  }

  private static int widthOfProcess() {
    String reported = System.getenv(WIDTH);
    if (reported != null && reported.matches("\\d{1,5}")) {
      return Math.max(NARROWEST, Integer.parseInt(reported));
    }
    return System.console() == null ? 0 : USUAL_WIDTH;
  }

  /** Whether a person is reading along. */
  boolean isScreen() {
    return width > 0;
  }

  /** Whether something that was printed did not get out; that is reported. */
  boolean isOutputLost() {
    boolean lost = out.checkError(); // writes what is left, too
    if (lost) {
      message("standard output: cannot be written: it was closed or its disk is full");
    }
    return lost;
  }

  /** Prints one message; whatever it holds, it stays one line and steers no terminal. */
  void message(String text) {
    out.flush(); // what came before a message stands before it
    err.println("inlay: " + text.replaceAll("\\p{Cntrl}+", " "));
  }
}
