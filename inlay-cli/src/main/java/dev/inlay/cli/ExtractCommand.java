package dev.inlay.cli;

import dev.inlay.batch.ExtractStore;
import dev.inlay.batch.FileBatch;
import dev.inlay.batch.OutputFolder;
import dev.inlay.extract.Extractor;
import dev.inlay.write.OwnFiles;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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

  /** Options that change nothing in what is written. */
  private static final Set<String> WITHOUT_EFFECT =
      Set.of("--jobs", "--progress", "--overwrite", "--fresh", "--from", "--verbose");

  @Parameters(arity = "0..*", paramLabel = InputFiles.LABEL, description = InputFiles.DESCRIPTION)
  private List<String> named;

  @Option(
      names = {"-o", "--out"},
      paramLabel = "OUT",
      description =
          "Write to this file; its ending says the format. A CSV file takes one table. With a folder"
              + " (an existing one, or a name that ends in /) a file for each PDF, as CSV for each"
              + " table, in the format given by --to.")
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

  @Option(
      names = "--fresh",
      description = "Read all files anew, whatever an earlier command into the folder kept.")
  private boolean fresh;

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
  public Integer call() throws InterruptedException, IOException {
    Outcome outcome = new Outcome(terminal, progress.isQuiet());
    List<Path> files = inputs.of(named, outcome);
    Destination checked;
    try {
      list.list(); // what is wrong with it is reported before long work
      checked = Destination.of(out, to, files, overwrite, OwnFiles.NONE, terminal);
    } catch (IllegalArgumentException e) {
      throw new ParameterException(spec.commandLine(), e.getMessage(), e);
    }
    if (out == null || !Destination.isFolder(out)) {
      extract(files, checked, Optional.empty(), outcome);
      return outcome.exitCode();
    }
    try (OutputFolder folder = OutputFile.folder(Path.of(out), outcome)) {
      if (folder != null) {
        Destination into = Destination.of(out, to, files, overwrite, folder, terminal);
        // what a password opens is not kept: it would be there without the password next time
        Optional<ExtractStore> store =
            input.password().isEmpty()
                ? Optional.of(new ExtractStore(folder, setting(), fresh))
                : Optional.empty();
        extract(files, into, store, outcome);
      }
      return outcome.exitCode();
    }
  }

  /** All that results depend on but the files: options as they were given, and the version. */
  private String setting() throws IOException {
    return Version.build()
        + " "
        + spec.commandLine().getParseResult().matchedOptions().stream()
            .filter(o -> !WITHOUT_EFFECT.contains(o.longestName()))
            .map(o -> o.longestName() + "=" + o.stringValues())
            .sorted()
            .toList();
  }

  private void extract(
      List<Path> files, Destination destination, Optional<ExtractStore> store, Outcome outcome)
      throws InterruptedException, IOException {
    if (!destination.isReady(outcome)) {
      return;
    }
    DoneFiles done = new DoneFiles(files, store, terminal, outcome);
    Extractor extractor =
        new Extractor(input.pages(), input.password(), hand.tools(), hand.choice())
            .within(input.limits());
    Progress shown = new Progress(terminal, progress.mode(), done.rest().size());
    StopMessage stop = new StopMessage(terminal, done::count, files.size(), store.isPresent());
    try {
      FileBatch.extract(
          done.rest(),
          extractor,
          inputs.jobs(),
          shown,
          shown.around(
              Function.identity(),
              document -> done.take(list.apply(document), destination, progress.isQuiet())));
    } catch (UncheckedIOException e) {
      outcome.outputFailed(Path.of(out), e.getCause());
    } finally {
      stop.end();
    }
    shown.end();
    done.end(out, progress.isQuiet());
    destination.finish(outcome);
  }
}
