package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.List;
import java.util.Optional;

/**
 * Finds a first column whose labels are printed once for several rows: the rows below begin further
 * right, and in the rows with a label a text begins at just that place. A few sums may reach over
 * the gutter; an indent leaves no text at its place in the rows that are not indented.
 */
final class LabelsOnce {

  /** One label says little; two begin a column. */
  private static final int LEAST_LABELS = 2;

  /** At least this share of the rows begins behind the labels. */
  private static final double LEAST_BEHIND = 0.3;

  /** At most this share of the rows, as sums do, has a text that reaches over the gutter. */
  private static final double MOST_CROSSING = 0.34;

  /** Texts of one column begin within this many type sizes of each other. */
  private static final double SAME_EDGE = 0.12;

  /** A label ends at least this many type sizes before the text behind it: a space. */
  private static final double LEAST_GAP = 0.22;

  /** Two headings are at least this many type sizes apart, words of one are not. */
  private static final double FAR_HEADING = 0.8;

  private final List<ChunkLine> headings;
  private final List<ChunkLine> rows;
  private final double size;

  private LabelsOnce(List<ChunkLine> headings, List<ChunkLine> rows) {
    this.headings = headings;
    this.rows = rows;
    size = rows.get(0).line().size();
  }

  /**
   * The gutter behind the labels.
   *
   * @param headings the lines of the header
   * @param records the lines that begin or continue records
   * @return empty where there are no such labels
   */
  static Optional<Interval> gutter(List<ChunkLine> headings, List<ChunkLine> records) {
    List<ChunkLine> rows = records.stream().filter(ChunkLine::isTabular).toList();
    return rows.isEmpty() ? Optional.empty() : new LabelsOnce(headings, rows).gutter();
  }

  private Optional<Interval> gutter() {
    double left = rows.stream().mapToDouble(LabelsOnce::left).min().orElseThrow();
    double begin =
        rows.stream()
            .mapToDouble(LabelsOnce::left)
            .filter(x -> x > left + size)
            .min()
            .orElse(Double.NaN);
    if (Double.isNaN(begin)) {
      return Optional.empty();
    }
    int behind = 0;
    int crossing = 0;
    double end = left;
    int labelled = 0;
    for (ChunkLine row : rows) {
      Word before = lastBefore(row, begin);
      if (before == null) {
        behind += Math.abs(left(row) - begin) < SAME_EDGE * size ? 1 : 0;
      } else if (beginsAt(row, begin) && begin - before.box().right() >= LEAST_GAP * size) {
        labelled++;
        end = Math.max(end, before.box().right());
      } else {
        crossing++;
      }
    }
    boolean headed = headings.stream().anyMatch(h -> isHeadedAt(h, left, begin));
    boolean shown =
        labelled >= (headed ? 1 : LEAST_LABELS)
            && behind >= LEAST_BEHIND * rows.size()
            && crossing <= MOST_CROSSING * rows.size();
    return shown ? Optional.of(new Interval(end, begin)) : Optional.empty();
  }

  /** Whether one heading begins where the labels do, and another, far behind it, where texts do. */
  private boolean isHeadedAt(ChunkLine heading, double left, double begin) {
    Word before = lastBefore(heading, begin);
    return before != null
        && beginsAt(heading, left)
        && beginsAt(heading, begin)
        && begin - before.box().right() >= FAR_HEADING * size;
  }

  private static double left(ChunkLine row) {
    return row.words().get(0).box().left();
  }

  private Word lastBefore(ChunkLine row, double x) {
    Word last = null;
    for (Word word : row.words()) {
      last = word.box().left() < x - SAME_EDGE * size ? word : last;
    }
    return last;
  }

  private boolean beginsAt(ChunkLine row, double x) {
    return row.words().stream().anyMatch(w -> Math.abs(w.box().left() - x) < SAME_EDGE * size);
  }
}
