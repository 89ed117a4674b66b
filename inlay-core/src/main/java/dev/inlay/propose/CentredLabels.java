package dev.inlay.propose;

import dev.inlay.page.Glyph;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Labels that stand beside the middle of several rows, with nothing drawn between these: where each
 * label stands in the middle of the rows from the end of the one before, and the last one's rows
 * are the last, they share out all rows. One of them must stand between two rows: those on the line
 * of a row may be its own.
 */
final class CentredLabels {

  /** A label stands in the middle of its rows to this share of the distance of rows. */
  private static final double NEAR_MIDDLE = 0.25;

  /** One label alone may stand in the middle by chance. */
  private static final int LEAST_LABELS = 2;

  /** A label and the rows that it stands for; both ends count. */
  private record Share(Cell label, int first, int last) {}

  private final List<List<Cell>> rows;
  private final int header;

  private CentredLabels(List<List<Cell>> rows, int header) {
    this.rows = rows;
    this.header = header;
  }

  /**
   * Lets such labels of the first column stand for their rows, in place.
   *
   * @param rows the rows of a grid
   * @param header how many rows at the top are left alone
   */
  static void merge(List<List<Cell>> rows, int header) {
    CentredLabels labels = new CentredLabels(rows, header);
    List<Share> shares = labels.shares();
    boolean between = shares.stream().anyMatch(s -> (s.last() - s.first()) % 2 == 1);
    if (shares.size() >= LEAST_LABELS && between) {
      shares.forEach(labels::move);
    }
  }

  /** How the labels share out all rows; empty where they do not. */
  private List<Share> shares() {
    if (rows.size() < header + LEAST_LABELS) {
      return List.of();
    }
    double[] baselines = new double[rows.size() - header];
    Map<Integer, Cell> labels = new HashMap<>();
    for (int r = header; r < rows.size(); r++) {
      List<Cell> others = new ArrayList<>();
      for (Cell cell : rows.get(r)) {
        if (cell.column() == 0 && cell.columnSpan() == 1) {
          labels.put(r, cell);
        } else {
          others.add(cell);
        }
      }
      if (others.isEmpty() || others.get(0).column() == 0) {
        return List.of(); // a row over all columns, or a label alone
      }
      baselines[r - header] = others.stream().mapToDouble(CentredLabels::first).min().orElse(0);
    }
    List<Share> shares = new ArrayList<>();
    int next = 0;
    for (int r = header; r < rows.size(); r++) {
      if (labels.containsKey(r)) {
        double middle = place(middle(labels.get(r)), baselines);
        int last = (int) Math.round(2 * middle - next);
        boolean fits =
            r - header >= next
                && Math.abs(2 * middle - next - last) <= 2 * NEAR_MIDDLE
                && last >= r - header;
        if (!fits || last >= baselines.length) {
          return List.of();
        }
        shares.add(new Share(labels.get(r), header + next, header + last));
        next = last + 1;
      }
    }
    return next == baselines.length ? shares : List.of();
  }

  private static double first(Cell cell) {
    return cell.glyphs().stream().mapToDouble(Glyph::baseline).min().orElse(0);
  }

  /** The middle between the first and the last baseline of a text, in points. */
  private static double middle(Cell cell) {
    return (first(cell) + cell.glyphs().stream().mapToDouble(Glyph::baseline).max().orElse(0)) / 2;
  }

  /** Where a height lies among baselines: 1.5 between the second and the third. */
  private static double place(double height, double[] baselines) {
    int above = 0;
    while (above + 2 < baselines.length && baselines[above + 1] <= height) {
      above++;
    }
    double step = baselines[above + 1] - baselines[above];
    return above + (height - baselines[above]) / Math.max(1, step);
  }

  private void move(Share share) {
    rows.get(share.label().row()).remove(share.label());
    List<Cell> first = new ArrayList<>(rows.get(share.first()));
    first.add(share.label().over(share.first(), share.last() - share.first() + 1));
    first.sort(Comparator.comparingInt(Cell::column));
    rows.set(share.first(), first);
  }
}
