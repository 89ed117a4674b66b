package dev.inlay.cli;

import dev.inlay.evidence.PageLines;
import dev.inlay.extract.PageWalk;
import dev.inlay.geom.Length.Unit;
import dev.inlay.page.Page;
import dev.inlay.write.LinesFile;
import dev.inlay.write.LinesFile.PageText;
import dev.inlay.write.TableFormat;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Shows the lines of text on pages with their places. */
@Command(
    name = "lines",
    header = "Show the lines of text on pages with their places.",
    description = {
      "",
      "The text as Inlay reads it, line by line, in reading order: what --below, --above and"
          + " patterns meet. Places are counted from the upper left corner of the page.",
      ""
    },
    sortOptions = false,
    optionListHeading = "%nOptions:%n",
    footer = {
      "",
      "Examples:",
      "  inlay lines report.pdf --pages 2",
      "  inlay lines report.pdf --pages 2 --unit mm",
      "",
      "Exit status: 0 all well, 2 wrong use, 3 some input could not be read."
    })
final class LinesCommand implements Callable<Integer> {

  @Parameters(arity = "1", paramLabel = "FILE", description = "A PDF file.")
  private Path file;

  @Option(names = "--to", paramLabel = "FORMAT", description = "The format: text, csv or json.")
  private String to;

  @Option(
      names = "--unit",
      paramLabel = "UNIT",
      defaultValue = "pt",
      description = "The unit of places: pt (the default), mm, cm, in or %%; JSON is in pt.")
  private String unit;

  @Mixin private InputOptions input;

  @Mixin private GeneralOptions general;

  @Spec private CommandSpec spec;

  private final Terminal terminal;

  LinesCommand(Terminal terminal) {
    this.terminal = terminal;
  }

  @Override
  public Integer call() throws InterruptedException, IOException {
    TableFormat format = ListFormats.choose(to, null, spec.commandLine());
    LinesFile writer = new LinesFile(unit());
    Outcome outcome = new Outcome(terminal);
    List<PageText> pages = new ArrayList<>();
    PageWalk.WalkResult walked =
        PageWalk.over(
            file,
            input.password(),
            input.pages(),
            page -> {
              if (format == TableFormat.TEXT) {
                show(writer.text(textOf(page)));
              } else {
                pages.add(textOf(page));
              }
            },
            input.limits());
    outcome.reportProblems(file, walked.status(), walked.problems());
    if (format == TableFormat.CSV) {
      writer.csv(pages, terminal.out());
    } else if (format == TableFormat.JSON) {
      writer.json(pages, terminal.out());
    }
    return outcome.exitCode();
  }

  private static PageText textOf(Page page) {
    return new PageText(page.number(), page.width(), page.height(), PageLines.of(page));
  }

  private void show(List<String> lines) {
    lines.forEach(terminal.out()::println);
    terminal.out().println();
  }

  private Unit unit() {
    try {
      return Unit.ofSign(unit);
    } catch (IllegalArgumentException e) {
      throw new ParameterException(spec.commandLine(), "--unit: " + e.getMessage(), e);
    }
  }
}
