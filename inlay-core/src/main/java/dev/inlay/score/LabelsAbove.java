package dev.inlay.score;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import java.util.Arrays;
import java.util.List;

/**
 * Rows whose values stand on the last line of a label that wraps, or beside the middle of it: the
 * label begins above them. Such lines stand nearer to each other than rows do.
 */
final class LabelsAbove {

  /** Lines of one row stand at most this share of the usual distance of rows apart. */
  private static final double NEARER = 0.8;

  /** Rows stand at least this share of their usual distance apart. */
  private static final double AS_ROWS = 0.9;

  /** Fewer distances show no usual one. */
  private static final int LEAST_STEPS = 3;

  /** Texts of one column begin within this many type sizes of each other. */
  private static final double SAME_EDGE = 0.3;

  private final List<ChunkLine> lines;
  private final List<LineRole> roles;

  private LabelsAbove(List<ChunkLine> lines, List<LineRole> roles) {
    this.lines = lines;
    this.roles = roles;
  }

  /**
   * Joins values with the labels above them.
   *
   * @param lines of a zone
   * @param roles of these lines, to be changed
   */
  static void join(List<ChunkLine> lines, List<LineRole> roles) {
    LabelsAbove labels = new LabelsAbove(lines, roles);
    int from = 0;
    for (int i = 0; i <= roles.size(); i++) {
      if (i == roles.size() || roles.get(i) == LineRole.OUTSIDE) {
        labels.joinIn(from, i);
        from = i + 1;
      }
    }
  }

  private void joinIn(int from, int to) {
    double usual = usualStep(from, to);
    if (usual == 0) {
      return;
    }
    for (int i = from + 1; i < to; i++) {
      int first = i;
      while (first > from && isLabelOver(first - 1, first, i, usual)) {
        first--;
      }
      boolean begins =
          first == from
              || roles.get(first - 1) == LineRole.HEADER
              || ChunkLine.step(lines, first) >= AS_ROWS * usual;
      if (roles.get(i) == LineRole.RECORD && lines.get(i).isTabular() && first < i && begins) {
        roles.set(first, LineRole.RECORD);
        for (int k = first + 1; k <= i; k++) {
          roles.set(k, LineRole.GOES_ON);
        }
      }
    }
  }

  /** The median distance of rows that begin on lines below each other, in points; 0 for few. */
  private double usualStep(int from, int to) {
    double[] steps = new double[to - from];
    int count = 0;
    for (int i = from + 1; i < to; i++) {
      if (isRow(i) && isRow(i - 1)) {
        steps[count++] = ChunkLine.step(lines, i);
      }
    }
    Arrays.sort(steps, 0, count);
    return count < LEAST_STEPS ? 0 : steps[count / 2];
  }

  private boolean isRow(int line) {
    return roles.get(line) == LineRole.RECORD && lines.get(line).isTabular();
  }

  /** Whether a line is words in the column of a text of the row below, nearer to it than rows. */
  private boolean isLabelOver(int line, int below, int row, double usual) {
    Chunk label = lines.get(line).chunks().get(0);
    double near = SAME_EDGE * lines.get(line).line().size();
    return roles.get(line) != LineRole.HEADER
        && roles.get(line) != LineRole.NOTE
        && !lines.get(line).isTabular()
        && !lines.get(line).hasQuantity()
        && ChunkLine.step(lines, below) <= NEARER * usual
        && lines.get(row).chunks().stream()
            .anyMatch(c -> Math.abs(c.box().left() - label.box().left()) <= near);
  }
}
