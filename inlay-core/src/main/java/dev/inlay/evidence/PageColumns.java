package dev.inlay.evidence;

import dev.inlay.geom.Interval;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Parts the lines of a page that is printed in two columns, or of the stretch of it that is, so
 * that a table in one of them is not read together with what stands beside it.
 *
 * <p>Two things give such a page away: running text that fills both sides of a white strip, or
 * lines on both sides that do not stand on common baselines, as those of one table do.
 */
public final class PageColumns {

  /** The next line of a side is at most this many times as far as the one before it was. */
  private static final double MOST_STEP = 1.3;

  /** More lines in a row with words on both sides may be rows of one table, with a gutter there. */
  private static final int MOST_COMMON = 2;

  private final List<TextLine> lines;
  private final List<Ruling> rulings;
  private final LineLetters letters;

  private PageColumns(List<TextLine> lines, List<Ruling> rulings) {
    this.lines = lines;
    this.rulings = rulings;
    letters = new LineLetters(lines);
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
  public static List<List<TextLine>> part(List<TextLine> lines, List<Ruling> rulings) {
    return new PageColumns(lines, rulings).parted();
  }

  private LineStretch stretch(int from, int to) {
    return new LineStretch(lines, letters, rulings, from, to);
  }

  private List<List<TextLine>> parted() {
    LineStretch whole = stretch(0, lines.size());
    double[] places = whole.places();
    Crossings crossings = new Crossings(places);
    double best = Double.NaN;
    double widest = 0;
    for (int p = 0; p < places.length; p++) {
      if (crossings.count(p) <= LineStretch.CROSSING_SHARE * lines.size()) {
        double width = whole.stripAt(places[p]).map(Interval::length).orElse(0.0);
        if (width > widest) {
          widest = width;
          best = places[p];
        }
      }
    }
    return widest == 0 ? bands(places, crossings) : whole.partedAt(best);
  }

  /** Consecutive lines that a strip parts. */
  private record Band(int from, int to, Interval strip) {

    boolean isBetterThan(Band other) {
      int more = (to - from) - (other.to - other.from);
      return more > 0 || more == 0 && strip.length() > other.strip.length();
    }
  }

  /** Where only part of the page is printed in columns, as below a title over all of it. */
  private List<List<TextLine>> bands(double[] places, Crossings crossings) {
    Band best = null;
    for (int p = 0; p < places.length; p++) {
      int from = 0;
      for (int i = 0; i <= lines.size(); i++) {
        if (i == lines.size() || crossings.crosses(i, p)) {
          boolean large = i - from >= 2 * LineStretch.LEAST_APART;
          if (large && !crossings.partsAsBefore(from, i, p)) {
            Optional<Interval> strip = stretch(from, i).stripAt(places[p]);
            if (strip.isPresent()) {
              Band band = new Band(from, i, strip.get());
              best = best == null || band.isBetterThan(best) ? band : best;
            }
          }
          from = i + 1;
        }
      }
    }
    if (best == null) {
      return List.of(lines);
    }
    double middle = best.strip.middle();
    int from = extended(best.from - 1, -1, middle) + 1;
    int to = extended(best.to, 1, middle);
    List<List<TextLine>> zones = new ArrayList<>();
    zones.addAll(part(lines.subList(0, from), rulings));
    for (List<TextLine> side : stretch(from, to).partedAt(middle)) {
      zones.addAll(part(side, rulings));
    }
    zones.addAll(part(lines.subList(to, lines.size()), rulings));
    return zones;
  }

  /**
   * The line behind a band, seen in one direction: it goes on over lines that stand on one side of
   * its strip each, as long as both sides go on, and with what is left of one at its usual
   * distances. Where it was found it ends by chance, at the first line that is a little longer than
   * the others.
   *
   * @param first the line behind the band
   * @param step 1 downwards, -1 upwards
   */
  private int extended(int first, int step, double x) {
    int end = first;
    int side = 0;
    int both = 0;
    for (int i = first; i >= 0 && i < lines.size(); i += step) {
      int here = sideOf(lines.get(i), x);
      boolean next = i == end;
      if (here == 0) {
        boolean joins = next && both++ < MOST_COMMON && isNextOfBoth(i, step, x);
        if (!joins) {
          break;
        }
        end = i + step;
      } else {
        boolean other = side != 0 && here != side;
        end = other || next && isNextOfSide(i, step, here, x) ? i + step : end;
        side = here;
      }
    }
    return end;
  }

  /** Whether a line goes on with both sides, as headings or sums that share a baseline do. */
  private boolean isNextOfBoth(int line, int step, double x) {
    return hasBoth(lines.get(line), x)
        && isNextOfSide(line, step, -1, x)
        && isNextOfSide(line, step, 1, x);
  }

  /** Whether a line is about as far from the one before it on its side as that from its own. */
  private boolean isNextOfSide(int line, int step, int side, double x) {
    double before = Double.NaN;
    for (int i = line - step; i >= 0 && i < lines.size(); i -= step) {
      if (sideOf(lines.get(i), x) == side || hasBoth(lines.get(i), x)) {
        if (!Double.isNaN(before)) {
          double usual = Math.abs(before - lines.get(i).baseline());
          return Math.abs(lines.get(line).baseline() - before) <= MOST_STEP * usual;
        }
        before = lines.get(i).baseline();
      }
    }
    return false;
  }

  /** Whether a line has words on both sides of a place and none over it. */
  private static boolean hasBoth(TextLine line, double x) {
    return sideOf(line, x) == 0
        && line.words().stream().noneMatch(w -> w.box().left() < x && w.box().right() > x);
  }

  /** -1 for a line left of a place, 1 for one right of it, 0 for one on both sides. */
  private static int sideOf(TextLine line, double x) {
    if (line.box().right() <= x) {
      return -1;
    }
    return line.box().left() >= x ? 1 : 0;
  }

  /** Which lines have a word over which places: looked up often, so worked out once. */
  private final class Crossings {
    private final boolean[][] crossed = new boolean[lines.size()][];
    private final int[] counts;

    /** Whether a word or the end of a ruling lies between a place and the one before it. */
    private final boolean[] changes;

    Crossings(double[] places) {
      counts = new int[places.length];
      changes = new boolean[places.length + 1];
      for (int i = 0; i < crossed.length; i++) {
        crossed[i] = new boolean[places.length];
        int p = 0;
        for (Word word : lines.get(i).words()) {
          while (p < places.length && places[p] <= word.box().left()) {
            p++;
          }
          changes[p] |= p == places.length || places[p] >= word.box().right();
          for (; p < places.length && places[p] < word.box().right(); p++) {
            crossed[i][p] = true;
            counts[p]++;
          }
        }
      }
      for (Ruling ruling : rulings) {
        changes[firstFrom(places, ruling.extent().from())] = true;
        changes[firstFrom(places, ruling.extent().to())] = true;
      }
    }

    private static int firstFrom(double[] places, double x) {
      int found = Arrays.binarySearch(places, x);
      return found < 0 ? -found - 1 : found;
    }

    /** Whether a strip at a place parts these uncrossed lines just as one at the place before. */
    boolean partsAsBefore(int from, int to, int place) {
      if (place == 0 || changes[place]) {
        return false;
      }
      boolean begins = from == 0 || crossed[from - 1][place - 1];
      boolean ends = to == crossed.length || crossed[to][place - 1];
      for (int i = from; begins && ends && i < to; i++) {
        ends = !crossed[i][place - 1];
      }
      return begins && ends;
    }

    boolean crosses(int line, int place) {
      return crossed[line][place];
    }

    int count(int place) {
      return counts[place];
    }
  }
}
