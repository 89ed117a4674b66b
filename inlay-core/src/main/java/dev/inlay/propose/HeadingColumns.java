package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.text.Series;
import java.util.List;
import java.util.regex.Pattern;

/**
 * The columns as their headings see them: where each begins and ends, what its texts fill, and the
 * headings that stand over it already, from the lowest upwards.
 */
final class HeadingColumns {

  /** The padding on both sides of a boundary is at most this many type sizes. */
  private static final double PADDING = 1.3;

  /** Fewer headings may count on by chance. */
  private static final int LEAST_OF_SERIES = 3;

  /** What may number a column. */
  private static final Pattern COLUMN_NUMBER = Pattern.compile("\\(?\\d{1,2}\\)?");

  private final List<Interval> bounds;
  private final List<Interval> texts;
  private final Below[] below;
  private final boolean[] headedElsewhere;
  private final boolean[] headedByTurned;

  /**
   * The lowest line of headings over a column that is placed so far.
   *
   * @param heading the heading over the column
   * @param line in which it stands
   * @param heads whether it stands over another
   */
  record Below(Heading heading, ChunkLine line, boolean heads) {

    double baseline() {
      return line.line().baseline();
    }
  }

  /**
   * Prepares columns without headings.
   *
   * @param bounds from boundary to boundary, from left to right, in points
   * @param texts the stretches that the records' texts fill
   */
  HeadingColumns(List<Interval> bounds, List<Interval> texts) {
    this.bounds = bounds;
    this.texts = texts;
    below = new Below[bounds.size()];
    headedElsewhere = new boolean[bounds.size()];
    headedByTurned = new boolean[bounds.size()];
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
    return HeaderLayout.columnAt(bounds, x);
  }

  /** Whether a heading stands over a column, be it upright or turned. */
  boolean isHeaded(int column) {
    return below[column] != null || headedByTurned[column];
  }

  /** The spanner that some columns are part of, and not the whole; null where there is none. */
  Below parted(int first, int last) {
    if (below[first] != null && below[first].heading().first() < first) {
      return below[first];
    }
    return below[last] != null && below[last].heading().last() > last ? below[last] : null;
  }

  /** Whether another line of the header has a text over a column. */
  boolean isHeadedElsewhere(int column) {
    return headedElsewhere[column];
  }

  /** Notes that some line of the header has a text over a place. */
  void noteTextAt(double x) {
    headedElsewhere[at(x)] = true;
  }

  /** Notes that a heading turned by a quarter stands over a place. */
  void noteTurnedAt(double x) {
    headedByTurned[at(x)] = true;
  }

  /** Adds a heading of a line over its columns. */
  void add(Heading heading, ChunkLine line) {
    boolean heads = below[heading.first()] != null;
    for (int c = heading.first(); c <= heading.last(); c++) {
      below[c] = new Below(heading, line, heads);
    }
  }

  /** The uppermost heading that is placed over a column; null where there is none. */
  Below below(int column) {
    return below[column];
  }

  /**
   * From the left of the headings below over some columns to the right; null where one has none.
   */
  Interval headings(int first, int last) {
    return below[first] == null || below[last] == null
        ? null
        : below[first].heading().extent().union(below[last].heading().extent());
  }

  /** What the records' texts of some columns fill. */
  Interval texts(int first, int last) {
    return texts.get(first).union(texts.get(last));
  }

  /**
   * Whether the first word of the heading below would have had room beside a text above it: then no
   * line was broken between them.
   *
   * @param width of the text and a space, in points
   */
  boolean hasRoomBeside(int column, double width) {
    if (below[column] == null) {
      return false;
    }
    Heading heading = below[column].heading();
    double room = Math.max(texts.get(column).length(), heading.extent().length());
    return width + heading.words().get(0).box().width() <= room;
  }

  /**
   * Whether a heading begins right behind the texts of the column before it: at the left edge of
   * its cell, though the figures below stand at the right.
   */
  boolean isAtCellEdge(Interval heading, int first, int last, double typeSize) {
    double behind = heading.from() - whiteAround(first, last).from();
    return first > 0 && behind > 0 && behind < PADDING * typeSize;
  }

