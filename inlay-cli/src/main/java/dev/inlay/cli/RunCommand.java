package dev.inlay.cli;

import dev.inlay.batch.Drift;
import dev.inlay.batch.OutputFolder;
import dev.inlay.batch.RunStore;
import dev.inlay.batch.SpecRun;
import dev.inlay.check.BatchChecks;
import dev.inlay.extract.FileDigest;
import dev.inlay.extract.Problem;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.RunResult;
import dev.inlay.rows.Severity;
import dev.inlay.spec.ReportSpec;
import dev.inlay.write.RunFiles;
import dev.inlay.write.RunText;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Runs a spec over a batch of files. */
@Command(
    name = "run",
    header = "Run a spec over a batch of reports.",
    description = {
      "",
      "Reads every file as the spec wants it and writes one clean data set. A row whose values"
          + " cannot be read is held, a file that does not fit is set aside, each with its reason;"
          + " the rest goes on. Every row is accounted for.",
      ""
    },
    sortOptions = false,
    optionListHeading = "%nOptions:%n",
    footer = {
      "",
      "Examples:",
      "  inlay run dues.inlay.yaml reports/ -o march/      the results that it names",
      "  inlay run dues.inlay.yaml reports/ -o dues.xlsx   one workbook",
      "  inlay run dues.inlay.yaml reports/ --dry          the summary, no files",
      "",
      "A folder keeps what each file gave (in .inlay/): a run that was stopped goes",
      "on where it was, and only files that are new or changed are read again.",
      "",
      "Exit status: 0 all well, 1 a person must look (rows held or not taken, checks",
      "that fail or were not asked), 2 wrong use or a spec that cannot be read, 3",
      "some input could not be read, 4 an output could not be written."
    })
final class RunCommand implements Callable<Integer> {

  @Parameters(index = "0", paramLabel = "SPEC", description = "A spec file.")
  private Path specFile;

  @Parameters(
      index = "1..*",
      arity = "0..*",
      paramLabel = InputFiles.LABEL,
      description = InputFiles.DESCRIPTION)
  private List<String> named;

  @Option(
      names = {"-o", "--out"},
      paramLabel = "OUT",
      description =
          "A folder for all results, or one file: .xlsx, .ods, .csv, .tsv, .jsonl or .sqlite.")
  private String out;

  @Option(names = "--dry", description = "Write nothing; show the summary only.")
  private boolean dry;

  @Mixin private InputFiles inputs;

  @Mixin private InputOptions input;

  @Mixin private ProgressOptions progress;

  @Option(names = "--overwrite", description = "Replace files that exist.")
  private boolean overwrite;

  @Option(
      names = "--fresh",
      description = "Read all files anew, whatever an earlier run into the folder kept.")
  private boolean fresh;

  @Option(
      names = "--strict",
      description = "Exit with 1 for warnings, too, and for files set aside.")
  private boolean strict;

  @Mixin private GeneralOptions general;

  @Spec private CommandSpec command;

  private final Terminal terminal;

  /** The password for locked files; empty for none. */
  private String key;

  RunCommand(Terminal terminal) {
    this.terminal = terminal;
  }

  @Override
  public Integer call() throws InterruptedException, IOException {
    if (dry == (out != null)) {
      throw new ParameterException(
          command.commandLine(), dry ? "--dry writes nothing, so -o is wrong" : "add -o, or --dry");
    }
    Optional<ReportSpec> spec = SpecFile.read(specFile, terminal);
    Optional<String> password =
        spec.flatMap(s -> SpecFile.password(s, input.password(), specFile, terminal));
    if (password.isEmpty()) {
      return ExitCode.USAGE;
    }
    key = password.get();
    Outcome outcome = new Outcome(terminal, progress.isQuiet());
    List<Path> files = inputs.of(named, outcome);
    outcome.reads(List.of(specFile));
    if (dry) {
      return run(spec.get(), files, Optional.empty(), outcome);
    }
    RunFiles results = results(spec.get());
    if (!results.isFolder()) {
      RunOutput output = RunOutput.ofFile(Path.of(out), results, overwrite, terminal, outcome);
      return run(spec.get(), files, Optional.of(output), outcome);
    }
    try (OutputFolder folder = OutputFile.folder(Path.of(out), outcome)) {
      if (folder == null) {
        return outcome.exitCode();
      }
      // what a password opens is not kept: it would be there without the password next time
      Optional<RunStore> store =
          key.isEmpty()
              ? Optional.of(new RunStore(folder, spec.get(), setting(results), fresh))
              : Optional.empty();
      RunOutput output =
          new RunOutput(Path.of(out), results, overwrite, folder, store, terminal, outcome);
      return run(spec.get(), files, Optional.of(output), outcome);
    }
  }

