package dev.inlay.document;

import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import dev.inlay.text.Amounts;
import dev.inlay.text.NumberFormat;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;

/** The figures of a table's rows, and sums of them from any row to any other. */
final class SumColumns {

  /** A column holds amounts where this share of its texts can be read as such. */
  private static final double AMOUNT_SHARE = 0.6;

  /**
   * How many columns of a row equal the sums above it.
   *
   * @param agree those that equal a sum other than 0
   * @param differ those that print something else
   */
  record Match(int agree, int differ) {}

  private final TableCell[][] cells;
  private final BigDecimal[][] figures;
  private final boolean[] amounts;
  private final boolean[] proven;
  private final int usualTexts;

  /** Sums of the records before each row, by column. */
  private final BigDecimal[][] before;

  private final int[] records;

  SumColumns(List<TableRow> rows, int columns) {
    cells = new TableCell[rows.size()][columns];
    figures = new BigDecimal[rows.size()][columns];
    amounts = new boolean[columns];
    proven = new boolean[columns];
    before = new BigDecimal[rows.size() + 1][columns];
    records = new int[rows.size() + 1];
    Arrays.fill(before[0], BigDecimal.ZERO);
    List<List<String>> texts = new ArrayList<>();
    for (int c = 0; c < columns; c++) {
      texts.add(new ArrayList<>());
    }
    for (int r = 0; r < rows.size(); r++) {
      for (TableCell cell : rows.get(r).cells()) {
        if (cell.columnSpan() == 1 && !cell.text().isEmpty()) {
          cells[r][cell.column()] = cell;
          texts.get(cell.column()).add(cell.text());
        }
      }
    }
    // Where all figures read alike either way, their sums do too.
    NumberFormat form = NumberFormat.of(texts).or(NumberFormat.POINT);
    for (int c = 0; c < columns; c++) {
      readColumn(c, texts.get(c).size(), form);
    }
    int[] sorted = IntStream.range(0, rows.size()).map(this::filled).sorted().toArray();
    usualTexts = sorted.length == 0 ? 0 : sorted[sorted.length / 2];
  }

  private void readColumn(int column, int texts, NumberFormat form) {
    int read = 0;
    for (int r = 0; r < cells.length; r++) {
      TableCell cell = cells[r][column];
      figures[r][column] = cell == null ? null : Amounts.read(cell.text(), form).orElse(null);
      read += figures[r][column] == null ? 0 : 1;
    }
    amounts[column] = read > 1 && read >= AMOUNT_SHARE * texts;
  }

  private int filled(int row) {
    return (int) Arrays.stream(cells[row]).filter(Objects::nonNull).count();
  }

  int count() {
    return amounts.length;
  }

  TableCell cell(int row, int column) {
    return cells[row][column];
  }

  /** The amount printed in a column of amounts, or null. */
  BigDecimal figure(int row, int column) {
    return amounts[column] ? figures[row][column] : null;
  }

  boolean hasFigures(int row) {
    for (int c = 0; c < amounts.length; c++) {
      if (figure(row, c) != null) {
        return true;
      }
    }
    return false;
  }

  /** Whether a row has fewer texts than rows usually have. */
  boolean hasFewerTexts(int row) {
    return filled(row) < usualTexts;
  }

  /** Ends a row: those below may add it. */
  void end(int row, boolean record) {
    records[row + 1] = records[row] + (record && hasFigures(row) ? 1 : 0);
    for (int c = 0; c < amounts.length; c++) {
      BigDecimal figure = record ? figure(row, c) : null;
      before[row + 1][c] = figure == null ? before[row][c] : before[row][c].add(figure);
    }
  }

  /** How many records stand between a row and one below it. */
  int addends(int from, int row) {
    return records[row] - records[from];
  }

  /** The sum of the records of a column from a row up to before another. */
  BigDecimal sum(int from, int row, int column) {
    return before[row][column].subtract(before[from][column]);
  }

  /**
   * Holds a row against the sums of the rows above it.
   *
   * @param rounded whether sums of rounded figures may differ in their last decimal
   */
  Match match(int from, int row, boolean rounded) {
    int agree = 0;
    int differ = 0;
    for (int c = 0; c < amounts.length; c++) {
      BigDecimal printed = figure(row, c);
      if (printed != null) {
        BigDecimal sum = sum(from, row, c);
        boolean same = isSame(printed, sum, rounded ? addends(from, row) : 0);
        agree += same && sum.signum() != 0 ? 1 : 0;
        differ += same ? 0 : 1;
      }
    }
    return new Match(agree, differ);
  }

  private static boolean isSame(BigDecimal printed, BigDecimal sum, int rounded) {
    BigDecimal slack =
        BigDecimal.ONE
            .movePointLeft(printed.scale())
            .multiply(BigDecimal.valueOf(Math.min(rounded, 20)))
            .divide(BigDecimal.valueOf(2));
    boolean whole = printed.scale() == 0 && sum.scale() <= 0;
    BigDecimal off = printed.subtract(sum).abs();
    return off.signum() == 0 || !whole && off.compareTo(slack) <= 0;
  }

  /** Whether a row prints a sum in a column, to the last decimal. */
  boolean agrees(int row, int column, BigDecimal sum) {
    return isSame(figures[row][column], sum, 0);
  }

  /** Marks the columns in which a row is the sum of those above it. */
  void prove(int from, int row) {
    for (int c = 0; c < amounts.length; c++) {
      BigDecimal printed = figure(row, c);
      proven[c] |= printed != null && isSame(printed, sum(from, row, c), 0);
    }
  }

  /** Whether a printed sum of the column was proved. */
  boolean isProven(int column) {
    return proven[column];
  }
}
