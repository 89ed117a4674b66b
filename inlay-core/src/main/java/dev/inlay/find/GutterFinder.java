package dev.inlay.find;

import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Finds the gutters of a block of lines: the strips that no word, or hardly any, crosses over the
 * whole height. The more lines there are, the narrower a strip may be: spaces between words line up
 * by chance in a few lines, never in many.
 *
 * <p>A sweep over the edges of all words, n log n in their number.
 */
final class GutterFinder {

  /**
   * The share of the lines that may cross a gutter: headings over columns, group headings, long
   * texts.
   */
  private static final double CROSSING_SHARE = 0.2;

  /** The least width of a gutter in few lines and in many, in type sizes. */
  private static final double WIDE = 0.8;

  private static final double NARROW = 0.15;

  /** From this many lines on a gutter may be narrow. */
  private static final int MANY_LINES = 8;

  /** The usual gap over a gutter, in type sizes: wider than a space inside a cell. */
  private static final double USUAL_GAP = 0.45;

  /** In fixed-width type a space is as wide as a letter; a gutter is clearly wider. */
  private static final double FIXED_WIDTH_GAP = 1.4;

  /** Widths that differ by no more than this many points are alike. */
  private static final double WIDTH_STEP = 0.1;

  /**
   * Type is of fixed width where this share of its characters, the middle one, is alike in width.
   */
  private static final double FIXED_SHARE = 0.95;

  /** Behind a gutter texts begin in at least this share of the lines. */
  private static final double LEAST_BEGINNING = 0.03;

  /** A gutter is crossed by at most this share of the lines that have text just before it. */
  private static final double CLEAR_SHARE = 0.5;

  private GutterFinder() {}

  private record Edge(double x, int step) {}

  /**
   * Finds the gutters.
   *
   * @param lines the lines that have several pieces
   * @return from left to right, in points
   */
  static List<Interval> find(List<PieceLine> lines) {
    if (lines.isEmpty()) {
      return List.of();
    }
    double size = typeSize(lines);
    double usualGap = Math.max(USUAL_GAP * size, FIXED_WIDTH_GAP * fixedAdvance(lines));
    double allowed = Math.floor(CROSSING_SHARE * lines.size());
    List<Interval> gutters = new ArrayList<>();
    for (Interval strip : strips(lines, allowed)) {
      if (strip.length() >= leastWidth(lines.size()) * size
          && isWideEnough(strip, lines, usualGap)) {
        gutters.add(strip);
      }
    }
    prune(gutters, lines, usualGap);
    return gutters;
  }

  /**
   * Where hardly a text begins between two gutters, they are one: long texts of the column before
   * end there, or a heading of two words reaches into it. The wider one stays.
   */
  private static void prune(List<Interval> gutters, List<PieceLine> lines, double usualGap) {
    double least = lines.size() < 4 ? 1 : Math.max(2, LEAST_BEGINNING * lines.size());
    for (int i = gutters.size() - 1; i >= 0; i--) {
      boolean last = i + 1 == gutters.size();
      double next = last ? Double.MAX_VALUE : gutters.get(i + 1).middle();
      int beginning = 0;
      for (PieceLine line : lines) {
        beginning += beginsBetween(line, gutters.get(i).middle(), next, usualGap) ? 1 : 0;
      }
      if (beginning < least) {
        boolean nextIsNarrower = !last && gutters.get(i + 1).length() < gutters.get(i).length();
        gutters.remove(nextIsNarrower ? i + 1 : i);
      }
    }
  }

  private static boolean beginsBetween(PieceLine line, double from, double to, double usualGap) {
    Word before = null;
    for (Word word : line.words()) {
      double left = word.box().left();
      boolean over = left >= from && left < to;
      if (over && (before == null || before.box().right() <= from)) {
        return before == null || isWide(before, word, usualGap);
      }
      before = word;
    }
    return false;
  }

  private static double typeSize(List<PieceLine> lines) {
    double[] sizes = lines.stream().mapToDouble(l -> l.line().size()).sorted().toArray();
    return sizes[sizes.length / 2];
  }

