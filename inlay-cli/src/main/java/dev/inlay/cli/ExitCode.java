package dev.inlay.cli;

/** What the process tells the one who started it. */
final class ExitCode {

  /** All is well. */
  static final int OK = 0;

  /** Done, with findings: no table in a file. */
  static final int FINDINGS = 1;

  /** The command was used wrongly. */
  static final int USAGE = 2;

  /** Some input could not be read; the rest is done. */
  static final int INPUT = 3;

  /** An output could not be written. */
  static final int OUTPUT = 4;

  private ExitCode() {}
}
