package dev.inlay.score;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Rows whose cells stand on the last line of their height: the first lines of a text that is
 * wrapped stand alone above the line of all others. They are nearer to it than rows are to each
 * other, and as far from the row before as rows are.
 */
final class RowsOnLastLine {

  /** Lines of one row are nearer to each other than this share of the step between rows. */
  private static final double NEAR = 0.85;

  /** Rows are apart by at least this share of the usual step. */
  private static final double APART = 0.95;

  /** Fewer steps from one full line to the next do not show how far rows are apart. */
  private static final int LEAST_STEPS = 3;

  /** A line is full where it has at least this share of the texts that most lines have. */
  private static final double FULL = 0.6;

  /** More lines above are no wrapped text of a cell. */
  private static final int MOST_ABOVE = 4;

  /** One such row alone may be chance, */
  private static final int LEAST_ROWS = 2;

  /** unless it is as far from the rows around it as these are apart, but for this share. */
  private static final double EXACT = 0.02;

  private final List<ChunkLine> lines;

  /** The usual step from one row to the next, in points; 0 where it is not known. */
  private final double step;

  private RowsOnLastLine(List<ChunkLine> lines) {
    this.lines = lines;
    step = stepOfRows();
  }

  /**
   * The first line of each row and of each other line.
   *
   * @param lines from top to bottom
   * @return the number of all lines at the end
   */
  static List<Integer> starts(List<ChunkLine> lines) {
    RowsOnLastLine rows = new RowsOnLastLine(lines);
    List<Integer> starts = new ArrayList<>();
    int found = 0;
    boolean exact = false;
    for (int last = 0; rows.step > 0 && last < lines.size(); last++) {
      starts.add(last);
      int first = rows.firstLineOf(last);
      if (first < last) {
        starts.removeIf(s -> s > first);
        found++;
        exact |= rows.isExact(first, last);
      }
    }
    if (found < LEAST_ROWS && !exact) {
      starts.clear();
      IntStream.range(0, lines.size()).forEach(starts::add);
    }
    starts.add(lines.size());
    return starts;
  }

  /** The median step between full lines that follow each other. */
  private double stepOfRows() {
    int[] texts = lines.stream().mapToInt(l -> l.chunks().size()).sorted().toArray();
    double full = texts.length == 0 ? 0 : Math.max(2, FULL * texts[texts.length / 2]);
    double[] steps =
        IntStream.range(1, lines.size())
            .filter(i -> lines.get(i - 1).chunks().size() >= full)
            .filter(i -> lines.get(i).chunks().size() >= full)
            .mapToDouble(i -> ChunkLine.step(lines, i))
            .sorted()
            .toArray();
    return steps.length < LEAST_STEPS ? 0 : steps[steps.length / 2];
  }

  /** The first line of the row that ends with a line; this one itself where it stands alone. */
  private int firstLineOf(int last) {
    int first = last;
    while (first > 0 && isAbove(first - 1, last) && ChunkLine.step(lines, first) < NEAR * step) {
      first--;
    }
    if (first == last || last - first > MOST_ABOVE) {
      return last;
    }
    boolean apart = first == 0 || ChunkLine.step(lines, first) >= APART * step;
    boolean ends = last + 1 == lines.size() || ChunkLine.step(lines, last + 1) >= APART * step;
    boolean row =
        apart
            && ends
            && lines.get(last).hasQuantity()
            && !RowsOfLines.haveValuesInOneColumn(lines.subList(first, last + 1));
    return row ? first : last;
  }

  private boolean isExact(int first, int last) {
    return first > 0
        && last + 1 < lines.size()
        && Math.abs(ChunkLine.step(lines, first) - step) < EXACT * step
        && Math.abs(ChunkLine.step(lines, last + 1) - step) < EXACT * step;
  }

  /** Whether a line holds nothing but beginnings of some texts of a fuller line below it. */
  private boolean isAbove(int line, int full) {
    List<Chunk> below = lines.get(full).chunks();
    List<Chunk> above = lines.get(line).chunks();
    return above.size() < below.size()
        && above.stream()
            .allMatch(a -> below.stream().anyMatch(b -> RowsOfLines.areInOneColumn(a, b)));
  }
}
