package dev.inlay.table;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Tells whether a column follows from others in every record: it is the product or the sum of two,
 * or a balance, the figure above it and an amount. Then the figures stand in the columns and rows
 * where they belong.
 */
final class RowRelations {

  /** What holds in fewer records may hold by chance. */
  private static final int LEAST_RECORDS = 8;

  /** And so may what holds of fewer different figures. */
  private static final int LEAST_FIGURES = 5;

  /** More columns of figures hardly depend on each other, and would be slow to try. */
  private static final int MOST_COLUMNS = 12;

  private final SumColumns columns;
  private final List<Integer> records = new ArrayList<>();
  private final List<Integer> amounts = new ArrayList<>();

  private RowRelations(List<TableRow> rows, SumColumns columns) {
    this.columns = columns;
    for (int r = 0; r < rows.size(); r++) {
      if (rows.get(r).kind() == RowKind.BODY && columns.hasFigures(r)) {
        records.add(r);
      }
    }
    for (int c = 0; c < columns.count() && amounts.size() < MOST_COLUMNS; c++) {
      int column = c;
      if (records.stream().filter(r -> columns.figure(r, column) != null).count()
          >= LEAST_RECORDS) {
        amounts.add(c);
      }
    }
  }

  /**
   * How many columns follow from others.
   *
   * @param rows those below the header, with their kinds
   * @param columns their figures
   */
  static int proven(List<TableRow> rows, SumColumns columns) {
    if (rows.size() < LEAST_RECORDS) {
      return 0;
    }
    RowRelations relations = new RowRelations(rows, columns);
    return (int) relations.amounts.stream().filter(relations::follows).count();
  }

  private boolean follows(int result) {
    for (int a : amounts) {
      if (a != result && isBalance(result, a)) {
        return true;
      }
      for (int b : amounts) {
        if (a < b
            && a != result
            && b != result
            && (isProduct(result, a, b) || isSum(result, a, b))) {
          return true;
        }
      }
    }
    return false;
  }

  private boolean isProduct(int result, int a, int b) {
    return holds(
        result,
        a,
        b,
        (x, y, z) -> {
          // printed products are rounded to their last decimal
          BigDecimal half = BigDecimal.valueOf(5, Math.max(0, z.scale()) + 1);
          return x.multiply(y).subtract(z).abs().compareTo(half) <= 0;
        });
  }

  private boolean isSum(int result, int a, int b) {
    return holds(result, a, b, (x, y, z) -> x.add(y).compareTo(z) == 0);
  }

  /** A relation of two figures with a third. */
  private interface Relation {
    boolean holds(BigDecimal x, BigDecimal y, BigDecimal result);
  }

  /** Whether a relation holds in each record that has the three figures. */
  private boolean holds(int result, int a, int b, Relation relation) {
    int held = 0;
    Set<BigDecimal> figures = new HashSet<>();
    for (int r : records) {
      BigDecimal x = columns.figure(r, a);
      BigDecimal y = columns.figure(r, b);
      BigDecimal z = columns.figure(r, result);
      boolean all = isFigure(x) && isFigure(y) && isFigure(z);
      if (all && !relation.holds(x, y, z)) {
        return false;
      }
      if (all) {
        held++;
        figures.add(z.stripTrailingZeros());
      }
    }
    return held >= LEAST_RECORDS && figures.size() >= LEAST_FIGURES;
  }

  /** Zeros agree with much by chance. */
  private static boolean isFigure(BigDecimal figure) {
    return figure != null && figure.signum() != 0;
  }

  /** Whether each figure is the one above it and an amount. */
  private boolean isBalance(int result, int amount) {
    Set<BigDecimal> figures = new HashSet<>();
    BigDecimal before = null;
    int held = 0;
    for (int r : records) {
      BigDecimal now = columns.figure(r, result);
      BigDecimal plus = columns.figure(r, amount);
      if (now == null || plus == null || before != null && before.add(plus).compareTo(now) != 0) {
        return false;
      }
      held += before == null ? 0 : 1;
      figures.add(plus.stripTrailingZeros());
      before = now;
    }
    return held >= LEAST_RECORDS && figures.size() >= LEAST_FIGURES;
  }
}
