package dev.inlay.cli;

import dev.inlay.document.PlainList;
import dev.inlay.extract.DocumentTables;
import dev.inlay.model.RowKind;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** Options that make plain lists of tables. */
final class ListOptions {

  @Option(
      names = "--carry-headings",
      description =
          "Carry headings of rows into columns of their own, so that each row says what it belongs"
              + " to.")
  private boolean carryHeadings;

  @Option(
      names = "--leave-out",
      paramLabel = "KIND",
      split = ",",
      description =
          "Leave out rows of these kinds: totals (subtotals too), subtotals, notes, headings.")
  private List<String> leaveOut;

  @Option(
      names = "--join-parts",
      description =
          "Put the parts of tables together that were printed to the right on following pages.")
  private boolean joinParts;

  @Spec(Spec.Target.MIXEE)
  private CommandSpec spec;

  /** Makes lists of a document's tables, as far as was asked for. */
  DocumentTables apply(DocumentTables document) {
    return (joinParts ? document.withPartsJoined() : document).asLists(list());
  }

  /**
   * What rows are wanted.
   *
   * @throws ParameterException if a kind of rows is unknown
   */
  PlainList list() {
    Set<RowKind> kinds = EnumSet.noneOf(RowKind.class);
    for (String word : leaveOut == null ? List.<String>of() : leaveOut) {
      kinds.addAll(kinds(word));
    }
    return new PlainList(carryHeadings, kinds);
  }

  private Set<RowKind> kinds(String word) {
    return switch (word.strip().toLowerCase(Locale.ROOT)) {
      case "totals", "total" -> EnumSet.of(RowKind.TOTAL, RowKind.SUBTOTAL);
      case "subtotals", "subtotal" -> EnumSet.of(RowKind.SUBTOTAL);
      case "notes", "note" -> EnumSet.of(RowKind.NOTE);
      case "headings", "heading" -> EnumSet.of(RowKind.GROUP);
      default ->
          throw new ParameterException(
              spec.commandLine(),
              "--leave-out: '"
                  + word
                  + "' is none of "
                  + String.join(", ", Arrays.asList("totals", "subtotals", "notes", "headings")));
    };
  }
}
