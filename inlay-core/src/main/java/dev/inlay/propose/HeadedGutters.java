package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Finds gutters too narrow to be seen in the records alone where two headings stand apart: between
 * them the records leave a strip free, and have texts on both sides of it.
 */
public final class HeadedGutters {

  /** Two headings stand at least this many type sizes apart. */
  private static final double LEAST_HEADING_GAP = 0.6;

  /** The strip between the records' texts is at least this wide, in type sizes. */
  private static final double NARROWEST = 0.12;

  /** At least this share of the records has text on both sides of the strip. */
  private static final double BOTH_SIDES = 0.5;

  private HeadedGutters() {}

  /**
   * Adds gutters below the gaps of headings.
   *
   * @param headings the lines of the header
   * @param records the lines of the records
   * @param gutters those found so far, from left to right
   * @return all of them, from left to right
   */
  public static List<Interval> add(
      List<ChunkLine> headings, List<ChunkLine> records, List<Interval> gutters) {
    List<Interval> all = new ArrayList<>(gutters);
    for (ChunkLine line : headings) {
      List<Chunk> chunks = line.chunks();
      if (chunks.size() > all.size() + 1) {
        EmptyColumns.addBetween(chunks, records, all);
      }
      for (int i = 1; i < chunks.size(); i++) {
        double from = chunks.get(i - 1).box().right();
        double to = chunks.get(i).box().left();
        if (to - from >= LEAST_HEADING_GAP * line.line().size()) {
          Interval gap = new Interval(from, to);
          Interval reach =
              new Interval(chunks.get(i - 1).box().left(), chunks.get(i).box().right());
          if (all.stream().noneMatch(g -> g.overlap(gap) > 0 || within(g, reach))) {
            addStrip(gap, reach, records, all);
            all.sort(Comparator.comparingDouble(Interval::from));
          }
        }
      }
    }
    return all;
  }

  private static boolean within(Interval gutter, Interval reach) {
    return gutter.middle() > reach.from() && gutter.middle() < reach.to();
  }

  /** Adds the widest strip near the gap that no record crosses, where records have both sides. */
  private static void addStrip(
      Interval gap, Interval reach, List<ChunkLine> records, List<Interval> gutters) {
    double left =
        gutters.stream().mapToDouble(Interval::to).filter(x -> x <= gap.from()).max().orElse(0);
    double right =
        gutters.stream()
            .mapToDouble(Interval::from)
            .filter(x -> x >= gap.to())
            .min()
            .orElse(Double.MAX_VALUE);
    List<Interval> words = new ArrayList<>();
    for (ChunkLine record : records) {
      for (Word word : record.words()) {
        if (word.box().left() >= left - 1 && word.box().right() <= right + 1) {
          words.add(word.box().horizontal());
        }
      }
    }
    words.sort(Comparator.comparingDouble(Interval::from));
    Interval best = null;
    double end = Double.NaN;
    for (Interval word : words) {
      if (word.from() > end) {
        Interval strip = new Interval(end, word.from());
        boolean near = strip.overlap(reach) > 0;
        best = near && (best == null || strip.length() > best.length()) ? strip : best;
      }
      end = Double.isNaN(end) ? word.to() : Math.max(end, word.to());
    }
    double size = records.isEmpty() ? 0 : records.get(0).line().size();
    if (best != null
        && best.length() >= NARROWEST * size
        && haveBothSides(best, left, right, records)) {
      gutters.add(best);
    }
  }

  /**
   * Whether half of the records have texts on both sides; where the strip is clearly wider than a
   * space, texts on each side suffice.
   */
  private static boolean haveBothSides(
      Interval strip, double from, double to, List<ChunkLine> records) {
    int any = 0;
    int both = 0;
    int left = 0;
    int right = 0;
    for (ChunkLine record : records) {
      boolean before = false;
      boolean behind = false;
      for (Word word : record.words()) {
        before |= word.box().right() <= strip.from() + 0.01 && word.box().left() >= from - 1;
        behind |= word.box().left() >= strip.to() - 0.01 && word.box().right() <= to + 1;
      }
      any += before || behind ? 1 : 0;
      both += before && behind ? 1 : 0;
      left += before ? 1 : 0;
      right += behind ? 1 : 0;
    }
    boolean wide = strip.length() >= LEAST_HEADING_GAP * records.get(0).line().size();
    return both > 0 && both >= BOTH_SIDES * any || wide && left > 0 && right > 0;
  }
}
