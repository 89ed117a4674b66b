package dev.inlay.find;

import dev.inlay.geom.Interval;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.List;

/**
 * Parts the lines of a page that is printed in two columns, so that a table in one of them is not
 * read together with what stands beside it.
 *
 * <p>Two things give such a page away: running text that fills both sides of a white strip, or
 * lines on both sides that do not stand on common baselines, as those of one table do.
 */
final class PageColumns {

  /** Fewer lines on a side are no column of prose. */
  private static final int LEAST_PROSE = 5;

  /** Of the lines on each side of a column page this share is running text that fills the side. */
  private static final double PROSE_SHARE = 0.35;

  /** A line fills its side from this share of its width on. */
  private static final double FULL = 0.85;

  /** A line of running text has at least so many words. */
  private static final int WORDS = 4;

  /** In running text this share of the characters, spaces counted in, are letters. */
  private static final double LETTER_SHARE = 0.6;

  /** Fewer lines on a side say nothing of baselines. */
  private static final int LEAST_APART = 4;

  /** Where at most this share of the lines has text on both sides, baselines are not common. */
  private static final double COMMON_SHARE = 0.2;

  /** Lines of titles may cross the strip: at most this share. */
  private static final double CROSSING_SHARE = 0.25;

  /** The strip lies in the middle part of the text's width. */
  private static final double MARGIN = 0.25;

  /** Where lines are not common, the strip is this wide, in type sizes. */
  private static final double WIDE_STRIP = 2;

  private static final int STEPS = 60;

  private final List<TextLine> lines;
  private final List<Ruling> rulings;
  private final double left;
  private final double right;

  private PageColumns(List<TextLine> lines, List<Ruling> rulings) {
    this.lines = lines;
    this.rulings = rulings;
    left = lines.stream().mapToDouble(l -> l.box().left()).min().orElse(0);
    right = lines.stream().mapToDouble(l -> l.box().right()).max().orElse(0);
  }

  /**
   * Parts the lines.
   *
   * @param lines upright ones
   * @param rulings the page's horizontal ones
   * @return one list, or those left of the strip and those right of it; lines that cross the strip
   *     stay whole, with the left ones
   */
  static List<List<TextLine>> part(List<TextLine> lines, List<Ruling> rulings) {
    PageColumns columns = new PageColumns(lines, rulings);
    double best = Double.NaN;
    double widest = 0;
    for (double x : columns.places()) {
      double width = columns.stripAt(x);
      if (width > widest) {
        widest = width;
        best = x;
      }
    }
    return widest == 0 ? columns.bands() : columns.partedAt(best);
  }

  /** The places where a strip is looked for, in points. */
  private double[] places() {
    double[] places = new double[STEPS + 1];
    for (int i = 0; i <= STEPS; i++) {
      places[i] = left + (right - left) * (MARGIN + (1 - 2 * MARGIN) * i / STEPS);
    }
    return places;
  }

  /** Consecutive lines that a strip parts. */
  private record Band(int from, int to, double x, double width) {

    boolean isBetterThan(Band other) {
      int more = (to - from) - (other.to - other.from);
      return more > 0 || more == 0 && width > other.width;
    }
  }

  /**
   * Where only part of the page is printed in columns, as below a title over all of it: the lines
   * above that part, those on both sides of its strip, and those below it.
   */
  private List<List<TextLine>> bands() {
    Band best = new Band(0, 0, 0, 0);
    for (double x : places()) {
      int from = 0;
      for (int i = 0; i <= lines.size(); i++) {
        if (i == lines.size() || crosses(lines.get(i), x)) {
          PageColumns part = new PageColumns(lines.subList(from, i), rulings);
          Band band = new Band(from, i, x, part.stripAt(x));
          best = band.width > 0 && band.isBetterThan(best) ? band : best;
          from = i + 1;
        }
      }
    }
    if (best.width == 0) {
      return List.of(lines);
    }
    List<List<TextLine>> zones = new ArrayList<>();
    zones.addAll(part(lines.subList(0, best.from), rulings));
    PageColumns band = new PageColumns(lines.subList(best.from, best.to), rulings);
    for (List<TextLine> side : band.partedAt(best.x)) {
      zones.addAll(part(side, rulings));
    }
    zones.addAll(part(lines.subList(best.to, lines.size()), rulings));
    return zones;
  }