  /** The width of each character of fixed-width type, in points, or 0 for other type. */
  private static double fixedAdvance(List<PieceLine> lines) {
    double[] widths =
        lines.stream()
            .flatMap(l -> l.words().stream())
            .flatMap(w -> w.glyphs().stream())
            .mapToDouble(g -> g.box().width())
            .sorted()
            .toArray();
    // Where nearly all are alike, those at both ends of the middle part are.
    int margin = (int) ((1 - FIXED_SHARE) / 2 * widths.length);
    double least = widths[margin];
    double most = widths[widths.length - 1 - margin];
    return most - least <= WIDTH_STEP ? most : 0;
  }

  private static double leastWidth(int lines) {
    if (lines >= MANY_LINES) {
      return NARROW;
    }
    return WIDE + (NARROW - WIDE) * (lines - 2) / (MANY_LINES - 2.0);
  }

  /**
   * Strips between text on both sides that at most the allowed number of words cover: of each, the
   * stretch that the fewest cover.
   */
  private static List<Interval> strips(List<PieceLine> lines, double allowed) {
    List<Interval> strips = new ArrayList<>();
    Interval clearest = null;
    double clearestCover = 0;
    int peakBefore = 0;
    int peak = 0;
    for (Stretch stretch : stretches(lines)) {
      if (stretch.covered() > allowed) {
        if (clearest != null) {
          // Hardly clearer than the text before it: the ragged edge of a column.
          if (clearestCover <= CLEAR_SHARE * peakBefore) {
            strips.add(clearest);
          }
          peak = 0;
        }
        clearest = null;
        peak = Math.max(peak, stretch.covered());
        peakBefore = peak;
        continue;
      }
      boolean clearer = clearest == null || stretch.covered() < clearestCover;
      boolean asClear = clearest != null && stretch.covered() == clearestCover;
      if (clearer || asClear && stretch.extent().length() > clearest.length()) {
        clearest = stretch.extent();
        clearestCover = stretch.covered();
      }
    }
    return strips;
  }

  /** A stretch of the x axis and how many words cover it. */
  private record Stretch(Interval extent, int covered) {}

  private static List<Stretch> stretches(List<PieceLine> lines) {
    List<Edge> edges = new ArrayList<>();
    for (PieceLine line : lines) {
      for (Word word : line.words()) {
        edges.add(new Edge(word.box().left(), 1));
        edges.add(new Edge(word.box().right(), -1));
      }
    }
    edges.sort(Comparator.comparingDouble(Edge::x).thenComparing(Edge::step));
    List<Stretch> stretches = new ArrayList<>();
    int covered = 0;
    for (int i = 0; i < edges.size(); i++) {
      if (i > 0 && edges.get(i).x() > edges.get(i - 1).x()) {
        stretches.add(new Stretch(new Interval(edges.get(i - 1).x(), edges.get(i).x()), covered));
      }
      covered += edges.get(i).step();
    }
    return stretches;
  }

  /** Whether the lines with text on both sides usually leave more than a space there. */
  private static boolean isWideEnough(Interval strip, List<PieceLine> lines, double usualGap) {
    int gaps = 0;
    int wide = 0;
    for (PieceLine line : lines) {
      List<Word> words = line.words();
      for (int i = 1; i < words.size(); i++) {
        double from = words.get(i - 1).box().right();
        double to = words.get(i).box().left();
        if (from < to && strip.overlap(new Interval(from, to)) > 0) {
          gaps++;
          wide += isWide(words.get(i - 1), words.get(i), usualGap) ? 1 : 0;
        }
      }
    }
    boolean few = lines.size() <= 2;
    return wide * 2 > gaps && wide >= (few ? 1 : 2);
  }

  /** Whether the gap between two words is wider than a space, or parts two figures. */
  private static boolean isWide(Word left, Word right, double usualGap) {
    return right.box().left() - left.box().right() >= usualGap
        || Piece.areTwoFigures(left.text(), right.text());
  }
}
