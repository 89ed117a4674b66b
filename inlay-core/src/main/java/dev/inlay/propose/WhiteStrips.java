package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;

/**
 * The white strips that run down through lines between text on both sides: a sweep over the edges
 * of all words, n log n in their number.
 */
final class WhiteStrips {

  /**
   * The share of the lines that may cross a strip: headings over columns, group headings, long
   * texts.
   */
  private static final double CROSSING_SHARE = 0.2;

  /** A strip is crossed by at most this share of the lines that have text just before it. */
  private static final double CLEAR_SHARE = 0.5;

  /** A word that covers a stretch makes it worth so much less: a space may be clear by chance. */
  private static final double COVER_WEIGHT = 3;

  /**
   * A stretch of the x axis.
   *
   * @param extent from where to where, in points
   * @param covered how many words cover it
   * @param lines how many lines have text on it or on both sides of it
   */
  record Strip(Interval extent, int covered, int lines) {

    /** The wider, and the fewer words cover it, the whiter. */
    private double whiteness() {
      return extent.length() / (1 + COVER_WEIGHT * covered);
    }

    private boolean isText() {
      return covered > Math.floor(CROSSING_SHARE * lines);
    }
  }

  private WhiteStrips() {}

  /**
   * Strips that few words cover: of each, the whitest stretch.
   *
   * @param lines at least one
   * @param isAligned whether texts keep to the edges of a clear stretch
   */
  static List<Strip> of(List<ChunkLine> lines, Predicate<Interval> isAligned) {
    List<Strip> strips = new ArrayList<>();
    Strip whitest = null;
    int peakBefore = 0;
    int peak = 0;
    for (Strip stretch : stretches(lines)) {
      if (stretch.isText()) {
        if (whitest != null) {
          // Hardly clearer than the text before it: the ragged edge of a column.
          if (whitest.covered() <= CLEAR_SHARE * peakBefore) {
            strips.add(whitest);
          }
          peak = 0;
        }
        whitest = null;
        peak = Math.max(peak, stretch.covered());
        peakBefore = peak;
      } else if (whitest == null || isClearer(stretch, whitest, isAligned)) {
        whitest = stretch;
      }
    }
    return strips;
  }

  /** Whether a stretch is whiter than another, or clear where the other is not, and aligned. */
  private static boolean isClearer(Strip stretch, Strip other, Predicate<Interval> isAligned) {
    if (stretch.covered() == 0 != (other.covered() == 0)) {
      Strip clear = stretch.covered() == 0 ? stretch : other;
      if (isAligned.test(clear.extent())) {
        return clear == stretch;
      }
    }
    return stretch.whiteness() > other.whiteness();
  }

  private static List<Strip> stretches(List<ChunkLine> lines) {
    int words = lines.stream().mapToInt(l -> l.words().size()).sum();
    double[] begins = new double[words];
    double[] ends = new double[words];
    double[] lineBegins = new double[lines.size()];
    double[] lineEnds = new double[lines.size()];
    int at = 0;
    for (int i = 0; i < lines.size(); i++) {
      lineBegins[i] = lines.get(i).box().left();
      lineEnds[i] = lines.get(i).box().right();
      for (Word word : lines.get(i).words()) {
        begins[at] = word.box().left();
        ends[at++] = word.box().right();
      }
    }
    Sweep covering = new Sweep(begins, ends);
    Sweep open = new Sweep(lineBegins, lineEnds);
    double[] places = Arrays.copyOf(begins, 2 * words);
    System.arraycopy(ends, 0, places, words, words);
    Arrays.sort(places);
    List<Strip> stretches = new ArrayList<>();
    for (int i = 1; i < places.length; i++) {
      int covered = covering.at(places[i - 1]);
      int reaching = open.at(places[i - 1]);
      if (places[i] > places[i - 1]) {
        stretches.add(new Strip(new Interval(places[i - 1], places[i]), covered, reaching));
      }
    }
    return stretches;
  }

  /** Counts intervals over places that rise. */
  private static final class Sweep {
    private final double[] begins;
    private final double[] ends;
    private int begun;
    private int ended;

    Sweep(double[] begins, double[] ends) {
      this.begins = begins.clone();
      this.ends = ends.clone();
      Arrays.sort(this.begins);
      Arrays.sort(this.ends);
    }

    /** How many lie right behind a place. */
    int at(double place) {
      while (begun < begins.length && begins[begun] <= place) {
        begun++;
      }
      while (ended < ends.length && ends[ended] <= place) {
        ended++;
      }
      return begun - ended;
    }
  }
}
