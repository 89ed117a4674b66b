package dev.inlay.cli;

import dev.inlay.batch.SpecRun;
import dev.inlay.extract.PageWalk;
import dev.inlay.page.PageSelection;
import java.time.Duration;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** Options of every command that reads PDF files. */
final class InputOptions {

  @Option(
      names = "--pages",
      paramLabel = "PAGES",
      description = "Only these pages, e.g. 2-5,7 or 10- (to the end). The first page is 1.")
  private String pages;

  @Option(
      names = "--password",
      paramLabel = "TEXT",
      defaultValue = "${env:INLAY_PASSWORD:-}",
      description = "Opens locked files. Or set the variable INLAY_PASSWORD, which no one sees.")
  private String password;

  @Mixin private TimeOption time;

  @Spec(Spec.Target.MIXEE)
  private CommandSpec spec;

  /** How long one file may take. */
  Duration timeLimit() {
    return time.limit().orElse(PageWalk.USUAL_LIMIT);
  }

  /** A run of a spec with the time that the option gives each file, else what the spec says. */
  SpecRun inTime(SpecRun run) {
    return time.limit().map(run::within).orElse(run);
  }

  String password() {
    return password;
  }

  /**
   * The pages asked for.
   *
   * @throws ParameterException where they are written wrongly
   */
  PageSelection pages() {
    if (pages == null) {
      return PageSelection.ALL;
    }
    try {
      return PageSelection.parse(pages);
    } catch (IllegalArgumentException e) {
      throw new ParameterException(spec.commandLine(), "--pages: " + e.getMessage(), e);
    }
  }
}
