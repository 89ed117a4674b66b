package dev.inlay.cli;

import dev.inlay.batch.Drift;
import dev.inlay.batch.SpecRun;
import dev.inlay.check.BatchChecks;
import dev.inlay.extract.Problem;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.RunResult;
import dev.inlay.rows.Severity;
import dev.inlay.spec.ReportSpec;
import dev.inlay.write.RunFiles;
import dev.inlay.write.RunText;
import dev.inlay.write.TooLargeException;
import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
      "  inlay run dues.inlay.yaml reports/ -o march/      the results that the spec names",
      "  inlay run dues.inlay.yaml reports/ -o dues.xlsx   one workbook",
      "  inlay run dues.inlay.yaml reports/ --dry          the summary, no files",
      "",
      "Exit status: 0 all well, 1 a person must look (rows held or not taken, checks that fail or",
      "were not asked), 2 wrong use or a spec that cannot be read, 3 some input could not be",
      "read, 4 an output could not be written."
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
      names = "--strict",
      description = "Exit with 1 for warnings, too, and for files set aside.")
  private boolean strict;

  @Mixin private GeneralOptions general;

  @Spec private CommandSpec command;

  private final Terminal terminal;

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
    if (spec.isEmpty()) {
      return ExitCode.USAGE;
    }
    Outcome outcome = new Outcome(terminal, progress.isQuiet());
    List<Path> files = inputs.of(named, outcome);
    Optional<RunFiles> results = dry ? Optional.empty() : Optional.of(results(spec.get()));
    if (results.isPresent() && !isFree(results.get(), outcome)) {
      return outcome.exitCode();
    }
    RunResult result = run(spec.get(), files);
    RunText.summary(result).forEach(terminal.out()::println);
    results.ifPresent(r -> write(r, result, outcome));
    return exitCode(result, outcome);
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

  private boolean isFree(RunFiles results, Outcome outcome) {
    boolean free = true;
    for (Path goal : results.goals()) {
      Path folder = goal.toAbsolutePath().getParent();
      try {
        if (!folder.equals(Path.of(out).toAbsolutePath().getParent())) {
          Files.createDirectories(folder);
        }
      } catch (IOException e) {
        outcome.outputFailed(folder, e);
        return false;
      }
      free &= OutputFile.isFree(goal, overwrite, outcome);
    }
    return free;
  }

  private RunResult run(ReportSpec spec, List<Path> files)
      throws InterruptedException, IOException {
    String key = SpecFile.password(spec, input.password(), specFile);
    Progress shown = new Progress(terminal, progress.mode(), files.size());
    List<FileRun> runs = new ArrayList<>();
    new SpecRun(spec, key)
        .within(input.timeLimit())
        .onPages(input.pages())
        .watchedBy(shown)
        .over(
            files,
            inputs.jobs(),
            run -> {
              runs.add(run);
              shown.done(run.path(), run.status().word());
            });
    shown.end();
    return RunResult.of(spec, BatchChecks.made(spec, Drift.reported(runs)));
  }

  private void write(RunFiles results, RunResult result, Outcome outcome) {
    try {
      List<Path> written = results.write(result, overwrite);
      if (written.size() == 1) {
        outcome.wrote(written.get(0));
      } else {
        outcome.wrote(Path.of(out), written);
      }
      outcome.leftBehind(Path.of(out), results.leftBehind(written));
    } catch (FileAlreadyExistsException e) {
      outcome.outputFailed(Path.of(e.getFile()), e);
    } catch (IOException | TooLargeException e) {
      outcome.outputFailed(Path.of(out), e);
    }
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
