package dev.inlay.cli;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;

/** Shows on made-up reports what Inlay does. */
@Command(
    name = "demo",
    header = "Show on made-up reports what Inlay does.",
    description = {
      "",
      "Copies the quarterly bulletins of the Tarn Sound Harbour Board, a made-up office, into a new"
          + " folder, runs commands on them, and shows each command and what it gives.",
      ""
    },
    optionListHeading = "%nOptions:%n",
    footer = {
      "",
      "Examples:",
      "  inlay demo                 into the folder inlay-demo",
      "  inlay demo tour            into the folder tour"
    })
final class DemoCommand implements Callable<Integer> {

  private static final List<String> SAMPLES =
      List.of(
          "landings-2025-q1.pdf",
          "landings-2025-q2.pdf",
          "landings-2025-q3.pdf",
          "landings-2025-q4.pdf");

  /** Stands for all samples in a command. */
  private static final String ALL = "*.pdf";

  private static final int USUAL_WIDTH = 100;

  @Parameters(
      arity = "0..1",
      paramLabel = "FOLDER",
      defaultValue = "inlay-demo",
      description = "A folder that does not exist yet (default: ${DEFAULT-VALUE}).")
  private Path folder;

  @Mixin private GeneralOptions general;

  private final Terminal terminal;

  DemoCommand(Terminal terminal) {
    this.terminal = terminal.asScreen(USUAL_WIDTH);
  }

  @Override
  public Integer call() {
    if (Files.exists(folder)) {
      terminal.message(folder + ": exists; name another folder, as in inlay demo tour");
      return ExitCode.OUTPUT;
    }
    try {
      copySamples();
    } catch (IOException e) {
      terminal.message(folder + ": cannot be written: " + e.getMessage());
      return ExitCode.OUTPUT;
    }
    say(
        "Four quarterly bulletins of the Tarn Sound Harbour Board are now in " + folder + "/.",
        "Each holds a table that runs over the page break, and a small one.",
        "",
        "1. Look at the tables of the first bulletin:");
    int worst = run("extract", in(SAMPLES.get(0)));
    say("2. Put the tables of all four into one workbook, a sheet for each:");
    worst = Math.max(worst, run("extract", ALL, "-o", in("landings.xlsx")));
    say("3. Write all that is known about them, a JSON file for each bulletin:");
    worst = Math.max(worst, run("extract", ALL, "--to", "json", "-o", in("json/")));
    say("4. Print the table of one page as plain rows:");
    worst = Math.max(worst, run("extract", in(SAMPLES.get(2)), "--pages", "3", "--to", "csv"));
    say(
        "The results are in " + folder + "/: open landings.xlsx beside a bulletin and compare.",
        "Next, try a report of your own:",
        "  inlay extract REPORT.pdf",
        "  inlay extract REPORT.pdf -o REPORT.xlsx",
        "  inlay extract --help");
    return worst;
  }

  private void copySamples() throws IOException {
    Files.createDirectories(folder);
    for (String name : SAMPLES) {
      try (InputStream in = DemoCommand.class.getResourceAsStream("samples/" + name)) {
        Files.copy(in, folder.resolve(name));
      }
    }
  }

  private String in(String name) {
    return folder + "/" + name;
  }

  /** Shows a command as a shell takes it and runs it; {@link #ALL} stands for all samples. */
  private int run(String... words) {
    List<String> shown = new ArrayList<>();
    List<String> args = new ArrayList<>();
    for (String word : words) {
      if (word.equals(ALL)) {
        shown.add(quoted(folder.toString()) + "/*.pdf");
        SAMPLES.forEach(name -> args.add(in(name)));
      } else {
        shown.add(quoted(word));
        args.add(word);
      }
    }
    terminal.out().println("$ inlay " + String.join(" ", shown));
    int code = Inlay.commandLine(terminal).execute(args.toArray(String[]::new));
    terminal.out().println();
    return code;
  }

  private static String quoted(String word) {
    return word.matches("[\\w./+-]+") ? word : "'" + word.replace("'", "'\\''") + "'";
  }

  private void say(String... lines) {
    Arrays.asList(lines).forEach(terminal.out()::println);
  }
}
