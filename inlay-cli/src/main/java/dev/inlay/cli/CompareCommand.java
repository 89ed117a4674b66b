package dev.inlay.cli;

import dev.inlay.compare.ResultComparison;
import dev.inlay.compare.ResultReader;
import dev.inlay.compare.ResultTable;
import dev.inlay.compare.TableComparer;
import dev.inlay.write.ComparisonFile;
import dev.inlay.write.TableFormat;
import dev.inlay.write.TextTables;
import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Holds two results against each other. */
@Command(
    name = "compare",
    header = "Hold two results against each other.",
    description = {
      "",
      "Which rows are gone, added or changed, field by field, with counts and sums: to hold a run"
          + " against a list of what is expected, or to see what a change of the spec or a new"
          + " delivery changed. Reads CSV, text with tabs, JSON lines, XLSX, ODS, SQLite, and the"
          + " folder of a run; the two may differ in format. Numbers are compared as numbers and"
          + " days as days.",
      "",
      "Rows are matched by --key. Without a key, rows that are equal are matched first, then"
          + " those with most values in common.",
      ""
    },
    sortOptions = false,
    optionListHeading = "%nOptions:%n",
    footer = {
      "",
      "Examples:",
      "  inlay compare expected.csv prices.xlsx --key week,code",
      "  inlay compare march/ april/ --to csv > changes.csv",
      "",
      "Exit status: 0 the same, 1 they differ, 2 wrong use, 3 a file could not be",
      "read, 4 an output could not be written."
    })
final class CompareCommand implements Callable<Integer> {

  /** On a screen at most this many rows of each kind are shown. */
  private static final int ROWS_ON_SCREEN = 20;

  @Parameters(index = "0", paramLabel = "BEFORE", description = "A file, or the folder of a run.")
  private Path before;

  @Parameters(index = "1", paramLabel = "AFTER", description = "The one held against it.")
  private Path after;

  @Option(
      names = "--key",
      paramLabel = "FIELD",
      split = ",",
      description = "The fields that identify a row, parted by commas.")
  private List<String> key = List.of();

  @Option(
      names = "--ignore",
      paramLabel = "FIELD",
      split = ",",
      description = "Fields that are left out, parted by commas.")
  private List<String> ignored = List.of();

  @Option(
      names = "--tolerance",
      paramLabel = "N",
      defaultValue = "0",
      description = "Numbers that differ by no more are the same (default: ${DEFAULT-VALUE}).")
  private BigDecimal tolerance;

  @Option(
      names = "--data-set",
      paramLabel = "NAME",
      description = "Only this data set (sheet or table), where a file has several.")
  private String dataSet;

  @Mixin private ListOutput output;

  @Mixin private GeneralOptions general;

  @Spec private CommandSpec spec;

  private final Terminal terminal;

  CompareCommand(Terminal terminal) {
    this.terminal = terminal;
  }

  @Override
  public Integer call() throws IOException {
    TableFormat format = output.format();
    if (tolerance.signum() < 0) {
      throw wrong("--tolerance: " + tolerance.toPlainString() + " is below 0");
    }
    Outcome outcome = new Outcome(terminal);
    if (!output.isFree(outcome)) {
      return outcome.exitCode();
    }
    List<ResultTable> first = read(before, outcome);
    List<ResultTable> second = read(after, outcome);
    if (first.isEmpty() || second.isEmpty()) {
      return outcome.exitCode();
    }
    ResultComparison comparison;
    try {
      comparison =
          ResultComparison.of(
              first, second, new TableComparer(key, Set.copyOf(ignored), tolerance));
    } catch (IllegalArgumentException e) {
      throw wrong(before + ", " + after + ": " + e.getMessage());
    }
    if (comparison.differs()) {
      outcome.findings();
    }
    if (output.write(to -> write(comparison, format, to), terminal, outcome) && !output.isShown()) {
      outcome.wrote(output.file());
    }
    return outcome.exitCode();
  }

  /** The data sets wanted of a result; none, and reported, where it cannot be read. */
  private List<ResultTable> read(Path path, Outcome outcome) {
    try {
      List<ResultTable> tables = ResultReader.read(path);
      if (dataSet == null) {
        return tables;
      }
      List<ResultTable> named =
          tables.stream().filter(t -> t.name().equalsIgnoreCase(dataSet)).toList();
      if (named.isEmpty()) {
        String names = tables.stream().map(ResultTable::name).collect(Collectors.joining(", "));
        throw wrong("--data-set: '" + dataSet + "' is not in " + path + ", which has " + names);
      }
      return named;
    } catch (NoSuchFileException e) {
      terminal.message(path + ": no such file");
    } catch (IOException e) {
      terminal.message(path + ": cannot be read: " + e.getMessage());
    }
    outcome.inputFailed();
    return List.of();
  }

  private void write(ResultComparison comparison, TableFormat format, OutputStream to)
      throws IOException {
    ComparisonFile file = new ComparisonFile(comparison);
    switch (format) {
      case CSV -> file.csv(to);
      case JSON -> file.json(to);
      default -> {
        int most = terminal.isScreen() && output.isShown() ? ROWS_ON_SCREEN : 0;
        to.write(TextTables.joined(file.text(most)).getBytes(StandardCharsets.UTF_8));
      }
    }
  }

  private ParameterException wrong(String message) {
    return new ParameterException(spec.commandLine(), message);
  }
}
