package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Moves gutters that part currency signs from the figures behind them: a sign at the left edge of
 * its cell stands nearer to the figure of the column before than to its own.
 */
final class LeadingSigns {

  private static final Set<String> SIGNS = Set.of("$", "€", "£", "¥", "₽", "₹");

  /** A sign this near behind a figure, in heights of it, is that figure's. */
  private static final double MOST_GAP_BEHIND = 0.5;

  private LeadingSigns() {}

  /**
   * The gutters, each of them before the signs of its column.
   *
   * @param records the lines that begin or continue records
   * @param gutters from left to right
   */
  static List<Interval> before(List<ChunkLine> records, List<Interval> gutters) {
    List<Interval> moved = new ArrayList<>();
    for (Interval gutter : gutters) {
      Interval before = moved(records, gutter);
      boolean free = moved.isEmpty() || moved.get(moved.size() - 1).to() < before.from();
      moved.add(free ? before : gutter);
    }
    return moved;
  }

  private static Interval moved(List<ChunkLine> records, Interval gutter) {
    double from = Double.NEGATIVE_INFINITY;
    double to = Double.POSITIVE_INFINITY;
    for (ChunkLine line : records) {
      List<Word> words = line.words();
      int behind = 0;
      while (behind < words.size() && words.get(behind).box().left() < gutter.middle()) {
        behind++;
      }
      boolean sign = behind > 0 && SIGNS.contains(words.get(behind - 1).text());
      if (sign && !leads(words, behind)) {
        return gutter;
      }
      int last = sign ? behind - 2 : behind - 1;
      from = last >= 0 ? Math.max(from, words.get(last).box().right()) : from;
      to = sign ? Math.min(to, words.get(behind - 1).box().left()) : to;
    }
    boolean any = to < Double.POSITIVE_INFINITY && from > Double.NEGATIVE_INFINITY;
    return any && from < to ? new Interval(from, to) : gutter;
  }

  /**
   * Whether signs stand before their figures in a line: a figure follows the sign before a word,
   * and the first sign of the line does not stand right behind a figure.
   */
  private static boolean leads(List<Word> words, int behind) {
    int first = 0;
    while (!SIGNS.contains(words.get(first).text())) {
      first++;
    }
    boolean trails =
        first > 0
            && TextShape.of(words.get(first - 1).text()).isQuantity()
            && words.get(first).box().left() - words.get(first - 1).box().right()
                < MOST_GAP_BEHIND * words.get(first).box().height();
    return !trails && behind < words.size() && TextShape.of(words.get(behind).text()).isQuantity();
  }
}
