package dev.inlay.find;

import dev.inlay.geom.Interval;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.List;

/**
 * Parts the lines of a page that is printed in two columns, or of the stretch of it that is, so
 * that a table in one of them is not read together with what stands beside it.
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

  /** For each line, how many letters stand in its first words: none, one, two and so on. */
  private final int[][] letters;

  /** The same of all characters, with a space between words. */
  private final int[][] characters;

  private PageColumns(List<TextLine> lines, List<Ruling> rulings) {
    this.lines = lines;
    this.rulings = rulings;
    letters = new int[lines.size()][];
    characters = new int[lines.size()][];
    for (int i = 0; i < letters.length; i++) {
      List<Word> words = lines.get(i).words();
      letters[i] = new int[words.size() + 1];
      characters[i] = new int[words.size() + 1];
      for (int w = 0; w < words.size(); w++) {
        String text = words.get(w).text();
        letters[i][w + 1] = letters[i][w] + lettersIn(text);
        characters[i][w + 1] = characters[i][w] + text.length() + 1;
      }
    }
  }

  private static int lettersIn(String text) {
    int count = 0;
    for (int i = 0; i < text.length(); i++) {
      count += Character.isLetter(text.charAt(i)) ? 1 : 0;
    }
    return count;
  }

  /**
   * Parts the lines.
   *
   * @param lines upright ones, from top to bottom
   * @param rulings the page's horizontal ones
   * @return the lines of each column, or those of each part of the page: above a stretch in
   *     columns, on both sides of its strip, and below it; lines that cross a strip over the whole
   *     page stay whole, with the left ones
   */
  static List<List<TextLine>> part(List<TextLine> lines, List<Ruling> rulings) {
    return new PageColumns(lines, rulings).parted();
  }

  private List<List<TextLine>> parted() {
    Stretch whole = new Stretch(0, lines.size());
    double best = Double.NaN;
    double widest = 0;
    double[] places = whole.places();
    Crossings crossings = new Crossings(places);
    for (int p = 0; p < places.length; p++) {
      if (crossings.count(p) <= CROSSING_SHARE * whole.size()) {
        double width = whole.stripAt(places[p]);
        if (width > widest) {
          widest = width;
          best = places[p];
        }
      }
    }
    return widest == 0 ? bands(places, crossings) : whole.partedAt(best);
  }

  /** Consecutive lines that a strip parts. */
  private record Band(Stretch stretch, double x, double width) {

    boolean isBetterThan(Band other) {
      int more = stretch.size() - other.stretch.size();
      return more > 0 || more == 0 && width > other.width;
    }
  }

  /** Where only part of the page is printed in columns, as below a title over all of it. */
  private List<List<TextLine>> bands(double[] places, Crossings crossings) {
    Band best = null;
    for (int p = 0; p < places.length; p++) {
      double x = places[p];
      int from = 0;
      for (int i = 0; i <= lines.size(); i++) {
        if (i == lines.size() || crossings.crosses(i, p)) {
          if (i - from >= 2 * LEAST_APART) {
            Stretch stretch = new Stretch(from, i);
            Band band = new Band(stretch, x, stretch.stripAt(x));
            best = band.width > 0 && (best == null || band.isBetterThan(best)) ? band : best;
          }
          from = i + 1;
        }
      }
    }
    if (best == null) {
      return List.of(lines);
    }
    List<List<TextLine>> zones = new ArrayList<>();
    zones.addAll(part(lines.subList(0, best.stretch.from), rulings));
    for (List<TextLine> side : best.stretch.partedAt(best.x)) {
      zones.addAll(part(side, rulings));
    }
    zones.addAll(part(lines.subList(best.stretch.to, lines.size()), rulings));
    return zones;
  }

  /** Which lines have a word over which places: looked up often, so worked out once. */
  private final class Crossings {
    private final boolean[][] crossed = new boolean[lines.size()][];
    private final int[] counts;

    Crossings(double[] places) {
      counts = new int[places.length];
      for (int i = 0; i < crossed.length; i++) {
        crossed[i] = new boolean[places.length];
        int p = 0;
        for (Word word : lines.get(i).words()) {
          while (p < places.length && places[p] <= word.box().left()) {
            p++;
          }
          for (; p < places.length && places[p] < word.box().right(); p++) {
            crossed[i][p] = true;
            counts[p]++;
          }
        }
      }
    }

    boolean crosses(int line, int place) {
      return crossed[line][place];
    }

    int count(int place) {
      return counts[place];
    }
  }

  private static boolean crosses(TextLine line, double x) {
    int before = wordsBefore(line, x);
    return before > 0 && line.words().get(before - 1).box().right() > x;
  }

  /** How many words of a line begin before a place; they stand in order. */
  private static int wordsBefore(TextLine line, double x) {
    List<Word> words = line.words();
    int low = 0;
    int high = words.size();
    while (low < high) {
      int middle = (low + high) / 2;
      if (words.get(middle).box().left() < x) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
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

  /** Some of the lines, one below the other. */
  private final class Stretch {
    final int from;
    final int to;
    private final double left;
    private final double right;

    Stretch(int from, int to) {
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

    /** The width of the strip around x that parts two columns, or 0 where it parts none. */
    double stripAt(double x) {
      Side before = new Side();
      Side after = new Side();
      before.edge = left;
      after.edge = right;
      int crossing = 0;
      int common = 0;
      for (TextLine line : lines.subList(from, to)) {
        List<Word> words = line.words();
        int count = wordsBefore(line, x);
        if (count > 0 && words.get(count - 1).box().right() > x) {
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
        return 0;
      }
      boolean apart =
          common <= COMMON_SHARE * fewer
              && width >= WIDE_STRIP * before.size
              && before.height().overlap(after.height()) > 0
              && !isRuledAcross(x, before.height(), after.height());
      return apart || isProse(x, before, after) ? width : 0;
    }

    private boolean isProse(double x, Side before, Side after) {
      if (Math.min(before.lines, after.lines) < LEAST_PROSE) {
        return false;
      }
      int proseBefore = 0;
      int proseAfter = 0;
      for (int i = from; i < to; i++) {
        TextLine line = lines.get(i);
        int count = wordsBefore(line, x);
        if (!crosses(line, x)) {
          proseBefore += isRunningText(i, 0, count, before.edge - left) ? 1 : 0;
          proseAfter += isRunningText(i, count, line.words().size(), right - after.edge) ? 1 : 0;
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
        int count = wordsBefore(line, x);
        if (count == words.size() || crosses(line, x)) {
          before.add(line);
        } else if (count == 0) {
          after.add(line);
        } else {
          before.add(part(line, words.subList(0, count)));
          after.add(part(line, words.subList(count, words.size())));
        }
      }
      return List.of(before, after);
    }
  }

  private static TextLine part(TextLine line, List<Word> words) {
    return new TextLine(words, Piece.around(words), line.baseline(), line.size());
  }

  /** Whether some words of a line fill a side as running text does. */
  private boolean isRunningText(int line, int first, int end, double width) {
    if (end - first < WORDS) {
      return false;
    }
    int count = characters[line][end] - characters[line][first] - 1;
    if (letters[line][end] - letters[line][first] < LETTER_SHARE * count) {
      return false;
    }
    List<Word> words = lines.get(line).words().subList(first, end);
    double extent = words.get(words.size() - 1).box().right() - words.get(0).box().left();
    return extent >= FULL * width && Piece.split(words, lines.get(line).size()).size() == 1;
  }

  private boolean isRuledAcross(double x, Interval a, Interval b) {
    return rulings.stream()
        .filter(r -> r.extent().from() < x && r.extent().to() > x)
        .anyMatch(r -> r.at() > Math.max(a.from(), b.from()) && r.at() < Math.min(a.to(), b.to()));
  }
}
