package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.List;

/**
 * Columns at the right that no record fills, as one for remarks: the last heading of a line stands
 * beyond all texts of the records, and each column before it has a heading of its own.
 */
final class EmptyColumns {

  /** The first column, that of labels, is often without heading. */
  private static final int MOST_WITHOUT_HEADING = 1;

  /** A heading and the texts below it end at one place where they differ by less, in type sizes. */
  private static final double SAME_END = 0.3;

  private EmptyColumns() {}

  /**
   * Adds the gutter before the heading of an empty last column.
   *
   * @param headings the lines of the header
   * @param records the lines of the records
   * @param gutters those found so far, from left to right
   * @return all of them, from left to right
   */
  static List<Interval> add(
      List<ChunkLine> headings, List<ChunkLine> records, List<Interval> gutters) {
    double end = records.stream().mapToDouble(r -> r.box().right()).max().orElse(Double.MAX_VALUE);
    for (ChunkLine line : headings) {
      List<Chunk> chunks = line.chunks();
      Chunk last = chunks.get(chunks.size() - 1);
      List<Chunk> others = chunks.subList(0, chunks.size() - 1);
      if (last.box().left() > end
          && haveColumnsOfTheirOwn(others, gutters)
          && endsWith(others.get(others.size() - 1), end, line.line().size())) {
        List<Interval> all = new ArrayList<>(gutters);
        all.add(new Interval(end, last.box().left()));
        return all;
      }
    }
    return gutters;
  }

  /** Whether the last texts end where the heading over them does: it is theirs. */
  private static boolean endsWith(Chunk heading, double end, double size) {
    return Math.abs(heading.box().right() - end) < SAME_END * size;
  }

  private static boolean haveColumnsOfTheirOwn(List<Chunk> headings, List<Interval> gutters) {
    List<Long> columns =
        headings.stream()
            .map(h -> gutters.stream().filter(g -> g.middle() < h.box().centreX()).count())
            .distinct()
            .toList();
    return columns.size() == headings.size()
        && columns.size() >= gutters.size() + 1 - MOST_WITHOUT_HEADING
        && columns.size() > 1;
  }
}
