package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.WordGaps;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Finds the gutters of rows that rulings part: the strips that no text crosses in any row, but for
 * texts that reach over several columns. A row counts as one, however many lines it has.
 */
final class BandGutters {

  /** So large a share of the rows may hold a text over several columns, as group headings are. */
  private static final double CROSSED_SHARE = 0.25;

  /** A gutter of this width, in type sizes, needs no further sign. */
  static final double WIDE = 0.8;

  /** A narrower gutter is at least this wide, in type sizes. */
  private static final double NARROW = 0.15;

  /** In fewer lines spaces between words stand below each other by chance. */
  private static final int LEAST_LINES = 8;

  /** On both sides of a narrow gutter at least this many rows have a text. */
  private static final int LEAST_ROWS = 3;

  /**
   * White beside a vertical ruling is the padding of its cells, this far from it, in type sizes.
   */
  private static final double NEAR_RULING = 0.2;

  /** A text over a strip makes it worth so much less. */
  private static final double CROSSED_WEIGHT = 3;

  private final List<RowBand> bands;
  private final Interval extent;
  private final List<ChunkLine> lines;
  private final WordGaps gaps;

  private BandGutters(List<RowBand> bands, Interval extent) {
    this.bands = bands;
    this.extent = extent;
    lines = bands.stream().flatMap(b -> b.lines().stream()).toList();
    gaps = new WordGaps(lines);
  }

  /**
   * The gutters from left to right, in points.
   *
   * @param bands filled ones, at least one
   * @param extent from where to where the rows reach
   * @param drawn where vertical rulings part columns, in points
   */
  static List<Interval> find(List<RowBand> bands, Interval extent, List<Double> drawn) {
    BandGutters finding = new BandGutters(bands, extent);
    List<Interval> gutters = new ArrayList<>(finding.find());
    for (double x : drawn) {
      gutters.removeIf(g -> g.touches(new Interval(x, x), NEAR_RULING * finding.gaps.typeSize()));
      gutters.add(new Interval(x, x));
    }
    gutters.sort(Comparator.comparingDouble(Interval::middle));
    return gutters;
  }

  private List<Interval> find() {
    List<List<Interval>> rows = bands.stream().map(RowBand::stretches).toList();
    List<Interval> most = strips(rows, (int) (CROSSED_SHARE * rows.size()));
    List<List<Interval>> single =
        bands.stream().map(b -> b.stretchesIn(most, WIDE * gaps.typeSize())).toList();
    List<Interval> strips = strips(single, 0);
    List<Interval> gutters = new ArrayList<>();
    for (int i = 0; i < strips.size(); i++) {
      double before = i == 0 ? extent.from() : strips.get(i - 1).middle();
      double next = i + 1 == strips.size() ? extent.to() : strips.get(i + 1).middle();
      Interval strip = strips.get(i);
      boolean wide = strip.length() >= WIDE * gaps.typeSize() && beginsIn(strip.middle(), next);
      if (wide || isNarrowGutter(strip, before, next, single)) {
        gutters.add(strip);
      }
    }
    return gutters;
  }

  /** Whether a phrase begins there: a word inside one begins no column. */
  private boolean beginsIn(double from, double to) {
    return lines.stream()
        .flatMap(l -> l.chunks().stream())
        .anyMatch(c -> c.box().left() >= from && c.box().left() < to);
  }

  private boolean isNarrowGutter(
      Interval strip, double before, double next, List<List<Interval>> rows) {
    return lines.size() >= LEAST_LINES
        && strip.length() >= NARROW * gaps.typeSize()
        && filled(rows, before, strip.middle()) >= LEAST_ROWS
        && filled(rows, strip.middle(), next) >= LEAST_ROWS
        && partsMoreThanWords(strip, before);
  }

  private static long filled(List<List<Interval>> rows, double from, double to) {
    return rows.stream()
        .filter(r -> r.stream().anyMatch(s -> s.from() > from && s.to() < to))
        .count();
  }

  /**
   * Whether most lines with text in the columns on both sides leave more than a space there.
   *
   * @param before where the column before the strip begins
   */
  private boolean partsMoreThanWords(Interval strip, double before) {
    int all = 0;
    int wide = 0;
    for (ChunkLine line : lines) {
      List<Word> words = line.words();
      for (int i = 1; i < words.size(); i++) {
        Word left = words.get(i - 1);
        Word right = words.get(i);
        boolean beside =
            left.box().right() <= strip.middle() && right.box().left() >= strip.middle();
        if (beside && left.box().left() > before) {
          all++;
          wide += gaps.isWide(left, right) ? 1 : 0;
        }
      }
    }
    return 2 * wide > all;
  }

  /** Of each white stretch between texts the strip that is widest and least crossed. */
  private static List<Interval> strips(List<List<Interval>> rows, int mostCrossing) {
    double[] places =
        rows.stream()
            .flatMap(List::stream)
            .flatMap(s -> List.of(s.from(), s.to()).stream())
            .mapToDouble(d -> d)
            .sorted()
            .distinct()
            .toArray();
    List<Interval> strips = new ArrayList<>();
    Interval best = null;
    double most = 0;
    boolean begun = false;
    for (int p = 1; p < places.length; p++) {
      Interval strip = new Interval(places[p - 1], places[p]);
      long crossing = crossing(rows, strip.middle());
      if (crossing > mostCrossing) {
        if (best != null && begun) {
          strips.add(best);
        }
        begun = true;
        best = null;
        most = 0;
      } else if (strip.length() / (1 + CROSSED_WEIGHT * crossing) > most) {
        most = strip.length() / (1 + CROSSED_WEIGHT * crossing);
        best = strip;
      }
    }
    return strips;
  }

  private static long crossing(List<List<Interval>> rows, double x) {
    return rows.stream().filter(r -> r.stream().anyMatch(s -> s.from() < x && s.to() > x)).count();
  }
}
