package dev.inlay.cli;

import java.io.Console;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.function.Supplier;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
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
      "  inlay demo tour            into the folder tour",
      "  inlay demo --no-pause      all at once, as without a terminal",
      "",
      "Exit status: 0 all well, 2 wrong use, 4 the folder exists or cannot be written."
    })
final class DemoCommand implements Callable<Integer> {

  private static final List<String> PAPERS =
      List.of(
          "landings-2025-q1.pdf",
          "landings-2025-q2.pdf",
          "landings-2025-q3.pdf",
          "landings-2025-q4.pdf",
          "quay-prices-2025-w14.pdf",
          "quay-prices-2025-w15.pdf",
          "quay-prices-2025-w16.pdf",
          "quay-prices-2025-w17.pdf",
          "quay-prices-2025-w18.pdf",
          "quay-prices-2025-w19.pdf",
          "quay-prices-2025-w20.pdf",
          "quay-prices-2025-w21.pdf",
          "dues-statement-brennick.pdf",
          "dues-statement-oyle.pdf",
          "season-summary-2024.pdf",
          "season-summary-2025.pdf",
          "cash-book-2025-03.pdf",
          "cash-book-2025-04.pdf",
          "cash-book-2025-05.pdf",
          "deposit-book-2025.pdf");

  private static final List<String> SPECS =
      List.of(
          "quay-prices.inlay.yaml",
          "dues.inlay.yaml",
          "landings.inlay.yaml",
          "season.inlay.yaml",
          "cash-book.inlay.yaml",
          "vessel-register.inlay.yaml");

  private static final int USUAL_WIDTH = 100;

  @Parameters(
      arity = "0..1",
      paramLabel = "FOLDER",
      defaultValue = "inlay-demo",
      description = "A folder that does not exist yet (default: ${DEFAULT-VALUE}).")
  private Path folder;

  @Option(names = "--no-pause", description = "Do not wait for Enter after each step.")
  private boolean noPause;

  @Mixin private GeneralOptions general;

  private final Terminal terminal;
  private final Console console;

  DemoCommand(Terminal terminal) {
    this.terminal = terminal.asScreen(USUAL_WIDTH);
    console = terminal.isScreen() ? System.console() : null;
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
    say("Twenty papers of the Tarn Sound Harbour Board are now in " + folder + "/, and specs.", "");
    int worst = ExitCode.OK;
    List<Supplier<Integer>> steps =
        List.of(
            this::survey,
            this::extract,
            this::prove,
            this::workbook,
            this::draft,
            this::tryOut,
            this::run,
            this::runOthers,
            this::check);
    for (int i = 0; i < steps.size(); i++) {
      if (i > 0 && !goesOn()) {
        return worst;
      }
      worst = Math.max(worst, steps.get(i).get());
    }
    say(
        "The results are in "
            + folder
            + "/: open prices/quay-prices.xlsx and compare it with a page.",
        "Next, try reports of your own:",
        "  inlay extract REPORT.pdf",
        "  inlay draft REPORT.pdf ANOTHER.pdf -o REPORTS.inlay.yaml",
        "  inlay run REPORTS.inlay.yaml FOLDER -o RESULTS/");
    return worst;
  }

  /** Waits until the person who reads along wants the next step; false where none is wanted. */
  private boolean goesOn() {
    if (noPause || console == null) {
      return true;
    }
    terminal.out().flush();
    String answer = console.readLine("-- Enter for the next step, q to stop -- ");
    terminal.out().println();
    return answer != null && !answer.strip().equalsIgnoreCase("q");
  }

  private int survey() {
    say("1. Look over them: what is in them, and which look alike?");
    run("survey", "*.pdf");
    return ExitCode.OK; // some are locked or pictures on purpose
  }

  private int extract() {
    say("2. Look at the tables of the first bulletin:");
    return run("extract", in("landings-2025-q1.pdf"));
  }

  private int prove() {
    say("3. Hold what was found against the page, as a picture:");
    return run("proof", in("dues-statement-oyle.pdf"), "--pages", "1", "-o", in("proof/"));
  }

  private int workbook() {
    say("4. Put the tables of all four bulletins into one workbook, a sheet for each:");
    return run("extract", "landings-*.pdf", "-o", in("landings.xlsx"));
  }

  private int draft() {
    say("5. Let a first spec be drafted from two weeks of the price list:");
    return run("draft", in("quay-prices-2025-w14.pdf"), in("quay-prices-2025-w15.pdf"));
  }

  private int tryOut() {
    say("6. See what each rule of the finished spec takes from one week:");
    return run("spec", "try", spec("quay-prices"), in("quay-prices-2025-w16.pdf"));
  }

  private int run() {
    say(
        "7. Run it over eight weeks. One is locked, one a scanned picture, one another kind of paper,",
        "   in one a column was added, and one price is a word: all of that is reported, and nothing lost.");
    run("run", spec("quay-prices"), "quay-prices-*.pdf", "-o", in("prices/"));
    return ExitCode.OK;
  }

  private int runOthers() {
    say(
        "8. The dues of each vessel below its name, the bulletin's two data sets, the season's headings:");
    int dues = run("run", spec("dues"), "dues-*.pdf", "-o", in("dues/"));
    int landings = run("run", spec("landings"), "landings-*.pdf", "-o", in("landings/"));
    int season = run("run", spec("season"), "season-*.pdf", "-o", in("season.csv"));
    return Math.max(Math.max(dues, landings), season);
  }

  private int check() {
    say(
        "9. Prove every row of a cash book: its numbers, balances, sums and their carrying over.",
        "   The clerk made a slip in May, which Inlay names with its cause:");
    run("run", spec("cash-book"), "cash-book-*.pdf", "-o", in("cash-book/"));
    return ExitCode.OK;
  }

  private String spec(String name) {
    return in("specs/" + name + ".inlay.yaml");
  }

  private void copySamples() throws IOException {
    Files.createDirectories(folder.resolve("specs"));
    for (String name : PAPERS) {
      copy(name);
    }
    for (String name : SPECS) {
      copy("specs/" + name);
    }
  }

  private void copy(String name) throws IOException {
    try (InputStream in = DemoCommand.class.getResourceAsStream("samples/" + name)) {
      Files.copy(in, folder.resolve(name));
    }
  }

  private String in(String name) {
    return folder + "/" + name;
  }

  /** Shows a command as a shell takes it and runs it; a word with a star stands for papers. */
  private int run(String... words) {
    List<String> shown = new ArrayList<>();
    List<String> args = new ArrayList<>();
    for (String word : words) {
      int star = word.indexOf('*');
      if (star >= 0) {
        shown.add(quoted(folder.toString()) + "/" + word);
        PAPERS.stream()
            .filter(name -> name.startsWith(word.substring(0, star)))
            .forEach(name -> args.add(in(name)));
      } else {
        shown.add(quoted(word));
        args.add(word);
      }
    }
    terminal.out().println("$ inlay " + String.join(" ", shown));
    String[] line = args.toArray(String[]::new);
    int code = Inlay.commandLine(terminal, line).execute(line);
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
