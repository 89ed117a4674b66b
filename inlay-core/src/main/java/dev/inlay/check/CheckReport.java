package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.Origin;
import java.math.BigDecimal;
import java.util.List;
import java.util.Set;

/** Takes what a check finds in a file. */
interface CheckReport {

  /**
   * Says what was found, and holds rows as the check wants.
   *
   * @param flaw what is wrong
   * @param at the place
   * @param row the rows that are wrong, where they are known
   * @param group those that the check was made over
   */
  void say(Flaw flaw, Origin at, List<DataRecord> row, List<DataRecord> group);

  /**
   * Counts that the check has something to compare.
   *
   * @param rows how many rows it compares this time
   */
  void asked(int rows);

  /** Says that a check agrees with the figures of a row: what it compares proves them right. */
  void proved(DataRecord row, Set<String> fields);

  /** What other checks prove of the rows. */
  RowProofs proofs();

  /** Counts that the check compares the sum of some rows: a row among several sums counts once. */
  void added(List<DataRecord> rows);

  /**
   * Says that rows could not be asked, since a value that the check needs is missing in them.
   *
   * @param rows those, at least one
   * @param of how many rows there are
   */
  void notAsked(List<DataRecord> rows, int of);

  /**
   * Whether some of these rows were reported to be off by as much, and keeps it in mind: a wrong
   * figure makes every sum above it wrong, and is reported once.
   */
  boolean isReported(List<DataRecord> rows, BigDecimal off);
}
