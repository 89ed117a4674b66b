package dev.inlay.spec;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;

/**
 * Something that must hold of the rows.
 *
 * @param name for findings
 * @param kind what is checked
 * @param left of a row: the condition, or the left side of an equation; else null
 * @param right the right side of an equation, else null
 * @param within how far both sides, or a sum and its print, may differ
 * @param fields that are added up, must be unique or follow each other
 * @param by the fields of a group; empty for all rows of a table
 * @param is what a sum or count must be: {@code subtotals}, {@code totals} or a field
 * @param overBatch whether the check is asked of all files together, not of each
 * @param values the only texts that may be there, or those that must be
 * @param inShare whether {@code within} is a share of the value before, not an amount
 * @param severity {@code note}, {@code warning} or {@code error}
 * @param effect what happens to the rows of a finding
 */
public record CheckSpec(
    String name,
    Kind kind,
    Expression left,
    Expression right,
    BigDecimal within,
    List<String> fields,
    List<String> by,
    String is,
    boolean overBatch,
    List<String> values,
    boolean inShare,
    String severity,
    Effect effect) {

  /** What is checked. */
  public enum Kind {
    /** A condition or an equation over the fields of a row. */
    ROW,
    /** A sum against its print. */
    SUM,
    /** The number of rows against its print. */
    COUNT,
    /** Values that no two rows share. */
    UNIQUE,
    /** Whole numbers that follow each other without a gap. */
    SERIAL,
    /** A field that is the one above and an amount. */
    BALANCE,
    /** The smallest value of a group against its print. */
    LOWEST,
    /** The largest value of a group against its print. */
    HIGHEST,
    /** A field whose values stand in a list of codes. */
    LOOKUP,
    /** Texts that must all be there. */
    EXPECTED,
    /** A field that has one value on a page, in a table or in a file. */
    SAME,
    /** A value that no two files share, as the period of a report. */
    ONE_FILE_EACH,
    /** A value against that of the period before. */
    CHANGE;

    /** The key for it in specs. */
    String words() {
      return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
  }

  /** What happens to the rows of a finding. */
  public enum Effect {
    /** Nothing. */
    REPORT,
    /** The row is held. */
    HOLD_ROW,
    /** The rows of the group are held. */
    HOLD_GROUP,
    /** The rows of the table are held. */
    HOLD_TABLE,
    /** The rows of the file are held. */
    HOLD_FILE;

    /** The words for it in specs. */
    String words() {
      return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
  }

  /** Keeps copies that cannot change. */
  public CheckSpec {
    fields = List.copyOf(fields);
    by = List.copyOf(by);
    values = List.copyOf(values);
  }
}
