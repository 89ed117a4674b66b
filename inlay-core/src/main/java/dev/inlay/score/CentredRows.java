package dev.inlay.score;

import dev.inlay.evidence.ChunkLine;
import java.util.ArrayList;
import java.util.List;

/**
 * Rows whose cells are centred in their height: texts of one line stand between the lines of those
 * beside them. Lines that overlap in height cannot stand below each other in one column, so they
 * are one row; the eye sees that row as it sees a line.
 */
final class CentredRows {

  /** Baselines this near are one line, in type sizes. */
  private static final double SAME_LINE = 0.2;

  /** Lines of one text stand further apart than this, in type sizes. */
  private static final double BESIDE = 0.8;

  /** What is set in smaller type than this share of the other is a raised or lowered mark. */
  private static final double SAME_TYPE = 0.8;

  /** More lines are no row, but texts beside each other on baselines of their own. */
  private static final int MOST_LINES = 5;

  /** One such row alone may be chance. */
  private static final int LEAST_ROWS = 2;

  private CentredRows() {}

  /**
   * The first line of each row and of each other line.
   *
   * @param lines from top to bottom
   * @return the number of all lines at the end
   */
  static List<Integer> starts(List<ChunkLine> lines) {
    List<Integer> starts = new ArrayList<>();
    int rows = 0;
    for (int from = 0, to; from < lines.size(); from = to) {
      to = from + 1;
      while (to < lines.size() && standBeside(lines.get(to - 1), lines.get(to))) {
        to++;
      }
      boolean row = to - from > 1 && isRow(lines.subList(from, to));
      if (row) {
        int more = linesAround(lines, from, to);
        int first = from - more;
        starts.removeIf(s -> s >= first);
        starts.add(first);
        to += more;
        rows++;
      } else {
        for (int i = from; i < to; i++) {
          starts.add(i);
        }
      }
    }
    if (rows < LEAST_ROWS) {
      starts.clear();
      for (int i = 0; i < lines.size(); i++) {
        starts.add(i);
      }
    }
    starts.add(lines.size());
    return starts;
  }

  /**
   * How many lines above a row and as many below it go on with it: each stands alone in the column
   * of the outermost line so far, one step further out.
   */
  private static int linesAround(List<ChunkLine> lines, int from, int to) {
    double step = to - from < 3 ? 0 : baseline(lines, from + 2) - baseline(lines, from);
    double off = SAME_LINE * lines.get(from).line().size();
    int more = 0;
    while (from - more > 0
        && to + more < lines.size()
        && goesOn(lines.get(from - more - 1), lines.get(from - more), step, off)
        && goesOn(lines.get(to + more), lines.get(to + more - 1), -step, off)) {
      more++;
    }
    return more;
  }

  private static double baseline(List<ChunkLine> lines, int line) {
    return lines.get(line).line().baseline();
  }

  private static boolean goesOn(ChunkLine outer, ChunkLine inner, double step, double off) {
    double actual = inner.line().baseline() - outer.line().baseline();
    return Math.abs(actual - step) < off
        && outer.chunks().size() == 1
        && inner.chunks().stream()
            .anyMatch(c -> RowsOfLines.areInOneColumn(c, outer.chunks().get(0)));
  }

  private static boolean standBeside(ChunkLine above, ChunkLine below) {
    double step = below.line().baseline() - above.line().baseline();
    double large = Math.max(above.line().size(), below.line().size());
    double small = Math.min(above.line().size(), below.line().size());
    return step > SAME_LINE * large
        && step < BESIDE * large
        && small >= SAME_TYPE * large
        && above.chunks().stream()
            .allMatch(
                a -> below.chunks().stream().noneMatch(b -> RowsOfLines.areInOneColumn(a, b)));
  }

  /** Whether lines stand as far above the middle one as others do below it. */
  private static boolean isEven(List<ChunkLine> lines) {
    int last = lines.size() - 1;
    double twice = lines.get(0).line().baseline() + lines.get(last).line().baseline();
    double off = SAME_LINE * lines.get(0).line().size();
    boolean even = lines.size() % 2 == 1;
    for (int i = 1; even && i <= last / 2; i++) {
      double both = lines.get(i).line().baseline() + lines.get(last - i).line().baseline();
      even = Math.abs(both - twice) < off;
    }
    return even;
  }

  /** Whether lines are those of one row: no value stands below another, and few are sentences. */
  private static boolean isRow(List<ChunkLine> lines) {
    long sentences = lines.stream().filter(ChunkLine::isProse).count();
    if (lines.size() > MOST_LINES || 2 * sentences > lines.size() || !isEven(lines)) {
      return false;
    }
    return !RowsOfLines.haveValuesInOneColumn(lines);
  }
}
