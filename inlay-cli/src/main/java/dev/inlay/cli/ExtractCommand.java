package dev.inlay.cli;

import dev.inlay.batch.FileBatch;
import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.function.Function;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Takes the tables out of PDF files. */
@Command(
    name = "extract",
    header = "Take the tables out of PDF files.",
    description = {
      "",
      "Finds tables, with lines round their cells or without, joins those that run over several"
          + " pages, and shows them or writes them to files. Every doubt is reported: look at a"
          + " table with a warning or a confidence below 0.9.",
      ""
    },
    sortOptions = false,
    optionListHeading = "%nOptions:%n",
    footer = {
      "",
      "Examples:",
      "  inlay extract report.pdf                       show the tables",
      "  inlay extract report.pdf -o report.xlsx        a sheet for each table",
      "  inlay extract report.pdf --pages 2-5,7 --to csv",
      "  inlay extract reports/ --to json,csv -o tables/   two files for each report",
      "  inlay extract report.pdf --carry-headings --leave-out totals -o list.csv",
      "  inlay extract report.pdf --below \"Landings\" --gutters 40mm,75mm,110mm",
      "",
      "Exit status: 0 all well, 1 no table found, 2 wrong use, 3 some input could not",
      "be read, 4 an output could not be written."
    })
final class ExtractCommand implements Callable<Integer> {

  @Parameters(arity = "0..*", paramLabel = InputFiles.LABEL, description = InputFiles.DESCRIPTION)
  private List<String> named;

  @Option(
      names = {"-o", "--out"},
      paramLabel = "OUT",
      description =
          "Write to this file; its ending says the format. With a folder (an existing one, or a name"
              + " that ends in /) a file for each PDF, in the format given by --to.")
  private String out;

  @Option(
      names = "--to",
      paramLabel = "FORMAT",
      description =
          "The format: text (drawn boxes), csv, json, markdown, html or xlsx. Into a folder several"
              + " with commas between them.")
  private String to;

  @Option(names = "--overwrite", description = "Replace files that exist.")
  private boolean overwrite;

  @Mixin private InputFiles inputs;

  @Mixin private InputOptions input;

  @Mixin private ProgressOptions progress;

  @Mixin private HandToolOptions hand;

  @Mixin private ListOptions list;

  @Mixin private GeneralOptions general;

  @Spec private CommandSpec spec;

  private final Terminal terminal;

  ExtractCommand(Terminal terminal) {
    this.terminal = terminal;
  }

  @Override
  public Integer call() throws InterruptedException {
    Extractor extractor =
        new Extractor(input.pages(), input.password(), hand.tools(), hand.choice())
            .within(input.timeLimit());
    Outcome outcome = new Outcome(terminal, progress.isQuiet());
    List<Path> files = inputs.of(named, outcome);
    Destination destination;
    try {
      list.list(); // what is wrong with it is told before long work
      destination = Destination.of(out, to, files, overwrite, terminal);
    } catch (IllegalArgumentException e) {
      throw new ParameterException(spec.commandLine(), e.getMessage(), e);
    }
    if (destination.isReady(outcome)) {
      Progress shown = new Progress(terminal, progress.mode(), files.size());
      FileBatch.extract(
          files,
          extractor,
          inputs.jobs(),
          shown,
          shown.around(
              Function.identity(),
              document -> {
                DocumentTables chosen = list.apply(document);
                outcome.tell(chosen);
                destination.take(chosen, outcome);
              }));
      shown.end();
      destination.finish(outcome);
    }
    return outcome.exitCode();
  }
}
