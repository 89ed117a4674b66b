package dev.inlay.cli;

import java.time.Duration;
import java.util.Optional;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** The option with which a person says how long one file may take. */
final class TimeOption {

  @Option(
      names = "--time-limit",
      paramLabel = "SECONDS",
      description =
          "How long one file may take (600, or what the spec says). Pages not read by then are"
              + " reported, and the files behind it are read.")
  private Integer seconds;

  @Spec(Spec.Target.MIXEE)
  private CommandSpec spec;

  /**
   * How long one file may take; empty where the option is not given.
   *
   * @throws ParameterException where it is no time
   */
  Optional<Duration> limit() {
    if (seconds == null) {
      return Optional.empty();
    }
    if (seconds < 1) {
      throw new ParameterException(
          spec.commandLine(), "--time-limit: at least 1 second, not " + seconds);
    }
    return Optional.of(Duration.ofSeconds(seconds));
  }
}
