package dev.inlay.cli;

import dev.inlay.spec.Wording;
import java.io.PrintWriter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.ParseResult;
import picocli.CommandLine.Spec;
import picocli.CommandLine.UnmatchedArgumentException;

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

  /**
   * The commands, bound to a terminal.
   *
   * @param args what will be parsed: where it begins with a command, the others are not made, since
   *     looking through their options takes a good part of the start
   */
  static CommandLine commandLine(Terminal terminal, String... args) {
    CommandLine line = new CommandLine(new Inlay());
    Map<String, Supplier<Object>> commands = commands(terminal);
    Supplier<Object> named = args.length == 0 ? null : commands.get(args[0]);
    (named == null ? commands.values() : List.of(named))
        .forEach(command -> line.addSubcommand(command.get()));
    line.setOut(new PrintWriter(terminal.out(), true));
    line.setErr(new PrintWriter(terminal.err(), true));
    line.setUsageHelpLongOptionsMaxWidth(26);
    line.setCaseInsensitiveEnumValuesAllowed(true);
    line.setParameterExceptionHandler((e, given) -> wrongUse(e, terminal));
    line.setExecutionExceptionHandler((e, l, parsed) -> defect(e, parsed, terminal));
    return line;
  }

  /** Those in the order of the help, by the name that each gives itself. */
  private static Map<String, Supplier<Object>> commands(Terminal terminal) {
    Map<String, Supplier<Object>> commands = new LinkedHashMap<>();
    commands.put("survey", () -> new SurveyCommand(terminal));
    commands.put("extract", () -> new ExtractCommand(terminal));
    commands.put("proof", () -> new ProofCommand(terminal));
    commands.put("lines", () -> new LinesCommand(terminal));
    commands.put("explain", () -> new ExplainCommand(terminal));
    commands.put("draft", () -> new DraftCommand(terminal));
    commands.put("run", () -> new RunCommand(terminal));
    commands.put("compare", () -> new CompareCommand(terminal));
    commands.put("spec", () -> specCommands(terminal));
    commands.put("demo", () -> new DemoCommand(terminal));
    commands.put("schema", () -> new SchemaCommand(terminal));
    commands.put("completion", () -> new CompletionCommand(terminal));
    return commands;
  }

  private static CommandLine specCommands(Terminal terminal) {
    CommandLine spec = new CommandLine(new SpecCommand());
    spec.addSubcommand(new SpecCommand.Check(terminal));
    spec.addSubcommand(new SpecCommand.Try(terminal));
    spec.addSubcommand(new SpecCommand.Schema(terminal));
    return spec;
  }

  private static int wrongUse(ParameterException e, Terminal terminal) {
    String command = e.getCommandLine().getCommandSpec().qualifiedName();
    String message = unknown(e).orElse(e.getMessage().strip());
    String ended = message.endsWith(".") ? message.substring(0, message.length() - 1) : message;
    terminal.message(ended + "; see " + command + " --help");
    return ExitCode.USAGE;
  }

  /** What is said of a command or an option that there is none of, with the nearest one. */
  private static Optional<String> unknown(ParameterException e) {
    if (!(e instanceof UnmatchedArgumentException unmatched)) {
      return Optional.empty();
    }
    String word = unmatched.getUnmatched().get(0);
    CommandLine at = e.getCommandLine();
    boolean option = word.startsWith("-");
    if (!option && at.getSubcommands().isEmpty()) {
      return Optional.empty();
    }
    Set<String> known =
        option ? at.getCommandSpec().optionsMap().keySet() : at.getSubcommands().keySet();
    String nearest = Wording.nearest(word, known).map(n -> "; probably '" + n + "'").orElse("");
    return Optional.of("there is no " + (option ? "option '" : "command '") + word + "'" + nearest);
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
