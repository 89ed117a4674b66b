package dev.inlay.cli;

import dev.inlay.batch.SampleReading;
import dev.inlay.batch.SampleReading.Read;
import dev.inlay.draft.SampleFile;
import dev.inlay.draft.SpecDraft;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
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
      "Exit status: 0 all well, 1 no common table, 2 wrong use, 3 some input could not be",
      "read, 4 an output could not be written."
    })
final class DraftCommand implements Callable<Integer> {

  @Parameters(arity = "1..*", paramLabel = "FILE|FOLDER", description = "PDF files, or folders.")
  private List<Path> named;

  @Option(
      names = {"-o", "--out"},
      paramLabel = "OUT",
      description = "Write the spec to this file, as NAME.inlay.yaml.")
  private Path out;

  @Option(names = "--overwrite", description = "Replace a file that exists.")
  private boolean overwrite;

  @Mixin private InputOptions input;

  @Mixin private GeneralOptions general;

  @Spec private CommandSpec command;

  private final Terminal terminal;

  DraftCommand(Terminal terminal) {
    this.terminal = terminal;
  }

  @Override
  public Integer call() throws InterruptedException, IOException {
    List<Path> files = InputFiles.of(named);
    if (files.isEmpty()) {
      throw new ParameterException(command.commandLine(), "no PDF file in " + named.get(0));
    }
    Outcome outcome = new Outcome(terminal);
    if (out != null && !OutputFile.isFree(out, overwrite, outcome)) {
      return outcome.exitCode();
    }
    List<SampleFile> samples = new ArrayList<>();
    int workers = Runtime.getRuntime().availableProcessors();
    for (Read read :
        SampleReading.of(files, input.pages(), input.password(), workers, input.timeLimit())) {
      outcome.tell(read.document());
      if (!read.lines().isEmpty()) {
        samples.add(read.sample());
      }
    }
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
