package dev.inlay.rows;

import java.math.BigDecimal;

/**
 * What a finding compares, each as text that a person reads; empty where there is none.
 *
 * @param row the first texts of the row, where it is one
 * @param field whose value it is
 * @param seen what stands there
 * @param expected what ought to stand there
 * @param difference of the numbers seen and expected
 * @param cause what would explain it
 */
public record Evidence(
    String row, String field, String seen, String expected, String difference, String cause) {

  /** Nothing is compared. */
  public static final Evidence NONE = new Evidence("", "", "", "", "", "");

  /** A text that stands in a field. */
  public static Evidence seen(String field, String text) {
    return of(field, text, "");
  }

  /** A text that stands in a field, and another that ought to. */
  public static Evidence of(String field, String seen, String expected) {
    return new Evidence("", field, seen, expected, "", "");
  }

  /** Two numbers and what the first is more than the second. */
  public static Evidence of(String field, BigDecimal seen, BigDecimal expected) {
    return new Evidence(
        "",
        field,
        plain(seen),
        plain(expected),
        plain(seen.subtract(expected).stripTrailingZeros()),
        "");
  }

  /** The same with what would explain it; an empty text for nothing known. */
  public Evidence because(String words) {
    return new Evidence(row, field, seen, expected, difference, words);
  }

  /** The same with the row that it is of. */
  public Evidence inRow(DataRecord record) {
    return new Evidence(record.words(), field, seen, expected, difference, cause);
  }

  private static String plain(BigDecimal number) {
    return number.toPlainString();
  }
}
