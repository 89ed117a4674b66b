package dev.inlay.survey;

import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Problem;
import java.nio.file.Path;
import java.util.List;

/**
 * A document in short.
 *
 * @param path the file as it was named
 * @param pages how many pages it has; 0 where it could not be opened
 * @param kind what can be read in it
 * @param producer the program that made it; empty where the file does not say
 * @param problems what kept Inlay from reading all of it
 * @param tables in the order of their starts
 */
public record PaperSummary(
    Path path,
    int pages,
    PaperKind kind,
    String producer,
    List<Problem> problems,
    List<TableSummary> tables) {

  /** Keeps copies that cannot change. */
  public PaperSummary {
    problems = List.copyOf(problems);
    tables = List.copyOf(tables);
  }

  /** Sums up a document. */
  public static PaperSummary of(DocumentTables document) {
    return new PaperSummary(
        document.path(),
        document.pages(),
        PaperKind.of(document),
        document.traits().producer(),
        document.problems(),
        document.tables().stream().map(TableSummary::of).toList());
  }

  /** How many rows all its tables have. */
  public int rows() {
    return tables.stream().mapToInt(TableSummary::rows).sum();
  }

  /** The confidence in its most doubtful table; 1 where it has none. */
  public double leastConfidence() {
    return tables.stream().mapToDouble(TableSummary::confidence).min().orElse(1);
  }
}
