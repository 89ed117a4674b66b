package dev.inlay.cli;

import java.io.PrintWriter;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.ParseResult;
import picocli.CommandLine.Spec;

/** The command line as a whole. */
@Command(
    name = "inlay",
    versionProvider = Version.class,
    header = "Tables of report PDFs as rows that can be trusted.",
    synopsisSubcommandLabel = "COMMAND",
    commandListHeading = "%nCommands:%n",
    optionListHeading = "%nOptions:%n",
    footer = {
      "",
      "Begin with:",
      "  inlay demo                       a tour on made-up reports",
      "  inlay survey reports/            what is in a folder of reports",
      "  inlay extract report.pdf         the tables of a file, on the screen",
      "  inlay proof report.pdf           pictures of what was found on its pages",
      "  inlay draft a.pdf b.pdf          a first spec for reports of one kind",
      "  inlay run SPEC reports/ -o out/  one clean data set from a batch",
      "  inlay extract --help             more about a command"
    })
final class Inlay implements Runnable {

  @Option(
      names = {"-h", "--help"},
      usageHelp = true,
      description = "Show this help and exit.")
  private boolean help;

  @Option(
      names = {"-V", "--version"},
      versionHelp = true,
      description = "Show the version and exit.")
  private boolean version;

  @Spec private CommandSpec spec;

  @Override
  public void run() {
    throw new ParameterException(spec.commandLine(), "no command given");
  }

  /** The commands, bound to a terminal. */
  static CommandLine commandLine(Terminal terminal) {
    CommandLine line = new CommandLine(new Inlay());
    line.addSubcommand(new SurveyCommand(terminal));
    line.addSubcommand(new ExtractCommand(terminal));
    line.addSubcommand(new ProofCommand(terminal));
    line.addSubcommand(new LinesCommand(terminal));
    line.addSubcommand(new DraftCommand(terminal));
    line.addSubcommand(new RunCommand(terminal));
    CommandLine spec = new CommandLine(new SpecCommand());
    spec.addSubcommand(new SpecCommand.Check(terminal));
    spec.addSubcommand(new SpecCommand.Try(terminal));
    spec.addSubcommand(new SpecCommand.Schema(terminal));
    line.addSubcommand(spec);
    line.addSubcommand(new DemoCommand(terminal));
    line.setOut(new PrintWriter(terminal.out(), true));
    line.setErr(new PrintWriter(terminal.err(), true));
    line.setUsageHelpLongOptionsMaxWidth(26);
    line.setCaseInsensitiveEnumValuesAllowed(true);
    line.setParameterExceptionHandler((e, args) -> wrongUse(e, terminal));
    line.setExecutionExceptionHandler((e, l, parsed) -> defect(e, parsed, terminal));
    return line;
  }

  private static int wrongUse(ParameterException e, Terminal terminal) {
    String command = e.getCommandLine().getCommandSpec().qualifiedName();
    String message = e.getMessage().strip();
    String ended = message.endsWith(".") ? message.substring(0, message.length() - 1) : message;
    terminal.message(ended + "; see " + command + " --help");
    return ExitCode.USAGE;
  }

  private static int defect(Exception e, ParseResult parsed, Terminal terminal) {
    boolean verbose = parsed.originalArgs().contains("--verbose");
    terminal.message(
        "a defect of Inlay stopped the command ("
            + e
            + "); please report it"
            + (verbose ? "" : ", with what --verbose adds"));
    if (verbose) {
      e.printStackTrace(terminal.err());
    }
    return ExitCode.INPUT;
  }
}
