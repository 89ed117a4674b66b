package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.List;

/**
 * Columns that no record fills: a heading stands alone in the white between two columns, or, as one
 * for remarks, beyond all texts of the records, and the columns beside it have headings of their
 * own.
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
  static List<Interval> addLast(
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

  /**
   * A heading in the white between two columns that both have headings of their own stands over a
   * column that no record fills.
   */
  static void addBetween(List<Chunk> chunks, List<ChunkLine> records, List<Interval> gutters) {
    for (int i = 1; i + 1 < chunks.size(); i++) {
      Interval heading = chunks.get(i).box().horizontal();
      for (int g = 0; g < gutters.size(); g++) {
        Interval gutter = gutters.get(g);
        boolean inside = heading.from() > gutter.from() && heading.to() < gutter.to();
        boolean others =
            chunks.get(i - 1).box().left() < gutter.from()
                && chunks.get(i + 1).box().right() > gutter.to();
        if (inside && others && records.stream().noneMatch(r -> isOver(r, heading))) {
          gutters.set(g, new Interval(gutter.from(), heading.from()));
          gutters.add(g + 1, new Interval(heading.to(), gutter.to()));
          break;
        }
      }
    }
  }

  private static boolean isOver(ChunkLine record, Interval heading) {
    return record.words().stream().anyMatch(w -> w.box().horizontal().overlap(heading) > 0);
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
