package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.PrintedSum;
import dev.inlay.rows.Value;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * The smallest explanation of a sum that does not agree with its rows. Explanations that need the
 * least chance come first: a figure that could not be read, a row printed twice, a sum among the
 * rows, a row left out or counted twice, one slip in one figure, a page without rows. Where several
 * would explain it alike, that is said.
 */
final class SumExplanation {

  private final List<DataRecord> rows;
  private final String field;
  private final List<PrintedSum> sums;
  private final BigDecimal off;
  private final BigDecimal within;
  private final RowProofs proofs;

  /**
   * Looks for an explanation.
   *
   * @param rows that were added up
   * @param sums that the tables print
   * @param off the printed sum less the sum of the rows
   * @param within how far both may differ
   * @param proofs of single rows: what they prove is not laid to a slip
   */
  SumExplanation(
      List<DataRecord> rows,
      String field,
      List<PrintedSum> sums,
      BigDecimal off,
      BigDecimal within,
      RowProofs proofs) {
    this.rows = rows;
    this.field = field;
    this.sums = sums;
    this.off = off;
    this.within = within;
    this.proofs = proofs;
  }

  /** What explains it, in words; an empty text where nothing simple does. */
  String text() {
    return unread().or(this::doubled).or(this::likeliest).or(this::pageWithoutRows).orElse("");
  }

  /** Causes that only a figure tells of: where several fit, none is sure, and each is said. */
  private Optional<String> likeliest() {
    List<String> fit =
        Stream.of(sumAmongRows(), lacking(), slipped()).flatMap(Optional::stream).toList();
    return fit.isEmpty() ? Optional.empty() : Optional.of(String.join("; or ", fit));
  }

  private boolean isOff(BigDecimal amount) {
    return amount.subtract(off).abs().compareTo(within) <= 0;
  }

  /** Figures that are printed and could not be read. */
  private Optional<String> unread() {
    List<DataRecord> unread = new ArrayList<>();
    for (DataRecord row : rows) {
      Value value = row.value(field);
      if (value.isNothing() && !value.printed().isBlank()) {
        unread.add(row);
      }
    }
    if (unread.size() != 1) {
      return unread.isEmpty()
          ? Optional.empty()
          : Optional.of(unread.size() + " of its rows have no number that could be read");
    }
    return Optional.of(
        "'"
            + unread.get(0).value(field).printed()
            + "' on "
            + place(unread.get(0))
            + " could not be read; it would be "
            + off.toPlainString());
  }

  /** A row that stands there twice and is in the sum once. */
  private Optional<String> doubled() {
    Set<List<String>> seen = new HashSet<>();
    for (DataRecord row : rows) {
      // a doubled row has the figure that is too much, so no other needs to be kept
      if (isOff(number(row).negate()) && !seen.add(printed(row))) {
        return Optional.of("the row " + quoted(row) + " is there twice");
      }
    }
    return Optional.empty();
  }

  private static List<String> printed(DataRecord row) {
    return row.values().values().stream().map(Value::printed).toList();
  }

  private BigDecimal number(DataRecord row) {
    return row.number(field).orElse(BigDecimal.ZERO);
  }

  /** One figure with a slip. */
  private Optional<String> slipped() {
    List<String> found = new ArrayList<>();
    for (DataRecord row : rows) {
      BigDecimal number = number(row);
      if (proofs.isProved(row, field)) {
        continue;
      }
      for (NumberSlips.Slip slip : NumberSlips.of(number)) {
        if (isOff(slip.value().subtract(number))) {
          found.add(
              number.toPlainString()
                  + " in the row "
                  + quoted(row)
                  + " would be "
                  + slip.value().toPlainString()
                  + ": "
                  + slip.words());
        }
      }
    }
    return alike(found);
  }

  private static Optional<String> alike(List<String> found) {
    if (found.size() > 1) {
      return Optional.of(found.get(0) + "; " + (found.size() - 1) + " more would explain it alike");
    }
    return found.stream().findFirst();
  }

  /** A subtotal that was added with its rows. */
  private Optional<String> sumAmongRows() {
    for (PrintedSum sum : sums) {
      BigDecimal value = sum.values().get(field);
      if (value != null && value.signum() != 0 && isOff(value)) {
        return Optional.of("the sum '" + sum.text() + "' was added along with its rows");
      }
    }
    return Optional.empty();
  }

  /** A row that the printed sum holds once more, or does not hold. */
  private Optional<String> lacking() {
    List<String> found = new ArrayList<>();
    for (DataRecord row : rows) {
      BigDecimal number = number(row);
      if (number.signum() != 0 && isOff(number.negate())) {
        found.add("the row " + quoted(row) + " is not in the printed sum");
      } else if (number.signum() != 0 && isOff(number)) {
        found.add("the row " + quoted(row) + " is in the printed sum twice");
      }
    }
    return alike(found);
  }

  /** A page between those of the rows that gave none. */
  private Optional<String> pageWithoutRows() {
    TreeSet<Integer> pages = new TreeSet<>();
    rows.forEach(r -> pages.add(r.origin().page()));
    for (int page = pages.first(); page < pages.last(); page++) {
      if (!pages.contains(page)) {
        return Optional.of("page " + page + " gave no rows");
      }
    }
    return Optional.empty();
  }

  private static String quoted(DataRecord row) {
    return "'" + row.words() + "' on " + place(row);
  }

  private static String place(DataRecord row) {
    return "page " + row.origin().page();
  }
}