  private static boolean crosses(TextLine line, double x) {
    return line.words().stream().anyMatch(w -> w.box().left() < x && w.box().right() > x);
  }

  /** What stands on one side of a place. */
  private static final class Side {
    final List<TextLine> lines = new ArrayList<>();
    double edge;

    void add(TextLine line, List<Word> words) {
      lines.add(new TextLine(words, Piece.around(words), line.baseline(), line.size()));
    }

    /** How many lines are running text over nearly the whole side. */
    long prose(double from, double to) {
      return lines.stream().filter(l -> isRunningText(l, to - from)).count();
    }

    Interval height() {
      return new Interval(lines.get(0).box().top(), lines.get(lines.size() - 1).box().bottom());
    }
  }

  /** The lines parted at a place, and how many of them cross it or stand on both sides. */
  private final class Parting {
    final Side before = new Side();
    final Side after = new Side();
    int crossing;
    int common;

    /**
     * Parts the lines.
     *
     * @param keepCrossing whether lines that cross the place stay whole, on the left
     */
    Parting(double x, boolean keepCrossing) {
      before.edge = left;
      after.edge = right;
      for (TextLine line : lines) {
        if (crosses(line, x)) {
          crossing++;
          if (keepCrossing) {
            before.lines.add(line);
          }
        } else {
          part(line, x);
        }
      }
    }

    private void part(TextLine line, double x) {
      List<Word> words = line.words();
      List<Word> leftWords = words.stream().filter(w -> w.box().right() <= x).toList();
      List<Word> rightWords = words.stream().filter(w -> w.box().left() >= x).toList();
      if (!leftWords.isEmpty()) {
        before.add(line, leftWords);
        before.edge = Math.max(before.edge, leftWords.get(leftWords.size() - 1).box().right());
      }
      if (!rightWords.isEmpty()) {
        after.add(line, rightWords);
        after.edge = Math.min(after.edge, rightWords.get(0).box().left());
      }
      common += leftWords.isEmpty() || rightWords.isEmpty() ? 0 : 1;
    }
  }

  /**
   * The width of the strip around x that parts two columns of the page, or 0 where it parts none.
   */
  private double stripAt(double x) {
    Parting parting = new Parting(x, false);
    Side before = parting.before;
    Side after = parting.after;
    double width = after.edge - before.edge;
    int fewer = Math.min(before.lines.size(), after.lines.size());
    if (fewer < LEAST_APART
        || parting.crossing > CROSSING_SHARE * lines.size()
        || width < before.lines.get(0).size()) {
      return 0;
    }
    boolean prose = isProse(before, left, before.edge) && isProse(after, after.edge, right);
    boolean apart =
        parting.common <= COMMON_SHARE * fewer
            && width >= WIDE_STRIP * before.lines.get(0).size()
            && before.height().overlap(after.height()) > 0
            && !isRuledAcross(x, before.height(), after.height());
    return prose || apart ? width : 0;
  }

  private static boolean isProse(Side side, double from, double to) {
    long prose = side.prose(from, to);
    return prose >= LEAST_PROSE && prose >= PROSE_SHARE * side.lines.size();
  }

  private boolean isRuledAcross(double x, Interval a, Interval b) {
    return rulings.stream()
        .filter(r -> r.extent().from() < x && r.extent().to() > x)
        .anyMatch(r -> r.at() > Math.max(a.from(), b.from()) && r.at() < Math.min(a.to(), b.to()));
  }

  private static boolean isRunningText(TextLine line, double width) {
    String text = line.text();
    long letters = text.codePoints().filter(Character::isLetter).count();
    return line.words().size() >= WORDS
        && letters >= LETTER_SHARE * text.length()
        && line.box().width() >= FULL * width
        && Piece.split(line.words(), line.size()).size() == 1;
  }

  private List<List<TextLine>> partedAt(double x) {
    Parting parting = new Parting(x, true);
    return List.of(parting.before.lines, parting.after.lines);
  }
}
