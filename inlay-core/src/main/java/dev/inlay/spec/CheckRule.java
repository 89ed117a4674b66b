package dev.inlay.spec;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What a check asks of the rows; each kind with what it needs. */
public sealed interface CheckRule {

  /** The names of all fields that it speaks of. */
  List<String> fields();

  /** Whether it is asked of all files of a batch together, not of each. */
  default boolean overBatch() {
    return false;
  }

  /** A condition over the fields of each row. */
  record Condition(Expression condition) implements CheckRule {
    @Override
    public List<String> fields() {
      return condition.fields();
    }
  }

  /** An equation over the fields of each row, whose sides may differ by {@code within}. */
  record Equation(Expression left, Expression right, BigDecimal within) implements CheckRule {
    @Override
    public List<String> fields() {
      return joined(left.fields(), right.fields());
    }
  }

  /**
   * The sum of rows against the sums that a table prints.
   *
   * @param totals whether against totals, not subtotals
   * @param by the fields that rows of one subtotal share
   * @param onPage whether a sum holds the rows of its own page only
   */
  record PrintedSums(
      String field, boolean totals, List<String> by, boolean onPage, BigDecimal within)
      implements CheckRule {
    @Override
    public List<String> fields() {
      return joined(List.of(field), by);
    }
  }

  /** The sum of a table's subtotals against its totals. */
  record SubtotalSums(String field, BigDecimal within) implements CheckRule {
    @Override
    public List<String> fields() {
      return List.of(field);
    }
  }

  /** The sum of each group of rows against the value of another field. */
  record GroupSum(String field, List<String> by, String is, BigDecimal within)
      implements CheckRule {
    @Override
    public List<String> fields() {
      return joined(List.of(field, is), by);
    }
  }

  /** The sum that a page brings forward against the one that the page before carries. */
  record Carried(String field, BigDecimal within) implements CheckRule {
    @Override
    public List<String> fields() {
      return List.of(field);
    }
  }

  /** How many there may be, both ends included. */
  record Range(int least, int most) {

    /** As a spec says it. */
    @Override
    public String toString() {
      return least == most ? "" + least : least + " to " + most;
    }
  }

  /**
   * The number of rows of each group, or of the different values of a field in it.
   *
   * @param of the field; empty for rows
   * @param is the field whose value is the number; empty where the spec says it
   * @param range what the spec says; empty where a field does
   */
  record Count(String of, List<String> by, String is, Optional<Range> range, boolean overBatch)
      implements CheckRule {
    @Override
    public List<String> fields() {
      List<String> named = Stream.of(of, is).filter(f -> !f.isEmpty()).toList();
      return joined(named, by);
    }
  }

  /** The smallest or largest value of each group against the value of another field. */
  record Extreme(boolean lowest, String field, List<String> by, String is, BigDecimal within)
      implements CheckRule {
    @Override
    public List<String> fields() {
      return joined(List.of(field, is), by);
    }
  }

  /** Values that no two rows share. */
  record Unique(List<String> fields, boolean overBatch) implements CheckRule {}

  /** Whole numbers that follow each other without a gap, in each group. */
  record Serial(String field, List<String> by, BigDecimal step) implements CheckRule {
    @Override
    public List<String> fields() {
      return joined(List.of(field), by);
    }
  }

  /** Values each of which is the one above or more, in each group. */
  record Rising(String field, List<String> by) implements CheckRule {
    @Override
    public List<String> fields() {
      return joined(List.of(field), by);
    }
  }

  /** A field that is the one above and an amount, a field or calculated, in each group. */
  record Balance(String field, Expression amount, List<String> by, BigDecimal within)
      implements CheckRule {
    @Override
    public List<String> fields() {
      return joined(joined(List.of(field), amount.fields()), by);
    }

    /** Whether the amount is a field as it is printed, and not calculated. */
    public boolean adds(String one) {
      return amount.toString().equals(one);
    }
  }

  /** A field whose values stand in a list of codes. */
  record Lookup(String field, List<String> codes) implements CheckRule {
    @Override
    public List<String> fields() {
      return List.of(field);
    }
  }

  /** Texts that must all be there. */
  record Expected(String field, List<String> texts, boolean overBatch) implements CheckRule {
    @Override
    public List<String> fields() {
      return List.of(field);
    }
  }

  /** Fields that have one value on a page, in a table or in a file. */
  record Same(List<String> fields, Scope on) implements CheckRule {}

  /**
   * Printed page numbers that run from 1 on without a gap.
   *
   * @param pattern its first group is the number, the second the number of pages
   */
  record Pages(TextPattern pattern) implements CheckRule {
    @Override
    public List<String> fields() {
      return List.of();
    }
  }

  /** Values that no two files share, as the period of a report. */
  record OneFileEach(List<String> fields) implements CheckRule {
    @Override
    public boolean overBatch() {
      return true;
    }
  }

  /**
   * A value against that of the period before.
   *
   * @param along the field with the period
   * @param by the fields whose values a series shares
   * @param most the largest change
   * @param inShare whether that is a share of the value before, not an amount
   */
  record Change(String field, String along, List<String> by, BigDecimal most, boolean inShare)
      implements CheckRule {
    @Override
    public List<String> fields() {
      return joined(List.of(field, along), by);
    }

    @Override
    public boolean overBatch() {
      return true;
    }
  }

  /** Where a field has one value. */
  enum Scope {
    /** On each page. */
    PAGE,
    /** In each table. */
    TABLE,
    /** In the file. */
    FILE
  }

  private static List<String> joined(List<String> some, List<String> more) {
    List<String> all = new ArrayList<>(some);
    all.addAll(more);
    return all;
  }
}
