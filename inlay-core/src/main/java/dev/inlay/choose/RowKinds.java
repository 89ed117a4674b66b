package dev.inlay.choose;

import dev.inlay.model.RowKind;
import dev.inlay.propose.Cell;
import dev.inlay.text.Continued;
import java.util.List;
import java.util.regex.Pattern;

/** Says what a row below the header is, from its first text and how far that reaches. */
final class RowKinds {

  /** A heading is short; a longer text over the whole width is a note. */
  private static final int LONGEST_HEADING = 80;

  /** A sum is named shortly before the word, as in "Order total". */
  private static final int LONGEST_NAME = 30;

  private static final int FLAGS = Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE;

  /** Words for part sums in the languages of Europe, and a few more. */
  private static final String SUBTOTAL_WORDS =
      "sub-?\\s?totals?|sub-?totale|subtotaal|tussentotaal|sous-total|zwischensumme|teilsumme"
          + "|delsumma?|mellansumma|välisumma|vahesumma|mezisoučet|medzisúčet|podsuma|međuzbroj"
          + "|részösszeg|ara toplam|подытог|промежуточный итог|μερικό σύνολο|小計|小计|소계";

  /** Words for sums in the same languages. */
  private static final String TOTAL_WORDS =
      "totals?|total général|totale|totaal|totalt|sum|summe|summa|suma|gesamt(summe)?|insgesamt"
          + "|i alt|yhteensä|kokku|kopā|iš viso|ogółem|łącznie|razem|celkem|spolu|součet|skupaj"
          + "|ukupno|összesen|toplam|итого|всего|разом|усього|общо|σύνολο|γενικό σύνολο"
          + "|合計|総計|合计|总计|합계|총계";

  private static final Pattern SUBTOTAL =
      Pattern.compile("(" + SUBTOTAL_WORDS + ")(?U:\\b).*", FLAGS);

  /** A label that begins with such a word, or ends with one, as "Goods total". */
  private static final Pattern TOTAL =
      Pattern.compile(
          "((grand |overall )?("
              + TOTAL_WORDS
              + ")(?U:\\b).*|\\S.{0,"
              + LONGEST_NAME
              + "}\\s("
              + TOTAL_WORDS
              + ")[:.]?)",
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
      boolean endsPart = first.text().endsWith(".") || Continued.isSaidIn(first.text());
      boolean note = last && endsPart || first.text().length() > LONGEST_HEADING;
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
