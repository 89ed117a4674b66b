package dev.inlay.cli;

import java.util.concurrent.Callable;
import picocli.AutoComplete;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** Writes the script that lets a shell complete commands and options. */
@Command(
    name = "completion",
    header = "Write a script that completes commands and options in bash and zsh.",
    description = "",
    optionListHeading = "%nOptions:%n",
    footer = {
      "",
      "Example:",
      "  source <(inlay completion)     for this shell; in ~/.bashrc for every one",
      "",
      "Exit status: 0 all well, 2 wrong use."
    })
final class CompletionCommand implements Callable<Integer> {

  @Mixin private GeneralOptions general;

  private final Terminal terminal;

  CompletionCommand(Terminal terminal) {
    this.terminal = terminal;
  }

  @Override
  public Integer call() {
    terminal.out().print(AutoComplete.bash("inlay", Inlay.commandLine(terminal)));
    return ExitCode.OK;
  }
}
