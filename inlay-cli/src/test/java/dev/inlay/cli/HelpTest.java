package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import picocli.CommandLine;

/** The help of all commands, as it stands on a narrow terminal. */
class HelpTest {

  private static final int WIDTH = 80;

  private static List<CommandLine> commands() {
    PrintStream nowhere = new PrintStream(new ByteArrayOutputStream());
    List<CommandLine> all = new ArrayList<>();
    CommandLine inlay = Inlay.commandLine(new Terminal(nowhere, nowhere, 0));
    all.add(inlay);
    inlay.getSubcommands().values().forEach(c -> all.addAll(c.getSubcommands().values()));
    all.addAll(inlay.getSubcommands().values());
    return all;
  }

  /** Examples that are broken cannot be copied. */
  @Test
  void linesOfExamplesAndStatusesAreNotBroken() {
    for (CommandLine command : commands()) {
      String name = command.getCommandSpec().qualifiedName();
      for (String line : command.getCommandSpec().usageMessage().footer()) {
        assertThat(line.length()).as(name + ": " + line).isLessThan(WIDTH);
      }
    }
  }

  @Test
  void everyCommandSaysItsExitStatus() {
    for (CommandLine command : commands()) {
      boolean works = command.getSubcommands().isEmpty();
      String footer = String.join("\n", command.getCommandSpec().usageMessage().footer());
      if (works) {
        assertThat(footer).as(command.getCommandName()).contains("Exit status: 0 ");
      }
    }
  }
}