  /** All that results depend on but the spec and the files. */
  private String setting(RunFiles results) throws IOException {
    List<String> templates = results.templates().stream().map(FileDigest::ofReadable).toList();
    return Version.build() + " " + input.pages() + " " + strict + " " + templates;
  }

  private int run(ReportSpec spec, List<Path> files, Optional<RunOutput> output, Outcome outcome)
      throws InterruptedException, IOException {
    OptionalInt before =
        output.isPresent() ? output.get().exitCodeOfLast(files) : OptionalInt.empty();
    if (before.isPresent()) {
      return Math.max(before.getAsInt(), outcome.exitCode());
    }
    if (output.isPresent() && !output.get().isFree()) {
      return outcome.exitCode();
    }
    RunResult result;
    try {
      result = read(spec, files, output.flatMap(RunOutput::store));
    } catch (UncheckedIOException e) {
      outcome.outputFailed(Path.of(out), e.getCause());
      return outcome.exitCode();
    }
    List<String> summary = RunText.summary(result);
    summary.forEach(terminal.out()::println);
    boolean written = output.isPresent() && output.get().write(result);
    int code = exitCode(result, outcome);
    if (written) {
      output.get().keep(result, code, summary);
    }
    return outcome.exitCode();
  }

  private RunFiles results(ReportSpec spec) {
    Path goal = Path.of(out);
    Path folder = SpecFile.folder(specFile);
    String name = String.valueOf(goal.getFileName());
    boolean file = !out.endsWith("/") && !Files.isDirectory(goal) && name.contains(".");
    try {
      return file ? RunFiles.oneFile(spec, folder, goal) : RunFiles.inFolder(spec, folder, goal);
    } catch (IllegalArgumentException e) {
      throw new ParameterException(command.commandLine(), e.getMessage(), e);
    }
  }

  private RunResult read(ReportSpec spec, List<Path> files, Optional<RunStore> store)
      throws InterruptedException, IOException {
    Progress shown = new Progress(terminal, progress.mode(), files.size());
    List<FileRun> runs = Collections.synchronizedList(new ArrayList<>());
    SpecRun run = input.within(new SpecRun(spec, key)).onPages(input.pages()).watchedBy(shown);
    SpecRun keeping = store.map(run::keepingIn).orElse(run);
    StopMessage stop = new StopMessage(terminal, runs::size, files.size(), store.isPresent());
    try {
      keeping.over(
          files,
          inputs.jobs(),
          done -> {
            runs.add(done);
            shown.done(done.path(), done.status().word());
          });
    } finally {
      stop.end();
    }
    shown.end();
    return RunResult.of(spec, BatchChecks.made(spec, Drift.reported(runs)));
  }

  private int exitCode(RunResult result, Outcome outcome) {
    boolean lacksPages =
        result.findings().stream().anyMatch(f -> f.code().equals(Problem.NO_SUCH_PAGE));
    if (lacksPages || result.files().stream().anyMatch(f -> f.status().isFailure())) {
      outcome.inputFailed();
    }
    boolean errors = result.findings().stream().anyMatch(f -> f.severity() == Severity.ERROR);
    boolean warnings = result.findings().stream().anyMatch(f -> f.severity() == Severity.WARNING);
    boolean noneFits =
        result.files().stream().allMatch(f -> f.status() == FileRun.Status.SET_ASIDE);
    if (noneFits) {
      terminal.message(
          "no file fits " + specFile + ", so there is no row; see why each is set aside");
    }
    if (errors || noneFits || strict && warnings) {
      outcome.findings();
    }
    return outcome.exitCode();
  }
}
