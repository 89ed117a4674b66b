package dev.inlay.cli;

import dev.inlay.write.JsonSchemas;
import java.io.IOException;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes the JSON Schema of a format. */
@Command(
    name = "schema",
    header = "Write the JSON Schema of a format, for programs that read or check it.",
    description = "",
    sortOptions = false,
    optionListHeading = "%nOptions:%n",
    footer = {
      "",
      "Examples:",
      "  inlay schema tables     of what extract --to json writes",
      "  inlay schema run        of run.json, the record of a run",
      "  inlay schema spec       of specs: editors complete keys with it",
      "",
      "Exit status: 0 all well, 2 wrong use."
    })
final class SchemaCommand implements Callable<Integer> {

  @Parameters(paramLabel = "FORMAT", description = "tables, run or spec.")
  private String format;

  @Mixin private GeneralOptions general;

  @Spec private CommandSpec command;

  private final Terminal terminal;

  SchemaCommand(Terminal terminal) {
    this.terminal = terminal;
  }

  @Override
  public Integer call() throws IOException {
    try {
      JsonSchemas.write(format, terminal.out());
    } catch (IllegalArgumentException e) {
      throw new ParameterException(command.commandLine(), e.getMessage(), e);
    }
    return ExitCode.OK;
  }
}
