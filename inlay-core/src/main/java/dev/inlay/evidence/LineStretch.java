package dev.inlay.evidence;

import dev.inlay.geom.Interval;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Lines one below the other, and the strips that may part them into two columns of the page. */
final class LineStretch {

  /** Fewer lines on a side are no column of prose. */
  private static final int LEAST_PROSE = 5;

  /** Of the lines on each side of a column page this share is running text that fills the side. */
  private static final double PROSE_SHARE = 0.35;

  /** Fewer lines on a side say nothing of baselines. */
  static final int LEAST_APART = 4;

  /** Where at most this share of the lines has text on both sides, baselines are not common. */
  private static final double COMMON_SHARE = 0.2;

  /** Lines of titles may cross the strip: at most this share. */
  static final double CROSSING_SHARE = 0.25;

  /** The strip lies in the middle part of the text's width. */
  private static final double MARGIN = 0.25;

  /** Where lines are not common, the strip is this wide, in type sizes. */
  private static final double WIDE_STRIP = 2;

  private static final int STEPS = 60;

  private final List<TextLine> lines;
  private final LineLetters letters;
  private final List<Ruling> rulings;
  private final int from;
  private final int to;
  private final double left;
  private final double right;

  /**
   * Some of the lines.
   *
   * @param lines from top to bottom
   * @param letters those of all the lines
   * @param rulings the page's horizontal ones
   * @param from the number of the first
   * @param to the number behind the last
   */
  LineStretch(List<TextLine> lines, LineLetters letters, List<Ruling> rulings, int from, int to) {
    this.lines = lines;
    this.letters = letters;
    this.rulings = rulings;
    this.from = from;
    this.to = to;
    double least = Double.POSITIVE_INFINITY;
    double most = 0;
    for (TextLine line : lines.subList(from, to)) {
      least = Math.min(least, line.box().left());
      most = Math.max(most, line.box().right());
    }
    left = least;
    right = most;
  }

  int size() {
    return to - from;
  }

  /** The places where a strip is looked for, in points. */
  double[] places() {
    double[] places = new double[size() == 0 ? 0 : STEPS + 1];
    for (int i = 0; i < places.length; i++) {
      places[i] = left + (right - left) * (MARGIN + (1 - 2 * MARGIN) * i / STEPS);
    }
    return places;
  }

  /** The strip around x that parts two columns; empty where none does. */
  Optional<Interval> stripAt(double x) {
    Side before = new Side();
    Side after = new Side();
    before.edge = left;
    after.edge = right;
    int crossing = 0;
    int common = 0;
    for (TextLine line : lines.subList(from, to)) {
      List<Word> words = line.words();
      int count = WordOrder.firstFrom(words, x);
      if (crosses(words, count, x)) {
        crossing++;
        continue;
      }
      if (count > 0) {
        before.add(line);
        before.edge = Math.max(before.edge, words.get(count - 1).box().right());
      }
      if (count < words.size()) {
        after.add(line);
        after.edge = Math.min(after.edge, words.get(count).box().left());
      }
      common += count > 0 && count < words.size() ? 1 : 0;
    }
    double width = after.edge - before.edge;
    int fewer = Math.min(before.lines, after.lines);
    if (fewer < LEAST_APART || crossing > CROSSING_SHARE * size() || width < before.size) {
      return Optional.empty();
    }
    boolean apart =
        common <= COMMON_SHARE * fewer
            && width >= WIDE_STRIP * before.size
            && before.height().overlap(after.height()) > 0
            && !isRuledAcross(x, before.height(), after.height());
    return apart || isProse(x, before, after)
        ? Optional.of(new Interval(before.edge, after.edge))
        : Optional.empty();
  }

  private boolean isProse(double x, Side before, Side after) {
    if (Math.min(before.lines, after.lines) < LEAST_PROSE) {
      return false;
    }
    int proseBefore = 0;
    int proseAfter = 0;
    for (int i = from; i < to; i++) {
      List<Word> words = lines.get(i).words();
      int count = WordOrder.firstFrom(words, x);
      if (!crosses(words, count, x)) {
        proseBefore += letters.isRunningText(i, 0, count, before.edge - left) ? 1 : 0;
        proseAfter += letters.isRunningText(i, count, words.size(), right - after.edge) ? 1 : 0;
      }
    }
    return proseBefore >= Math.max(LEAST_PROSE, PROSE_SHARE * before.lines)
        && proseAfter >= Math.max(LEAST_PROSE, PROSE_SHARE * after.lines);
  }

  /** The lines left of a place, with those that cross it, and the lines right of it. */
  List<List<TextLine>> partedAt(double x) {
    List<TextLine> before = new ArrayList<>();
    List<TextLine> after = new ArrayList<>();
    for (TextLine line : lines.subList(from, to)) {
      List<Word> words = line.words();
      int count = WordOrder.firstFrom(words, x);
      if (count == words.size() || crosses(words, count, x)) {
        before.add(line);
      } else if (count == 0) {
        after.add(line);
      } else {
        before.add(line.withWords(words.subList(0, count)));
        after.add(line.withWords(words.subList(count, words.size())));
      }
    }
    return List.of(before, after);
  }

  /** Whether the last of the words that begin before a place reaches over it. */
  private static boolean crosses(List<Word> words, int before, double x) {
    return before > 0 && words.get(before - 1).box().right() > x;
  }

  /** What stands on one side of a place: counted first, since hardly any place parts columns. */
  private static final class Side {
    int lines;
    double edge;
    double size;
    double top;
    double bottom;

    void add(TextLine line) {
      if (lines == 0) {
        size = line.size();
        top = line.box().top();
      }
      bottom = line.box().bottom();
      lines++;
    }

    Interval height() {
      return new Interval(top, Math.max(top, bottom));
    }
  }

  private boolean isRuledAcross(double x, Interval a, Interval b) {
    return rulings.stream()
        .filter(r -> r.extent().from() < x && r.extent().to() > x)
        .anyMatch(r -> r.at() > Math.max(a.from(), b.from()) && r.at() < Math.min(a.to(), b.to()));
  }
}
