package dev.inlay.cli;

import dev.inlay.extract.Explanation;
import dev.inlay.extract.Extractor;
import dev.inlay.extract.TableChoice;
import dev.inlay.extract.TableHints;
import dev.inlay.model.Decision;
import dev.inlay.model.Table;
import dev.inlay.model.TableFrame;
import dev.inlay.write.ExplanationFile;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Says why tables are read as they are. */
@Command(
    name = "explain",
    header = "Say why tables are read as they are.",
    description = {
      "",
      "For each table: how probably it is right and what speaks for and against it, where it goes"
          + " on over pages and why, and what each of its lines is read as, how surely, and what it"
          + " would be else. Reasons are signs with their weights: what is above 0 speaks for the"
          + " reading taken.",
      ""
    },
    sortOptions = false,
    optionListHeading = "%nOptions:%n",
    footer = {
      "",
      "Examples:",
      "  inlay explain report.pdf",
      "  inlay explain report.pdf --page 2              all lines of page 2",
      "  inlay explain report.pdf --table p2t1          the first table of page 2",
      "  inlay explain report.pdf --to json > why.json",
      "",
      "Exit status: 0 all well, 1 no table was found, 2 wrong use, 3 the file could",
      "not be read."
    })
final class ExplainCommand implements Callable<Integer> {

  @Parameters(arity = "1", paramLabel = "FILE", description = "A PDF file.")
  private Path file;

  @Option(names = "--page", paramLabel = "N", description = "All lines of this page.")
  private Integer page;

  @Option(
      names = "--table",
      paramLabel = "ID",
      description = "This table alone, by its id: p2t1 is the first table of page 2.")
  private String table;

  @Option(
      names = "--to",
      paramLabel = "FORMAT",
      defaultValue = "text",
      description = "text (the default) or json.")
  private String to;

  @Mixin private InputOptions input;

  @Mixin private GeneralOptions general;

  @Spec private CommandSpec spec;

  private final Terminal terminal;

  ExplainCommand(Terminal terminal) {
    this.terminal = terminal;
  }

  @Override
  public Integer call() throws InterruptedException {
    boolean json = to.equalsIgnoreCase("json");
    if (!json && !to.equalsIgnoreCase("text")) {
      throw wrong("--to: '" + to + "' is none of text, json");
    }
    if (page != null && table != null) {
      throw wrong("--page and --table: give one of them");
    }
    Extractor extractor =
        new Extractor(input.pages(), input.password(), TableHints.NONE, TableChoice.ALL)
            .within(input.limits());
    Outcome outcome = new Outcome(terminal);
    Explanation explanation = extractor.explain(file);
    outcome.reportProblems(
        file, explanation.document().status(), explanation.document().problems());
    if (explanation.document().pages() == 0) {
      return outcome.exitCode();
    }
    if (page != null && (page < 1 || page > explanation.document().pages())) {
      throw wrong("--page: " + file + " has pages 1 to " + explanation.document().pages());
    }
    Optional<Table> only = table == null ? Optional.empty() : Optional.of(named(explanation));
    ExplanationFile writer = new ExplanationFile(explanation);
    if (json) {
      writer.json(terminal.out(), wanted(only));
    } else {
      show(explanation, writer, only);
    }
    return outcome.exitCode();
  }

  private void show(Explanation explanation, ExplanationFile writer, Optional<Table> only) {
    if (page != null) {
      writer.text(page).forEach(terminal.out()::println);
      return;
    }
    List<Table> tables = only.map(List::of).orElse(explanation.document().tables());
    tables.forEach(t -> writer.text(t).forEach(terminal.out()::println));
    if (tables.isEmpty()) {
      terminal.out().println("no table found; --page N shows what the lines of a page are read as");
    }
  }

  private Predicate<Decision> wanted(Optional<Table> only) {
    if (page != null) {
      return d -> d.page() == page;
    }
    return d ->
        only.isEmpty()
            || d.subject().equals(only.get().id())
            || only.get().frames().stream().anyMatch(f -> isIn(d, f));
  }

  private static boolean isIn(Decision decision, TableFrame frame) {
    return decision.question() != Decision.Question.TABLE && Explanation.isAt(decision, frame, 0);
  }

  private Table named(Explanation explanation) {
    List<Table> tables = explanation.document().tables();
    return tables.stream()
        .filter(t -> t.id().equalsIgnoreCase(table))
        .findFirst()
        .orElseThrow(
            () ->
                wrong(
                    "--table: '"
                        + table
                        + "' is none of the tables found: "
                        + tables.stream().map(Table::id).collect(Collectors.joining(", "))));
  }

  private ParameterException wrong(String message) {
    return new ParameterException(spec.commandLine(), message);
  }
}
