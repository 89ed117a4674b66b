package dev.inlay.cli;

import dev.inlay.batch.SpecRun;
import dev.inlay.page.PageSelection;
import dev.inlay.page.ReadLimits;
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

  @Mixin private LimitOptions limits;

  @Spec(Spec.Target.MIXEE)
  private CommandSpec spec;

  /** What one file may ask for. */
  ReadLimits limits() {
    return limits.over(ReadLimits.USUAL);
  }

  /** A run of a spec with the limits that the options give each file, else those of the spec. */
  SpecRun within(SpecRun run) {
    return run.within(limits::over);
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
