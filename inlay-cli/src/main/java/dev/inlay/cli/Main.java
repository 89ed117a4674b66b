package dev.inlay.cli;

import java.util.Arrays;

/** Starts the program. */
public final class Main {

  private static final String LOG_LEVEL = "org.slf4j.simpleLogger.defaultLogLevel";

  private Main() {}

  /** Runs the command line and ends the process with its exit code. */
  public static void main(String[] args) {
    // Before the first logger is made: libraries speak only when asked to.
    System.setProperty(LOG_LEVEL, Arrays.asList(args).contains("--verbose") ? "warn" : "off");
    System.setProperty("java.awt.headless", "true");
    Terminal terminal = Terminal.ofProcess();
    int code = Inlay.commandLine(terminal, args).execute(args);
    System.exit(terminal.isOutputLost() && code != ExitCode.USAGE ? ExitCode.OUTPUT : code);
  }
}
