package dev.inlay.cli;

import dev.inlay.batch.SampleReading;
import dev.inlay.batch.SampleReading.Read;
import dev.inlay.draft.SampleFile;
import dev.inlay.draft.SpecDraft;
import dev.inlay.extract.Extractor;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Writes a first spec from sample files. */
@Command(
    name = "draft",
    header = "Write a first spec from a few reports of one kind.",
    description = {
      "",
      "Looks at all that the files print: their common tables, headings, types of columns, headings"
          + " among the rows, sums, and values that differ from file to file. The spec runs as it"
          + " is; comments in it say what was seen and what is open to choice.",
      ""
    },
    sortOptions = false,
    optionListHeading = "%nOptions:%n",
    footer = {
      "",
      "Examples:",
      "  inlay draft march-oyle.pdf march-brennick.pdf -o dues.inlay.yaml",
      "  inlay run dues.inlay.yaml reports/ -o march/",
      "",
      "Exit status: 0 all well, 1 no common table, 2 wrong use, 3 some input could",
      "not be read, 4 an output could not be written."
    })
final class DraftCommand implements Callable<Integer> {

  @Parameters(arity = "0..*", paramLabel = InputFiles.LABEL, description = InputFiles.DESCRIPTION)
  private List<String> named;

  @Option(
      names = {"-o", "--out"},
      paramLabel = "OUT",
      description = "Write the spec to this file, as NAME.inlay.yaml.")
  private Path out;

  @Option(names = "--overwrite", description = "Replace a file that exists.")
  private boolean overwrite;

  @Mixin private InputFiles inputs;

  @Mixin private InputOptions input;

  @Mixin private ProgressOptions progress;

  @Mixin private GeneralOptions general;

  private final Terminal terminal;

  DraftCommand(Terminal terminal) {
    this.terminal = terminal;
  }

  @Override
  public Integer call() throws InterruptedException, IOException {
    Outcome outcome = new Outcome(terminal, progress.isQuiet());
    List<Path> files = inputs.of(named, outcome);
    if (out != null && !OutputFile.isFree(out, overwrite, outcome)) {
      return outcome.exitCode();
    }
    List<SampleFile> samples = new ArrayList<>();
    Extractor extractor = new Extractor(input.pages(), input.password()).within(input.limits());
    Progress shown = new Progress(terminal, progress.mode(), files.size());
    SampleReading.over(
        files,
        extractor,
        inputs.jobs(),
        shown,
        shown.around(
            Read::document,
            read -> {
              outcome.report(read.document());
              if (!read.lines().isEmpty()) {
                samples.add(read.sample());
              }
            }));
    shown.end();
    if (samples.isEmpty()) {
      return outcome.exitCode();
    }
    try {
      write(SpecDraft.of(samples), outcome);
    } catch (IllegalArgumentException e) {
      terminal.message(e.getMessage());
      outcome.findings();
    }
    return outcome.exitCode();
  }

  private void write(String spec, Outcome outcome) {
    if (out == null) {
      terminal.out().print(spec);
    } else if (OutputFile.write(
        out, overwrite, to -> to.write(spec.getBytes(StandardCharsets.UTF_8)), outcome)) {
      outcome.wrote(out);
    }
  }
}