  /** Whether the headings of a run of columns come again, in the same order, right beside it. */
  boolean headingsRepeat(int first, int last) {
    int width = last - first + 1;
    return sameNames(first, first + width, width) || sameNames(first, first - width, width);
  }

  /**
   * At how many of its two ends a run of columns parts headings that count on, as {@code Model 3}
   * from {@code Model 4}.
   */
  int partsSeries(int first, int last) {
    return (isSeries(first - 1) ? 1 : 0) + (isSeries(last) ? 1 : 0);
  }

  /**
   * At how many of its two ends a run of columns parts headings of one kind, as {@code 2101} from
   * {@code 2103}, other than where they begin anew.
   */
  int partsKind(int first, int last) {
    return (isOfOneKind(first - 1) ? 1 : 0) + (isOfOneKind(last) ? 1 : 0);
  }

  /** Whether the heading of a column is of one kind with one beside it. */
  boolean isOneOfAKind(int column) {
    return isOfOneKind(column - 1) || isOfOneKind(column);
  }

  private boolean isOfOneKind(int column) {
    boolean both = column >= 0 && column + 1 < below.length;
    return both
        && name(column) != null
        && name(column + 1) != null
        && Series.areOfOneKind(name(column), name(column + 1))
        && !beginsAnew(column + 1);
  }

  /**
   * Whether headings that come again begin anew over a column, as the second {@code 2024} of {@code
   * 2024, 2025, 2024, 2025}; so does the first.
   */
  boolean beginsAnew(int column) {
    if (column >= below.length || name(column) == null) {
      return false;
    }
    for (int c = 0; c < below.length; c++) {
      if (comesAgain(c)) {
        return areAlike(name(c), name(column));
      }
    }
    return false;
  }

  private boolean comesAgain(int column) {
    for (int c = column + 1; c < below.length && name(column) != null; c++) {
      if (areAlike(name(column), name(c))) {
        return true;
      }
    }
    return false;
  }

  /** Whether the heading below may be the number of its column. */
  boolean isNumbered(int column) {
    return name(column) != null && COLUMN_NUMBER.matcher(name(column)).matches();
  }

  /** Whether the heading of the column behind one follows its own in a series. */
  private boolean isSeries(int column) {
    return countsOn(column, 1);
  }

  /** Whether the headings of a column and the next count on, up with a step of 1, down with -1. */
  private boolean countsOn(int column, int step) {
    boolean both = column >= 0 && column + 1 < below.length;
    if (!both || name(column) == null || name(column + 1) == null) {
      return false;
    }
    return step > 0
        ? Series.follows(name(column), name(column + 1))
        : Series.follows(name(column + 1), name(column));
  }

  /**
   * Whether the heading of a column is one of several that count on, up or down, and a line has a
   * text over none of those beside it: what stands over the one heads all of them. Bare numbers may
   * number the columns.
   */
  boolean isOneOfSeries(int column, ChunkLine line) {
    return name(column) != null
        && !isNumbered(column)
        && isAloneOver(column, line)
        && (run(column, 1) >= LEAST_OF_SERIES || run(column, -1) >= LEAST_OF_SERIES);
  }

  /** How many headings around a column count on, up with a step of 1 and down with -1. */
  private int run(int column, int step) {
    int from = column;
    while (countsOn(from - 1, step)) {
      from--;
    }
    int to = column;
    while (countsOn(to, step)) {
      to++;
    }
    return to - from + 1;
  }

  /** Whether a line has no text over the columns beside one that have headings below. */
  boolean isAloneOver(int column, ChunkLine line) {
    return line.chunks().stream()
        .mapToInt(c -> at(c.box().centreX()))
        .noneMatch(at -> Math.abs(at - column) == 1 && below[at] != null);
  }

  private boolean sameNames(int first, int other, int width) {
    if (other < 0 || other + width > below.length) {
      return false;
    }
    for (int k = 0; k < width; k++) {
      String name = name(first + k);
      if (name == null || !areAlike(name, name(other + k))) {
        return false;
      }
    }
    return true;
  }

  /** What the heading over a column alone says; null where there is none. */
  private String name(int column) {
    return below[column] == null || below[column].heading().isSpanner()
        ? null
        : below[column].heading().text();
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
