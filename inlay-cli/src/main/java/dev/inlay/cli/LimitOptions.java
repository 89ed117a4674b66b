package dev.inlay.cli;

import dev.inlay.page.ReadLimits;
import dev.inlay.page.ReadLimits.Limit;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** The options with which a person says what one file may ask for. */
final class LimitOptions {

  @Option(
      names = "--time-limit",
      paramLabel = "SECONDS",
      description =
          "How long one file may take (600, or what the spec says). Pages not read by then are"
              + " reported, and the files behind it are read.")
  private Integer seconds;

  @Option(
      names = "--limit",
      paramLabel = "NAME=NUMBER",
      description =
          "How much one file may have of pages, and one page of commands, characters, forms,"
              + " depth, states and megabytes. What is beyond it is reported, the rest is read."
              + " May be given several times.")
  private Map<String, Integer> most = new LinkedHashMap<>();

  @Spec(Spec.Target.MIXEE)
  private CommandSpec spec;

  /**
   * The limits given, and others where none is given.
   *
   * @throws ParameterException where one is no limit
   */
  ReadLimits over(ReadLimits others) {
    ReadLimits limits = others;
    if (seconds != null) {
      limits = limits.within(Duration.ofSeconds(atLeastOne("--time-limit", "1 second", seconds)));
    }
    for (Map.Entry<String, Integer> one : most.entrySet()) {
      Limit limit = Limit.of(one.getKey()).orElseThrow(() -> unknown(one.getKey()));
      limits = limits.with(limit, atLeastOne("--limit " + one.getKey(), "1", one.getValue()));
    }
    return limits;
  }

  private int atLeastOne(String option, String least, int number) {
    if (number < 1) {
      throw new ParameterException(
          spec.commandLine(), option + ": at least " + least + ", not " + number);
    }
    return number;
  }

  private ParameterException unknown(String name) {
    return new ParameterException(
        spec.commandLine(),
        "--limit: '" + name + "' is no limit; there are " + String.join(", ", Limit.allWords()));
  }
}
