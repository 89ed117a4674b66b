package dev.inlay.find;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Glyph;
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

  /** Letters that are narrower than others in all type but that of fixed width. */
  private static final String NARROW_LETTERS = "iljtfI";

  /** Behind a gutter texts begin in at least this share of the lines. */
  private static final double LEAST_BEGINNING = 0.03;

  /** A gutter is crossed by at most this share of the lines that have text just before it. */
  private static final double CLEAR_SHARE = 0.5;

  /** Beside an aligned gutter texts end or begin within this many type sizes of each other. */
  private static final double ALIGNED = 0.12;

  /** This share of the lines with text on both sides of an aligned gutter keeps to its edge. */
  private static final double ALIGNED_SHARE = 0.8;

  /** Fewer lines may be aligned by chance. */
  private static final int LEAST_ALIGNED = 4;

  /** An aligned gutter is at least this wide, in type sizes: a space of ordinary type. */
  private static final double NARROWEST_ALIGNED = 0.22;

  /** The label of a sum over several columns stands this many type sizes from the left edge. */
  private static final double LABEL_INDENT = 3;

  /** A word that covers a stretch makes it worth so much less: a space may be clear by chance. */
  private static final double COVER_WEIGHT = 3;

  /** So many gutters show a rhythm. */
  private static final int LEAST_RHYTHM = 3;

  /** A gutter in the rhythm of the others has at least this share of their width. */
  private static final double SAME_WIDTH = 0.95;

  /** So many full rows must be left where labels of sums are set aside. */
  private static final int LEAST_FULL_ROWS = 3;

  private GutterFinder() {}

  /** Where words or lines begin or end: by how much their number changes there. */
  private record Edge(double x, int words, int lines) {}

  /**
   * Finds the gutters.
   *
   * @param tabular the lines that have several pieces
   * @return from left to right, in points
   */
  static List<Interval> find(List<PieceLine> tabular) {
    if (tabular.isEmpty()) {
      return List.of();
    }
    List<PieceLine> lines = withoutLabelledSums(tabular);
    double size = typeSize(lines);
    double usualGap = Math.max(USUAL_GAP * size, FIXED_WIDTH_GAP * fixedAdvance(lines));
    List<Interval> gutters = new ArrayList<>();
    List<Interval> narrow = new ArrayList<>();
    for (Stretch stretch : strips(lines)) {
      Interval strip = stretch.extent();
      boolean wide =
          strip.length() >= leastWidth(stretch.lines()) * size
              && isWideEnough(strip, lines, usualGap);
      if (wide || isAligned(strip, lines, size)) {
        gutters.add(strip);
      } else if (stretch.covered() == 0 && isWideEnough(strip, lines, usualGap)) {
        narrow.add(strip);
      }
    }
    addAsWideAsOthers(narrow, gutters);
    prune(gutters, lines, usualGap);
    return gutters;
  }

  /** Where columns follow each other in one rhythm, few lines suffice for one more of them. */
  private static void addAsWideAsOthers(List<Interval> narrow, List<Interval> gutters) {
    if (gutters.size() < LEAST_RHYTHM) {
      return;
    }
    double usual =
        gutters.stream().mapToDouble(Interval::length).sorted().toArray()[gutters.size() / 2];
    for (Interval strip : narrow) {
      if (strip.length() >= SAME_WIDTH * usual) {
        gutters.add(strip);
      }
    }
    gutters.sort(Comparator.comparingDouble(Interval::from));
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

  /**
   * The lines without those that hold a label and a sum far from the left edge: such a label stands
   * over several columns and says nothing of their gutters.
   */
  private static List<PieceLine> withoutLabelledSums(List<PieceLine> lines) {
    double left = lines.stream().mapToDouble(l -> l.box().left()).min().orElse(0);
    List<PieceLine> full = lines.stream().filter(l -> !isLabelledSum(l, left)).toList();
    return full.size() >= LEAST_FULL_ROWS ? full : lines;
  }

  private static boolean isLabelledSum(PieceLine line, double left) {
    boolean labelAndSum = line.pieces().size() == 2 && TableSigns.figuresIn(line) == 1;
    return labelAndSum && line.box().left() - left > LABEL_INDENT * line.line().size();
  }

  /** Whether texts beside a strip end, or begin, at one place in nearly all lines. */
  private static boolean isAligned(Interval strip, List<PieceLine> lines, double size) {
    if (strip.length() < NARROWEST_ALIGNED * size || fixedAdvance(lines) > 0) {
      return false;
    }
    List<Double> ends = new ArrayList<>();
    List<Double> begins = new ArrayList<>();
    for (PieceLine line : lines) {
      List<Word> words = line.words();
      for (int i = 1; i < words.size(); i++) {
        Box left = words.get(i - 1).box();
        Box right = words.get(i).box();
        boolean over = left.right() <= strip.from() && right.left() >= strip.to();
        if (over && !Piece.isGroupedFigure(words.get(i - 1).text(), words.get(i).text())) {
          ends.add(left.right());
          begins.add(right.left());
        }
      }
    }
    int least = (int) Math.ceil(ALIGNED_SHARE * lines.size());
    return lines.size() >= LEAST_ALIGNED
        && (atOnePlace(ends, size) >= least || atOnePlace(begins, size) >= least);
  }

  /** The most places that lie within the aligning distance of each other. */
  private static int atOnePlace(List<Double> places, double size) {
    double[] sorted = places.stream().mapToDouble(Double::doubleValue).sorted().toArray();
    int most = 0;
    int from = 0;
    for (int to = 0; to < sorted.length; to++) {
      while (sorted[to] - sorted[from] > ALIGNED * size) {
        from++;
      }
      most = Math.max(most, to - from + 1);
    }
    return most;
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
  private static List<Stretch> strips(List<PieceLine> lines) {
    List<Stretch> strips = new ArrayList<>();
    Stretch clearest = null;
    int peakBefore = 0;
    int peak = 0;
    for (Stretch stretch : stretches(lines)) {
      if (stretch.covered() > Math.floor(CROSSING_SHARE * stretch.lines())) {
        if (clearest != null) {
          // Hardly clearer than the text before it: the ragged edge of a column.
          if (clearest.covered() <= CLEAR_SHARE * peakBefore) {
            strips.add(clearest);
          }
          peak = 0;
        }
        clearest = null;
        peak = Math.max(peak, stretch.covered());
        peakBefore = peak;
        continue;
      }
      if (clearest == null || isClearer(stretch, clearest, lines)) {
        clearest = stretch;
      }
    }
    return strips;
  }

  /**
   * A stretch of the x axis.
   *
   * @param extent from where to where, in points
   * @param covered how many words cover it
   * @param lines how many lines have text on it or on both sides of it
   */
  private record Stretch(Interval extent, int covered, int lines) {

    /** The wider, and the fewer words cover it, the whiter. */
    double whiteness() {
      return extent.length() / (1 + COVER_WEIGHT * covered);
    }
  }

  /** Whether a stretch is whiter than another, or clear where the other is not, and aligned. */
  private static boolean isClearer(Stretch stretch, Stretch other, List<PieceLine> lines) {
    if (stretch.covered() == 0 != (other.covered() == 0)) {
      Stretch clear = stretch.covered() == 0 ? stretch : other;
      if (isAligned(clear.extent(), lines, typeSize(lines))) {
        return clear == stretch;
      }
    }
    return stretch.whiteness() > other.whiteness();
  }

  private static List<Stretch> stretches(List<PieceLine> lines) {
    List<Edge> edges = new ArrayList<>();
    for (PieceLine line : lines) {
      edges.add(new Edge(line.box().left(), 0, 1));
      edges.add(new Edge(line.box().right(), 0, -1));
      for (Word word : line.words()) {
        edges.add(new Edge(word.box().left(), 1, 0));
        edges.add(new Edge(word.box().right(), -1, 0));
      }
    }
    edges.sort(Comparator.comparingDouble(Edge::x).thenComparing(Edge::words));
    List<Stretch> stretches = new ArrayList<>();
    int covered = 0;
    int open = 0;
    double from = Double.NaN;
    for (Edge edge : edges) {
      if (edge.x() > from) {
        stretches.add(new Stretch(new Interval(from, edge.x()), covered, open));
      }
      from = edge.x();
      covered += edge.words();
      open += edge.lines();
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
    double gap = right.box().left() - left.box().right();
    double fixed = Math.min(fixedAdvance(left), fixedAdvance(right));
    return gap >= Math.max(usualGap, FIXED_WIDTH_GAP * fixed)
        || Piece.areTwoFigures(left.text(), right.text());
  }

  /** The width of the characters of a word in fixed-width type, in points, or 0. */
  private static double fixedAdvance(Word word) {
    double least = Double.MAX_VALUE;
    double most = 0;
    boolean telling = false;
    for (Glyph glyph : word.glyphs()) {
      least = Math.min(least, glyph.box().width());
      most = Math.max(most, glyph.box().width());
      telling |= NARROW_LETTERS.contains(glyph.text());
    }
    return telling && word.glyphs().size() > 1 && most - least <= WIDTH_STEP ? most : 0;
  }
}
