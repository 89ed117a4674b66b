package dev.inlay.cli;

import picocli.CommandLine.Option;

/** What a command that works on many files says meanwhile. */
final class ProgressOptions {

  /** How progress is shown. */
  enum Mode {
    /** One line on a terminal, written over; nothing elsewhere. */
    LINE,
    /** A line of JSON on standard error for each file. */
    JSON,
    /** Not at all. */
    NONE
  }

  @Option(
      names = "--progress",
      paramLabel = "HOW",
      defaultValue = "line",
      description =
          "line (how far it is, on a terminal; the default), json (a line for each file on standard"
              + " error) or none.")
  private Mode mode;

  @Option(
      names = "--quiet",
      description = "Report only what could not be read or written; no doubts, no progress.")
  private boolean quiet;

  Mode mode() {
    return quiet && mode == Mode.LINE ? Mode.NONE : mode;
  }

  boolean isQuiet() {
    return quiet;
  }
}
