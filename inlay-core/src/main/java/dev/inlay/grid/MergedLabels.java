package dev.inlay.grid;

import dev.inlay.find.Ruling;
import dev.inlay.geom.Interval;
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

  private MergedLabels() {}

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
    for (int c = 0; c < columns.size(); c++) {
      int from = 0;
      for (int r = 1; r <= baselines.size(); r++) {
        if (r == baselines.size() || !isFree(c, baselines, r, columns, rulings)) {
          mergeColumn(rows, headerRows + from, headerRows + r, c);
          from = r;
        }
      }
    }
  }

  /** Whether rulings part a row from the one above it in other columns, but not in this one. */
  private static boolean isFree(
      int column, List<Interval> baselines, int row, List<Interval> columns, List<Ruling> rulings) {
    Interval stretch = columns.get(column);
    double above = baselines.get(row - 1).to();
    double below = baselines.get(row).from();
    boolean partly = false;
    for (Ruling ruling : rulings) {
      if (ruling.at() > above && ruling.at() < below) {
        if (ruling.extent().overlap(stretch) > COVERED * stretch.length()) {
          return false;
        }
        partly = true;
      }
    }
    return partly;
  }

  /** Lets the only text of a column in some rows stand for all of them. */
  private static void mergeColumn(List<List<Cell>> rows, int from, int to, int column) {
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
