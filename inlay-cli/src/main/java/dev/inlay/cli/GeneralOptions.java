package dev.inlay.cli;

import picocli.CommandLine.Option;

/** Options that every command has. */
final class GeneralOptions {

  @Option(
      names = {"-h", "--help"},
      usageHelp = true,
      description = "Show this help and exit.")
  private boolean help;

  @Option(
      names = "--verbose",
      description = "Report on standard error what the libraries say, with stack traces.")
  private boolean verbose;

  /** Whether stack traces are wanted. */
  boolean verbose() {
    return verbose;
  }
}
