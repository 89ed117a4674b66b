package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Finds a first column whose labels stand beside the middle of several rows: labels of an even
 * number of rows have no row on their own baseline, so that no row shows the gutter behind them.
 */
final class LabelsBeside {

  /** One label says little; two begin a column. */
  private static final int LEAST_LABELS = 2;

  /** At least this share of the rows begins behind the labels. */
  private static final double LEAST_BEHIND = 0.5;

  /** At most this share of the rows, as sums do, has a text that reaches over the gutter. */
  private static final double MOST_CROSSING = 0.25;

  /** The labels end at least this many type sizes before the rows begin. */
  private static final double LEAST_GAP = 0.5;

  private LabelsBeside() {}

  /**
   * The gutter behind the labels.
   *
   * @param records the lines that begin or continue records
   * @param most how far apart baselines beside each other stand, in type sizes
   * @return empty where there are no such labels
   */
  static Optional<Interval> gutter(List<ChunkLine> records, double most) {
    List<ChunkLine> rows = new ArrayList<>();
    double labelsEnd = Double.NEGATIVE_INFINITY;
    int labels = 0;
    for (int i = 0; i < records.size(); i++) {
      ChunkLine line = records.get(i);
      if (line.isTabular()) {
        rows.add(line);
      } else if (isBetween(records, i, most)) {
        labels++;
        labelsEnd = Math.max(labelsEnd, line.box().right());
      }
    }
    return labels < LEAST_LABELS ? Optional.empty() : behind(labelsEnd, rows);
  }

  /** Whether the lines above and below a line both stand beside it. */
  private static boolean isBetween(List<ChunkLine> lines, int i, double most) {
    double near = most * lines.get(i).line().size();
    return i > 0
        && i + 1 < lines.size()
        && step(lines.get(i - 1), lines.get(i)) < near
        && step(lines.get(i), lines.get(i + 1)) < near;
  }

  private static double step(ChunkLine above, ChunkLine below) {
    return below.line().baseline() - above.line().baseline();
  }

  private static Optional<Interval> behind(double labelsEnd, List<ChunkLine> rows) {
    double begin = Double.POSITIVE_INFINITY;
    int behind = 0;
    for (ChunkLine row : rows) {
      double left = row.box().left();
      behind += left > labelsEnd ? 1 : 0;
      begin = left > labelsEnd ? Math.min(begin, left) : begin;
    }
    double last = rows.isEmpty() ? begin : begin - LEAST_GAP * rows.get(0).line().size();
    double end = labelsEnd;
    int crossing = 0;
    for (ChunkLine row : rows) {
      Chunk first = row.chunks().get(0);
      if (first.box().left() <= labelsEnd) {
        crossing += first.box().right() > last ? 1 : 0;
        end = first.box().right() > last ? end : Math.max(end, first.box().right());
      }
    }
    boolean shown =
        behind >= LEAST_BEHIND * rows.size()
            && crossing <= MOST_CROSSING * rows.size()
            && !rows.isEmpty();
    return shown && end < last ? Optional.of(new Interval(end, begin)) : Optional.empty();
  }
}
