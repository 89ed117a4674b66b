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
      "Copies papers of the Tarn Sound Harbour Board, a made-up office, into a new"
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
          "landings-2025-q4.pdf",
          "quay-prices-2025-w14.pdf",
          "dues-statement-oyle.pdf",
          "season-summary-2025.pdf");

  private static final String BULLETINS = "landings-*.pdf";

  /** Stands for all samples in a command, as {@link #BULLETINS} does for some of them. */
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
        "Seven papers of the Tarn Sound Harbour Board are now in " + folder + "/.",
        "",
        "1. Look over them: what is in them, and which look alike?");
    int worst = run("survey", ALL);
    say("2. Look at the tables of the first bulletin:");
    worst = Math.max(worst, run("extract", in(SAMPLES.get(0))));
    say("3. Hold what was found against the page, as a picture:");
    worst = Math.max(worst, run("proof", in(SAMPLES.get(5)), "--pages", "1", "-o", in("proof/")));
    say("4. Put the tables of all four bulletins into one workbook, a sheet for each:");
    worst = Math.max(worst, run("extract", BULLETINS, "-o", in("landings.xlsx")));
    say("5. Write all that is known about every table, a JSON file for each paper:");
    worst = Math.max(worst, run("extract", ALL, "--to", "json", "-o", in("json/")));
    say("6. Print the statement's rows of one vessel as plain rows:");
    worst =
        Math.max(
            worst,
            run(
                "extract",
                in(SAMPLES.get(5)),
                "--below",
                "Skua, SK 114",
                "--above",
                "Dues of Skua",
                "--to",
                "csv"));
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
      if (word.equals(ALL) || word.equals(BULLETINS)) {
        shown.add(quoted(folder.toString()) + "/" + word);
        SAMPLES.stream()
            .filter(name -> word.equals(ALL) || name.startsWith("landings"))
            .forEach(name -> args.add(in(name)));
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
