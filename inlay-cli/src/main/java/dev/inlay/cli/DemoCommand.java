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
        "Twenty papers of the Tarn Sound Harbour Board are now in " + folder + "/, and specs.",
        "",
        "1. Look over them: what is in them, and which look alike?");
    run("survey", "*.pdf"); // some are locked or pictures on purpose
    say("2. Look at the tables of the first bulletin:");
    int worst = run("extract", in("landings-2025-q1.pdf"));
    say("3. Hold what was found against the page, as a picture:");
    worst =
        Math.max(
            worst, run("proof", in("dues-statement-oyle.pdf"), "--pages", "1", "-o", in("proof/")));
    say("4. Put the tables of all four bulletins into one workbook, a sheet for each:");
    worst = Math.max(worst, run("extract", "landings-*.pdf", "-o", in("landings.xlsx")));
    say("5. Let a first spec be drafted from two weeks of the price list:");
    worst =
        Math.max(
            worst, run("draft", in("quay-prices-2025-w14.pdf"), in("quay-prices-2025-w15.pdf")));
    say("6. See what each rule of the finished spec takes from one week:");
    worst =
        Math.max(worst, run("spec", "try", spec("quay-prices"), in("quay-prices-2025-w16.pdf")));
    say(
        "7. Run it over eight weeks. One is locked, one a scanned picture, one another kind of paper,",
        "   in one a column was added, and one price is a word: all of that is reported, and nothing lost.");
    run("run", spec("quay-prices"), "quay-prices-*.pdf", "-o", in("prices/"));
    say(
        "8. The dues of each vessel below its name, the bulletin's two data sets, the season's headings:");
    worst = Math.max(worst, run("run", spec("dues"), "dues-*.pdf", "-o", in("dues/")));
    worst = Math.max(worst, run("run", spec("landings"), "landings-*.pdf", "-o", in("landings/")));
    worst = Math.max(worst, run("run", spec("season"), "season-*.pdf", "-o", in("season.csv")));
    say(
        "9. Prove every row of a cash book: its numbers, balances, sums and their carrying over.",
        "   The clerk made a slip in May, which Inlay names with its cause:");
    run("run", spec("cash-book"), "cash-book-*.pdf", "-o", in("cash-book/"));
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
