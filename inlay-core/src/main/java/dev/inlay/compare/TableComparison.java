package dev.inlay.compare;

import java.math.BigDecimal;
import java.util.List;

/**
 * What parts two tables.
 *
 * @param name of the data set
 * @param rowsBefore how many rows the first has
 * @param rowsAfter how many the second has
 * @param same rows that are the same in both
 * @param changed rows that have other values, in the order of the first
 * @param gone rows of the first alone
 * @param added rows of the second alone
 * @param fields those in both, with what they add up to
 * @param fieldsGone headings of the first alone
 * @param fieldsAdded headings of the second alone
 * @param repeatedKeys how many rows have the key of another row of their table
 */
public record TableComparison(
    String name,
    int rowsBefore,
    int rowsAfter,
    int same,
    List<RowChange> changed,
    List<RowChange> gone,
    List<RowChange> added,
    List<FieldSum> fields,
    List<String> fieldsGone,
    List<String> fieldsAdded,
    int repeatedKeys) {

  /**
   * A row that is not the same.
   *
   * @param rowBefore its number in the first table, from 1; 0 where it is not there
   * @param rowAfter its number in the second table, from 1; 0 where it is not there
   * @param key what it is known by: the texts of its key, or of its first fields
   * @param values those that differ; of a row of one table all that are not empty
   */
  public record RowChange(int rowBefore, int rowAfter, String key, List<ValueChange> values) {}

  /**
   * A value that is not the same.
   *
   * @param field its heading
   * @param before as printed in the first; empty where there is nothing
   * @param after as printed in the second
   */
  public record ValueChange(String field, String before, String after) {}

  /**
   * A field of both tables.
   *
   * @param name its heading in the first
   * @param changed in how many rows of both its value differs
   * @param before the sum over all rows of the first; null where it holds no numbers or is of the
   *     key
   * @param after the sum over all rows of the second
   */
  public record FieldSum(String name, int changed, BigDecimal before, BigDecimal after) {}

  /** Whether rows, values or fields differ. */
  public boolean differs() {
    return !changed.isEmpty()
        || !gone.isEmpty()
        || !added.isEmpty()
        || !fieldsGone.isEmpty()
        || !fieldsAdded.isEmpty();
  }
}
