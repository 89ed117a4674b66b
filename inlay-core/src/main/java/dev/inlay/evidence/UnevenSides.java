package dev.inlay.evidence;

import dev.inlay.geom.Interval;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Parts lines that stand beside each other on baselines of their own: the rows of one table share
 * their baselines, so two blocks beside a white strip that share few belong to different tables.
 */
public final class UnevenSides {

  /** Each side has at least this many lines of its own. */
  private static final int LEAST_LINES = 3;

  /** Of the lines beside the strip at most this share stands on both sides. */
  private static final double MOST_COMMON = 0.34;

  /** The strip is at least this wide, in type sizes. */
  private static final double LEAST_WIDTH = 1.5;

  /** Where the rulings of both sides end at the strip, it may be as narrow as a table's gutter. */
  private static final double LEAST_WIDTH_BETWEEN_RULINGS = 0.4;

  /** Rulings end at most this far before the strip, and begin as far before its end. */
  private static final double RULING_REACH = 2;

  /** Each side has at least this many rulings of its own that end there. */
  private static final int LEAST_RULINGS = 2;

  /** A block ends where its lines stand further apart than this, in type sizes. */
  private static final double MOST_STEP = 4;

  /** Each side has at least this many lines with several texts. */
  private static final int LEAST_TABULAR = 2;

  /** In a narrow row at most this many words stand at ordinary spaces. */
  private static final int MOST_WORDS = 5;

  private final List<TextLine> lines;
  private final List<Ruling> horizontals;

  private UnevenSides(List<TextLine> lines, List<Ruling> horizontals) {
    this.lines = lines;
    this.horizontals = horizontals;
  }

  /** Lines to be read on their own: a run of lines, and where its right block begins. */
  private record Strip(int from, int to, double x, int right) {}

  /**
   * Parts the lines.
   *
   * @param lines from top to bottom
   * @param horizontals the horizontal rulings of the page: what one bridges is one table
   * @return the lines with those of left blocks, then those of each right block; the lines as they
   *     are where none stand beside each other
   */
  public static List<List<TextLine>> part(List<TextLine> lines, List<Ruling> horizontals) {
    Strip strip = new UnevenSides(lines, horizontals).best();
    if (strip == null) {
      return List.of(lines);
    }
    List<TextLine> main = new ArrayList<>(lines.subList(0, strip.from()));
    List<TextLine> right = new ArrayList<>();
    for (TextLine line : lines.subList(strip.from(), strip.to())) {
      line.only(w -> isLeftOf(w, strip.x())).ifPresent(main::add);
      line.only(w -> !isLeftOf(w, strip.x())).ifPresent(right::add);
    }
    main.addAll(lines.subList(strip.to(), lines.size()));
    List<List<TextLine>> parts = new ArrayList<>(part(main, horizontals));
    parts.addAll(part(right, horizontals));
    return parts;
  }

  /** Where lines begin, the leftmost for each point of the width: a bound on the work. */
  private Collection<Double> places() {
    Map<Long, Double> places = new TreeMap<>();
    for (TextLine line : lines) {
      double left = line.words().get(0).box().left();
      places.merge((long) left, left, Math::min);
    }
    return places.values();
  }

  /** The strip with most lines to its right that share no baseline with the left. */
  private Strip best() {
    Strip best = null;
    for (double x : places()) {
      double width = leastWidth(x);
      for (int from = 0; from < lines.size(); from++) {
        if (isFree(from, x, width)) {
          int to = from + 1;
          while (to < lines.size() && isFree(to, x, width)) {
            to++;
          }
          Strip strip = strip(from, to, x);
          best = strip != null && (best == null || strip.right() > best.right()) ? strip : best;
          from = to;
        }
      }
    }
    return best;
  }

  /** How wide the white before a place is at least, in type sizes. */
  private double leastWidth(double x) {
    return rulingsPartAt(x) ? LEAST_WIDTH_BETWEEN_RULINGS : LEAST_WIDTH;
  }

  /** Whether rulings end before a place and others begin between the two. */
  private boolean rulingsPartAt(double x) {
    double begin = beginOfRulings(x);
    double least = x - RULING_REACH * lines.get(0).size();
    long beginning = horizontals.stream().filter(r -> beginsBefore(r, x)).count();
    long ending =
        horizontals.stream()
            .filter(r -> r.isDrawn() && r.extent().to() > least && r.extent().to() < begin + 1)
            .count();
    return ending >= LEAST_RULINGS && beginning >= LEAST_RULINGS;
  }

