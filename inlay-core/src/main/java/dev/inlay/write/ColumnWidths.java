package dev.inlay.write;

import dev.inlay.model.TableCell;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;

/** How wide the columns of a drawn table are, in places, and how many of them fit. */
final class ColumnWidths {

  /** A column is not made narrower than this to make room. */
  private static final int NARROWEST = 6;

  /** What stands beside a column's text: a bar and a space on either side. */
  private static final int EDGE = 3;

  private final int[] widths;
  private final int hidden;

  private ColumnWidths(int[] widths, int hidden) {
    this.widths = widths;
    this.hidden = hidden;
  }

  /**
   * Widths that hold the cells' texts, narrowed to the given width.
   *
   * @param cells those that are shown
   * @param columns how many columns the table has
   * @param width places in a line, 0 for as many as it takes
   */
  static ColumnWidths of(Collection<TableCell> cells, int columns, int width) {
    int[] natural = natural(cells, columns);
    if (width == 0) {
      return new ColumnWidths(natural, 0);
    }
    int shown = natural.length;
    while (shown > 1 && leastSum(natural, shown) > width) {
      shown--;
    }
    int[] fitted = Arrays.copyOf(natural, shown);
    narrow(fitted, width);
    return new ColumnWidths(fitted, natural.length - shown);
  }

  private static int[] natural(Collection<TableCell> cells, int columns) {
    int[] widths = new int[columns];
    Arrays.fill(widths, 1);
    cells.stream().filter(c -> c.columnSpan() == 1).forEach(c -> widen(widths, c));
    // Spanning cells last, the narrow ones first: they widen only what is still too narrow.
    cells.stream()
        .filter(c -> c.columnSpan() > 1)
        .sorted(Comparator.comparingInt(TableCell::columnSpan))
        .forEach(c -> widen(widths, c));
    return widths;
  }

  private static void widen(int[] widths, TableCell cell) {
    int last = cell.column() + cell.columnSpan() - 1;
    int have = EDGE * (cell.columnSpan() - 1);
    for (int c = cell.column(); c <= last; c++) {
      have += widths[c];
    }
    int missing = DisplayWidth.of(cell.text()) - have;
    for (int c = last; missing > 0; c = c == cell.column() ? last : c - 1) {
      widths[c]++;
      missing--;
    }
  }

  private static int leastSum(int[] widths, int columns) {
    int sum = 1;
    for (int c = 0; c < columns; c++) {
      sum += Math.min(widths[c], NARROWEST) + EDGE;
    }
    return sum;
  }

  /** Takes from the widest column, place by place, until all fit. */
  private static void narrow(int[] widths, int width) {
    int excess = Arrays.stream(widths).sum() + EDGE * widths.length + 1 - width;
    while (excess > 0) {
      int widest = 0;
      for (int c = 1; c < widths.length; c++) {
        widest = widths[c] > widths[widest] ? c : widest;
      }
      if (widths[widest] <= 1) {
        return;
      }
      widths[widest]--;
      excess--;
    }
  }

  /** How many columns are shown. */
  int shown() {
    return widths.length;
  }

  /** How many columns had no room. */
  int hidden() {
    return hidden;
  }

  /** The width of a column's text. */
  int of(int column) {
    return widths[column];
  }

  /** The width of a text over several columns, the last one not counted in. */
  int over(int from, int to) {
    int width = EDGE * (to - from - 1);
    for (int c = from; c < to; c++) {
      width += widths[c];
    }
    return width;
  }
}
