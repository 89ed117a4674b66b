package dev.inlay.cli;

import dev.inlay.batch.SpecRun;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.RunResult;
import dev.inlay.spec.ReportSpec;
import dev.inlay.spec.SpecSchema;
import dev.inlay.write.RunText;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
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

/** Works on spec files. */
@Command(
    name = "spec",
    header = "Check a spec, try it on one file, or write its schema.",
    description = "",
    synopsisSubcommandLabel = "check|try|schema",
    commandListHeading = "%nCommands:%n",
    optionListHeading = "%nOptions:%n",
    footer = {
      "",
      "Examples:",
      "  inlay spec check dues.inlay.yaml",
      "  inlay spec try dues.inlay.yaml statement.pdf",
      "  inlay spec try dues.inlay.yaml statement.pdf --watch",
      "  inlay spec schema > inlay-spec.schema.json"
    })
final class SpecCommand implements Runnable {

  @Mixin private GeneralOptions general;

  @Spec private CommandSpec command;

  @Override
  public void run() {
    throw new ParameterException(command.commandLine(), "say check, try or schema");
  }

  /** Reads a spec and says what is wrong in it. */
  @Command(
      name = "check",
      header = "Say all that is wrong in a spec, with its line and column.",
      optionListHeading = "%nOptions:%n",
      footer = {"", "Exit status: 0 all well, 2 a spec has mistakes, or wrong use."})
  static final class Check implements Callable<Integer> {

    @Parameters(arity = "1..*", paramLabel = "SPEC", description = "Spec files.")
    private List<Path> files;

    @Mixin private GeneralOptions general;

    private final Terminal terminal;

    Check(Terminal terminal) {
      this.terminal = terminal;
    }

    @Override
    public Integer call() {
      int code = ExitCode.OK;
      for (Path file : files) {
        Optional<ReportSpec> spec = SpecFile.read(file, terminal);
        if (spec.isPresent()) {
          terminal.out().println(file + ": all well");
        } else {
          code = ExitCode.USAGE;
        }
      }
      return code;
    }
  }

  /** Runs a spec over one file and says what each rule took. */
  @Command(
      name = "try",
      header = "Run a spec over one file; say what each rule took and nearly took.",
      optionListHeading = "%nOptions:%n",
      footer = {
        "",
        "Exit status: 0 all well, 1 rows were held or the file does not fit,",
        "2 a spec that cannot be read or wrong use, 3 the file could not be read."
      })
  static final class Try implements Callable<Integer> {

    private static final long A_MOMENT = 200;

    @Parameters(index = "0", paramLabel = "SPEC", description = "A spec file.")
    private Path specFile;

    @Parameters(index = "1", paramLabel = "FILE", description = "A PDF file.")
    private Path file;

    @Option(names = "--watch", description = "Do it again whenever the spec file is saved.")
    private boolean watch;

    @Mixin private InputOptions input;

    @Mixin private GeneralOptions general;

    private final Terminal terminal;

    Try(Terminal terminal) {
      this.terminal = terminal;
    }

    @Override
    public Integer call() throws InterruptedException, IOException {
      // taken before it is read: it may be saved meanwhile
      FileTime read = Files.exists(specFile) ? Files.getLastModifiedTime(specFile) : null;
      int code = once();
      while (watch) {
        terminal.out().println();
        terminal.out().println("waiting for " + specFile + " to be saved; end with Ctrl-C");
        terminal.out().flush();
        read = changed(read);
        code = once();
      }
      return code;
    }

    private int once() throws InterruptedException, IOException {
      Optional<ReportSpec> spec = SpecFile.read(specFile, terminal);
      Optional<String> key =
          spec.flatMap(s -> SpecFile.password(s, input.password(), specFile, terminal));
      if (key.isEmpty()) {
        return ExitCode.USAGE;
      }
      SpecRun reading = input.within(new SpecRun(spec.get(), key.get()));
      FileRun run = reading.onPages(input.pages()).read(file);
      RunResult result = RunResult.of(spec.get(), List.of(run));
      RunText.trial(result).forEach(terminal.out()::println);
      if (run.status().isFailure()) {
        return ExitCode.INPUT;
      }
      boolean aside = run.status() == FileRun.Status.SET_ASIDE;
      return aside || run.rows().held() > 0 ? ExitCode.FINDINGS : ExitCode.OK;
    }

    /** Waits until the spec was saved, and yields when that was. */
    private FileTime changed(FileTime before) throws InterruptedException, IOException {
      // editors may put a new file in place of the old one: there may be none for a moment
      while (!Files.exists(specFile) || Files.getLastModifiedTime(specFile).equals(before)) {
        Thread.sleep(A_MOMENT);
      }
      return Files.getLastModifiedTime(specFile);
    }
  }

  /** Writes the schema. */
  @Command(
      name = "schema",
      header = "Write the JSON Schema of the spec, for editors.",
      optionListHeading = "%nOptions:%n",
      footer = {"", "Exit status: 0 all well, 2 wrong use."})
  static final class Schema implements Callable<Integer> {

    @Mixin private GeneralOptions general;

    private final Terminal terminal;

    Schema(Terminal terminal) {
      this.terminal = terminal;
    }

    @Override
    public Integer call() {
      SpecSchema.write(terminal.out());
      return ExitCode.OK;
    }
  }
}