  /** Where the leftmost of the rulings begins that begin right before a place; else the place. */
  private double beginOfRulings(double x) {
    return horizontals.stream()
        .filter(r -> beginsBefore(r, x))
        .mapToDouble(r -> r.extent().from())
        .min()
        .orElse(x);
  }

  private boolean beginsBefore(Ruling ruling, double x) {
    double from = ruling.extent().from();
    return ruling.isDrawn() && from <= x && from > x - RULING_REACH * lines.get(0).size();
  }

  /** Whether no word of a line reaches into the white before a place. */
  private boolean isFree(int line, double x, double width) {
    double from = x - width * lines.get(line).size();
    for (Word word : lines.get(line).words()) {
      if (word.box().left() < x && word.box().right() > from) {
        return false;
      }
    }
    return true;
  }

  /** The strip before a place along some lines, where two blocks stand beside it; else null. */
  private Strip strip(int from, int to, double x) {
    int first = from;
    int end = from;
    Strip best = null;
    while (first < to) {
      // A block on the right is a run of lines none of which stands far below the one before.
      while (first < to && !hasRight(first, x)) {
        first++;
      }
      end = first;
      int last = first;
      while (end < to && (!hasRight(end, x) || isNear(last, end))) {
        last = hasRight(end, x) ? end : last;
        end++;
      }
      Strip found = first < to ? block(first, last + 1, x) : null;
      best = found != null && (best == null || found.right() > best.right()) ? found : best;
      first = last + 1;
    }
    return best;
  }

  private boolean hasRight(int line, double x) {
    List<Word> words = lines.get(line).words();
    return words.get(words.size() - 1).box().left() >= x;
  }

  private boolean hasLeft(int line, double x) {
    return lines.get(line).words().get(0).box().left() < x;
  }

  private boolean isNear(int above, int below) {
    double step = lines.get(below).baseline() - lines.get(above).baseline();
    return step <= MOST_STEP * lines.get(below).size();
  }

  private Strip block(int from, int to, double x) {
    int left = 0;
    int right = 0;
    int both = 0;
    int tabularLeft = 0;
    int tabularRight = 0;
    for (int i = from; i < to; i++) {
      boolean onLeft = hasLeft(i, x);
      boolean onRight = hasRight(i, x);
      both += onLeft && onRight ? 1 : 0;
      left += onLeft && !onRight ? 1 : 0;
      right += onRight && !onLeft ? 1 : 0;
      tabularLeft += isTabular(i, x, true) ? 1 : 0;
      tabularRight += isTabular(i, x, false) ? 1 : 0;
    }
    boolean tableLeft = tabularLeft >= LEAST_TABULAR;
    boolean tableRight = tabularRight >= LEAST_TABULAR;
    return left >= LEAST_LINES
            && right >= LEAST_LINES
            && both <= MOST_COMMON * (left + right + both)
            && (tableLeft || tableRight)
            && (tableLeft && tableRight || isText(from, to, x, tableRight))
            && !isBridged(from, to, x)
        ? new Strip(from, to, x, right)
        : null;
  }

  /** Whether the lines on one side of a place are running text: one phrase each, at one step. */
  private boolean isText(int from, int to, double x, boolean left) {
    List<TextLine> side =
        lines.subList(from, to).stream()
            .flatMap(l -> l.only(w -> isLeftOf(w, x) == left).stream())
            .toList();
    return RunningText.is(side);
  }

  /** Whether a word begins left of a place. */
  private static boolean isLeftOf(Word word, double x) {
    return word.box().left() < x;
  }

  /** Whether a line has several texts on one side of a place, or few words and a quantity. */
  private boolean isTabular(int line, double x, boolean left) {
    List<Word> side = lines.get(line).words().stream().filter(w -> isLeftOf(w, x) == left).toList();
    boolean value =
        side.size() > 1
            && side.size() <= MOST_WORDS
            && side.stream().anyMatch(w -> TextShape.of(w.text()).isQuantity());
    return value || !side.isEmpty() && Chunk.split(side, lines.get(line).size()).size() > 1;
  }

  /** Whether a ruling between some lines goes on over the white before a place. */
  private boolean isBridged(int from, int to, double x) {
    double begin = beginOfRulings(x);
    Interval white = new Interval(begin - leastWidth(x) * lines.get(from).size(), begin);
    double top = lines.get(from).baseline();
    double bottom = lines.get(to - 1).baseline();
    return horizontals.stream()
        .anyMatch(
            r ->
                r.isDrawn()
                    && r.at() > top
                    && r.at() < bottom
                    && r.extent().overlap(white) >= white.length());
  }
}
