package dev.inlay.table;

import dev.inlay.grid.Cell;
import java.util.List;
import java.util.regex.Pattern;

/** Tells what a row below the header is, from its first text and how far that reaches. */
final class RowKinds {

  /** A heading is short; a longer text over the whole width is a note. */
  private static final int LONGEST_HEADING = 80;

  private static final int FLAGS = Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE;

  private static final Pattern SUBTOTAL =
      Pattern.compile(
          "(sub-?\\s?totals?|zwischensumme|sous-total|subtotale|subtotaal|delsumma|小計)\\b.*",
          FLAGS);

  private static final Pattern TOTAL =
      Pattern.compile(
          "((grand |overall )?totals?|gesamt(summe)?|summe|insgesamt|total général|totale|totaal"
              + "|suma|summa|celkem|razem|итого|всего|合計|総計)\\b.*",
          FLAGS);

  /** What a last row begins with that sums up all above it. */
  private static final Pattern ALL =
      Pattern.compile("(all|alle|tous|toutes|todos|todas|tutti|tutte|alla)\\b.*", FLAGS);

  private RowKinds() {}

  /** Whether a label names a sum. */
  static boolean namesSum(String label) {
    return SUBTOTAL.matcher(label).matches() || TOTAL.matcher(label).matches();
  }

  /**
   * The kind of a row.
   *
   * @param cells the cells that start in it
   * @param columns how many columns the table has
   * @param last whether no row follows
   */
  static RowKind of(List<Cell> cells, int columns, boolean last) {
    List<Cell> filled = cells.stream().filter(c -> !c.isEmpty()).toList();
    if (filled.isEmpty()) {
      return RowKind.BODY;
    }
    Cell first = filled.get(0);
    if (filled.size() == 1 && first.columnSpan() == columns && columns > 1) {
      boolean sentence = last && first.text().endsWith(".");
      boolean note = sentence || first.text().length() > LONGEST_HEADING;
      // Dots stand for rows left out.
      boolean words = first.text().codePoints().anyMatch(Character::isLetterOrDigit);
      return !words ? RowKind.BODY : note ? RowKind.NOTE : RowKind.GROUP;
    }
    if (filled.size() == 1) {
      return RowKind.BODY;
    }
    if (SUBTOTAL.matcher(first.text()).matches()) {
      return RowKind.SUBTOTAL;
    }
    boolean all = last && ALL.matcher(first.text()).matches();
    return all || TOTAL.matcher(first.text()).matches() ? RowKind.TOTAL : RowKind.BODY;
  }
}
