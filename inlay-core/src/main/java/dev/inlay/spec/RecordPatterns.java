package dev.inlay.spec;

import java.util.List;
import java.util.Optional;

/**
 * Rows read from the lines of text on the pages, for listings where geometry does not help.
 *
 * @param from found in the line after which the listing starts, on each page where it stands
 * @param until found in the line at which it ends
 * @param record that a line with a row meets as a whole; its groups become fields
 * @param continued that a line meets which goes on with the row above; its groups are added to the
 *     fields
 * @param subtotals that a line meets which prints the sums of a group; their groups are fields
 * @param totals that a line meets which prints the sums of all rows
 * @param gapsKept whether a wide gap between two words is two spaces to the patterns, not one
 * @param leaveOut found in lines that are left out
 * @param othersLeftOut whether lines that fit no pattern are left out without a word
 */
public record RecordPatterns(
    Optional<TextPattern> from,
    Optional<TextPattern> until,
    TextPattern record,
    List<TextPattern> continued,
    List<TextPattern> subtotals,
    List<TextPattern> totals,
    boolean gapsKept,
    List<TextPattern> leaveOut,
    boolean othersLeftOut) {

  /** Keeps copies that cannot change. */
  public RecordPatterns {
    continued = List.copyOf(continued);
    subtotals = List.copyOf(subtotals);
    totals = List.copyOf(totals);
    leaveOut = List.copyOf(leaveOut);
  }
}
