package dev.inlay.grid;

import dev.inlay.geom.Interval;
import java.util.List;

/**
 * The columns as their headings see them: where each begins and ends, what its texts fill, and the
 * headings that stand over it already, from the lowest upwards.
 */
final class HeadingColumns {

  /** The padding on both sides of a boundary is at most this many type sizes. */
  private static final double PADDING = 1.3;

  /** What is only probably aligned is this many type sizes off. */
  private static final double AT_CELL_EDGE = 0.4;

  private final List<Interval> bounds;
  private final List<Interval> texts;
  private final Interval[] headings;
  private final String[] names;
  private final double[] firstWords;
  private final int[] firstBelow;
  private final int[] lastBelow;
  private final boolean[] headedElsewhere;

  /**
   * Prepares columns without headings.
   *
   * @param bounds from boundary to boundary, from left to right, in points
   * @param texts the stretches that the records' texts fill
   */
  HeadingColumns(List<Interval> bounds, List<Interval> texts) {
    this.bounds = bounds;
    this.texts = texts;
    headings = new Interval[bounds.size()];
    names = new String[bounds.size()];
    firstWords = new double[bounds.size()];
    firstBelow = new int[bounds.size()];
    lastBelow = new int[bounds.size()];
    for (int c = 0; c < firstBelow.length; c++) {
      firstBelow[c] = c;
      lastBelow[c] = c;
    }
    headedElsewhere = new boolean[bounds.size()];
  }

  int count() {
    return bounds.size();
  }

  /** From the first boundary of a run of columns to its last. */
  Interval bounds(int first, int last) {
    return new Interval(bounds.get(first).from(), bounds.get(last).to());
  }

  /** What the texts of a column fill. */
  Interval texts(int column) {
    return texts.get(column);
  }

  /** From the texts of the column before a run of columns to those of the column behind it. */
  Interval whiteAround(int first, int last) {
    double from = first == 0 ? bounds.get(0).from() : texts.get(first - 1).to();
    double to = last + 1 == bounds.size() ? bounds.get(last).to() : texts.get(last + 1).from();
    Interval own = bounds(first, last);
    return new Interval(Math.min(from, own.from()), Math.max(to, own.to()));
  }

  /** The white between the texts of a column and those of the column before it. */
  Interval gutter(int column) {
    double at = bounds.get(column).from();
    return new Interval(
        Math.min(at, texts.get(column - 1).to()), Math.max(at, texts.get(column).from()));
  }

  /** The column at a place. */
  int at(double x) {
    int column = 0;
    while (column < bounds.size() - 1 && x > bounds.get(column).to()) {
      column++;
    }
    return column;
  }

  boolean isHeaded(int column) {
    return headings[column] != null;
  }

  /** Whether a run of columns parts no spanner below it. */
  boolean keepsSpannersWhole(int first, int last) {
    return firstBelow[first] >= first && lastBelow[last] <= last;
  }

  /** Whether another line of the header has a text over a column. */
  boolean isHeadedElsewhere(int column) {
    return headedElsewhere[column];
  }

  /** Notes that some line of the header has a text over a place. */
  void noteTextAt(double x) {
    headedElsewhere[at(x)] = true;
  }

  /**
   * Adds a heading over columns.
   *
   * @param extent of the heading
   * @param text what it says
   * @param firstWord the width of its first word, in points
   */
  void add(Interval extent, String text, double firstWord, int first, int last) {
    for (int c = first; c <= last; c++) {
      headings[c] = extent;
      names[c] = first == last ? text : null;
      firstWords[c] = firstWord;
      firstBelow[c] = first;
      lastBelow[c] = last;
    }
  }

  /**
   * Whether the first word of the heading below would have had room beside a text above it: then no
   * line was broken between them.
   *
   * @param width of the text and a space, in points
   */
  boolean hasRoomBeside(int column, double width) {
    if (headings[column] == null) {
      return false;
    }
    double room = Math.max(texts.get(column).length(), headings[column].length());
    return width + firstWords[column] <= room;
  }

  /**
   * How far a heading is from beginning, ending or centring where its columns' texts, their
   * headings or their boundaries do, in points. One that begins right behind the texts of the
   * column before stands at the left edge of its cell, though the figures below stand at the right.
   */
  double misalignment(Interval heading, int first, int last, double typeSize) {
    Interval filled = texts.get(first).union(texts.get(last));
    double least = Math.abs(heading.middle() - bounds(first, last).middle());
    least = Math.min(least, Math.abs(heading.middle() - filled.middle()));
    double behind = heading.from() - whiteAround(first, last).from();
    if (first > 0 && behind > 0 && behind < PADDING * typeSize) {
      least = Math.min(least, AT_CELL_EDGE * typeSize);
    }
    if (first == last) {
      least = Math.min(least, Math.abs(heading.from() - filled.from()));
      least = Math.min(least, Math.abs(heading.to() - filled.to()));
    }
    if (headings[first] != null && headings[last] != null) {
      Interval below = headings[first].union(headings[last]);
      least = Math.min(least, Math.abs(heading.middle() - below.middle()));
      least = Math.min(least, Math.abs(heading.from() - below.from()));
      least = Math.min(least, Math.abs(heading.to() - below.to()));
    }
    return least;
  }

  /** Whether the headings of a run of columns come again, in the same order, right beside it. */
  boolean headingsRepeat(int first, int last) {
    int width = last - first + 1;
    return sameNames(first, first + width, width) || sameNames(first, first - width, width);
  }

  private boolean sameNames(int first, int other, int width) {
    if (other < 0 || other + width > names.length) {
      return false;
    }
    for (int k = 0; k < width; k++) {
      String name = names[first + k];
      if (name == null || !areAlike(name, names[other + k])) {
        return false;
      }
    }
    return true;
  }

  /** Whether two headings are the same, but for a footnote mark. */
  private static boolean areAlike(String a, String b) {
    if (b == null) {
      return false;
    }
    boolean begins = a.startsWith(b) || b.startsWith(a);
    return begins && Math.abs(a.length() - b.length()) <= 1;
  }
}
