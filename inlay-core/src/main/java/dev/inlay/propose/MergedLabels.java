package dev.inlay.propose;

import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Interval;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Gives labels back their rows where rulings between rows leave their column free: a label printed
 * beside the middle of three rows, none of them ruled off in its column, belongs to all three.
 */
final class MergedLabels {

  /** A ruling that covers this share of a column parts its rows. */
  private static final double COVERED = 0.5;

  /** Fewer rows have no middle. */
  private static final int LEAST_ROWS = 3;

  private final List<List<Cell>> rows;
  private final int headerRows;
  private final List<Interval> baselines;
  private final List<Interval> columns;
  private final RulingPlaces rulings;

  private MergedLabels(
      List<List<Cell>> rows,
      int headerRows,
      List<Interval> baselines,
      List<Interval> columns,
      List<Ruling> rulings) {
    this.rows = rows;
    this.headerRows = headerRows;
    this.baselines = baselines;
    this.columns = columns;
    this.rulings = new RulingPlaces(rulings);
  }

  /**
   * Merges cells in place.
   *
   * @param rows the rows of a grid; those from the first body row on are changed
   * @param headerRows how many rows at the top are left alone
   * @param baselines first and last of each row below the header
   * @param columns the stretches of the columns
   * @param rulings horizontal ones
   */
  static void merge(
      List<List<Cell>> rows,
      int headerRows,
      List<Interval> baselines,
      List<Interval> columns,
      List<Ruling> rulings) {
    new MergedLabels(rows, headerRows, baselines, columns, rulings).merge();
  }

  private void merge() {
    // What belongs together is settled before the first label moves.
    boolean[][] free = new boolean[columns.size()][baselines.size() + 1];
    for (int c = 0; c < columns.size(); c++) {
      for (int r = 1; r < baselines.size(); r++) {
        free[c][r] = isFree(c, r);
      }
    }
    if (isLoneLabelInTheMiddle()) {
      mergeColumn(headerRows, rows.size(), 0);
      return;
    }
    for (int c = 0; c < columns.size(); c++) {
      int from = 0;
      for (int r = 1; r <= baselines.size(); r++) {
        if (!free[c][r]) {
          mergeColumn(headerRows + from, headerRows + r, c);
          from = r;
        }
      }
    }
  }

  /** Whether the first column holds one text alone, words in the middle of all rows. */
  private boolean isLoneLabelInTheMiddle() {
    int at = -1;
    for (int r = 0; r < baselines.size(); r++) {
      if (at(r, 0) != null) {
        if (at >= 0) {
          return false;
        }
        at = r;
      }
    }
    double middle = (baselines.size() - 1) / 2.0;
    return baselines.size() >= LEAST_ROWS
        && at > 0
        && Math.abs(at - middle) <= 1
        && TextShape.of(at(at, 0).text()) == TextShape.WORDS;
  }

  /**
   * Whether rulings part a row from the one above it, but not in this column nor in any before it,
   * and no two texts stand there one below the other. The ruling above a sum is known from such by
   * what it covers: figures alone, below a row that has its label.
   */
  private boolean isFree(int column, int row) {
    List<Ruling> between = rulings.between(baselines.get(row - 1).to(), baselines.get(row).from());
    if (between.isEmpty()) {
      return false;
    }
    int free = 0;
    while (free < columns.size() && !isCovered(columns.get(free), between)) {
      if (at(row - 1, free) != null && at(row, free) != null) {
        return false;
      }
      free++;
    }
    boolean labelAbove = at(row - 1, column) != null;
    return column < free
        && free < columns.size()
        && !(labelAbove && holdsFiguresOnly(row))
        && !(holdsFiguresOnly(row - 1) && isLabelled(row));
  }

  private static boolean isCovered(Interval column, List<Ruling> between) {
    return between.stream().anyMatch(r -> r.extent().overlap(column) > COVERED * column.length());
  }

  /** Whether a row has a label of its own beside its figures, as a sum of sums has. */
  private boolean isLabelled(int row) {
    List<Cell> filled = rows.get(headerRows + row).stream().filter(c -> !c.isEmpty()).toList();
    return filled.size() > 1
        && filled.get(0).column() == 0
        && filled.stream().skip(1).allMatch(c -> NumericTexts.isFigure(c.text()));
  }

  private boolean holdsFiguresOnly(int row) {
    return rows.get(headerRows + row).stream()
        .allMatch(c -> c.isEmpty() || NumericTexts.isFigure(c.text()));
  }

  /** The cell that covers a column in a row below the header, or null. */
  private Cell at(int row, int column) {
    for (Cell cell : rows.get(headerRows + row)) {
      if (cell.column() <= column && cell.column() + cell.columnSpan() > column) {
        return cell;
      }
    }
    return null;
  }

  /** Lets the only text of a column in some rows stand for all of them. */
  private void mergeColumn(int from, int to, int column) {
    Cell only = null;
    for (int r = from; r < to; r++) {
      for (Cell cell : rows.get(r)) {
        boolean here = cell.column() <= column && cell.column() + cell.columnSpan() > column;
        if (here && (only != null || cell.columnSpan() > 1)) {
          return;
        }
        only = here ? cell : only;
      }
    }
    if (only == null || to - from < 2) {
      return;
    }
    Cell label = only;
    rows.get(only.row()).removeIf(c -> c == label);
    List<Cell> first = new ArrayList<>(rows.get(from));
    first.add(label.over(from, to - from));
    first.sort(Comparator.comparingInt(Cell::column));
    rows.set(from, first);
  }
}
