package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.Evidence;
import dev.inlay.rows.Origin;
import dev.inlay.rows.PrintedSum;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** Compares the sum of rows with a figure that is printed for it, and says why both differ. */
final class SumDifference {

  private final String field;
  private final BigDecimal within;
  private final List<PrintedSum> sums;

  /**
   * Prepares comparing.
   *
   * @param field that is added up
   * @param within how far both may differ
   * @param sums that the tables print
   */
  SumDifference(String field, BigDecimal within, List<PrintedSum> sums) {
    this.field = field;
    this.within = within;
    this.sums = sums;
  }

  /**
   * A figure that is printed for rows.
   *
   * @param what it is called
   * @param lost what is missing before it, where it is brought forward
   */
  record Printed(BigDecimal value, String what, Origin at, Optional<Lost> lost) {}

  /**
   * What is missing before a sum that is brought forward.
   *
   * @param carried what the page before carries
   * @param words that say so
   */
  record Lost(BigDecimal carried, String words) {}

  /** Says where the sum of rows is another than the printed one, unless that is known. */
  void report(List<DataRecord> rows, Printed printed, CheckReport report) {
    report.added(rows);
    BigDecimal sum = Rows.sum(rows, field);
    BigDecimal off = printed.value().subtract(sum);
    if (off.abs().compareTo(within) > 0 && !report.isReported(rows, off)) {
      String own = why(rows, printed, sum, off, report.proofs());
      String why = own.isEmpty() ? report.proofs().words(rows, field).orElse("") : own;
      boolean known = !own.isEmpty() && !isLost(printed, sum);
      boolean explained = known || report.proofs().areComplete(rows, field);
      String message =
          printed.what()
              + " is "
              + printed.value().toPlainString()
              + ", its "
              + Rows.count(rows)
              + (rows.size() == 1 ? " adds up to " : " add up to ")
              + sum.toPlainString()
              + " (difference "
              + off.toPlainString()
              + "); "
              + (why.isEmpty() ? "no simple explanation" : why);
      Evidence evidence = Evidence.of(field, printed.value(), sum).because(why);
      report.say(new Flaw(message, evidence, explained), printed.at(), List.of(), rows);
    }
  }

  /**
   * Whether the rows are right up to where something is missing; why it is missing is not known.
   */
  private static boolean isLost(Printed printed, BigDecimal sum) {
    return printed.lost().filter(l -> l.carried().compareTo(sum) == 0).isPresent();
  }

  private String why(
      List<DataRecord> rows, Printed printed, BigDecimal sum, BigDecimal off, RowProofs proofs) {
    return printed
        .lost()
        .filter(l -> isLost(printed, sum))
        .map(Lost::words)
        .orElseGet(() -> new SumExplanation(rows, field, sums, off, within, proofs).text());
  }
}
