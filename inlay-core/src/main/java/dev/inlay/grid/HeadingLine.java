package dev.inlay.grid;

import dev.inlay.find.PieceLine;
import dev.inlay.find.Ruling;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Parts one line of a header into headings and gives each to the columns that it stands over.
 * Words, headings and columns keep their order; of all ways to part and to place them the one with
 * the least cost is taken (a dynamic programme over words and columns). What costs: a heading that
 * begins, ends and centres elsewhere than its columns' texts, one that reaches into the next
 * column, words far apart in one heading, words at an ordinary space in two, and a spanner over
 * columns without headings of their own. Costs are in type sizes.
 */
final class HeadingLine {

  /** Where texts should align, each type size of distance costs so much, up to a limit. */
  private static final double MISALIGNED = 0.6;

  private static final double MOST_MISALIGNED = 6;

  /** Each type size that a heading reaches over the white beside its columns. */
  private static final double OVER_WHITE = 0.08;

  /** Each type size that a heading reaches over the texts of a neighbouring column. */
  private static final double OVER_TEXTS = 0.8;

  /** Each type size that the middle of a heading lies outside its columns. */
  private static final double ELSEWHERE = 1.5;

  /** A spanner needs a reason. */
  private static final double SPANNER = 0.9;

  /** A column below a spanner that has no heading of its own, or one in another line only. */
  private static final double UNHEADED = 2.5;

  private static final double HEADED_ELSEWHERE = 0.8;

  /** A heading over some of the columns of a spanner below it. */
  private static final double PARTED_SPANNER = 4;

  /** A column left without a heading in this line: one below, one elsewhere, or none at all. */
  private static final double SKIPPED_HEADED = 0.25;

  private static final double SKIPPED_UNHEADED = 0.8;

  /** A ruling below a heading over just these columns. */
  private static final double OWN_RULING = -2.5;

  /** A ruling below a heading over other columns. */
  private static final double OTHER_RULING = 1.5;

  /** A heading wide enough to stand over the middles of several columns. */
  private static final double OVER_SEVERAL = -0.8;

  /** A boundary inside a spanner's reach at which its words part. */
  private static final double PARTED_AT_BOUNDARY = 0.7;

  /** Columns whose headings come again beside them, as the same years below each spanner. */
  private static final double REPEATED = -2.2;

  /** As many columns as the other spanners of the line have. */
  private static final double SAME_WIDTH = -0.9;

  /** A line above a heading whose first word would have had room beside it is no part of it. */
  private static final double NOT_WRAPPED = 0.8;

  /** Words in one heading beyond this many spaces from each other. */
  private static final double WIDE_SPACES = 2.8;

  private static final double WIDE_INSIDE = 2.5;

  /** Words in two headings at an ordinary space, or not much more. */
  private static final double PARTED_AT_SPACE = 1.0;

  private static final double PARTED_NEAR = 0.3;

  private static final double SPACE = 1.5;

  /** Words further apart than this many type sizes are in two headings. */
  private static final double APART = 1.6;

  /** A heading ends at most this many type sizes before its column begins. */
  private static final double FURTHEST = 8;

  /** A heading's own ruling lies at most this many type sizes below its baseline. */
  private static final double RULING_BELOW = 1.6;

  /** A ruling covers a column where it lies over this share of its texts. */
  private static final double COVERED = 0.5;

  /**
   * A heading and its reach.
   *
   * @param words at least one
   * @param first the first column it stands over, from 0
   * @param last the last column
   */
  record Placed(List<Word> words, int first, int last) {}

  private final HeadingColumns columns;
  private final List<Ruling> rulings;
  private final List<Word> words;
  private final double size;
  private final double space;
  private final double baseline;

  /** How many columns most spanners of the line have; 0 where that is not known yet. */
  private int usualWidth;

  /** Whether several spanners stand in the line: then they share the columns among them. */
  private boolean hasSpanners;

  private HeadingLine(PieceLine line, HeadingColumns columns, List<Ruling> rulings, double space) {
    this.columns = columns;
    this.rulings = rulings;
    this.space = space;
    words = line.words();
    size = line.line().size();
    baseline = line.line().baseline();
  }

  /**
   * Places the headings of a line.
   *
   * @param line of the header
   * @param columns with the headings below this line
   * @param rulings over part of the table's width
   * @param space the width of an ordinary space, in points
   * @return from left to right
   */
  static List<Placed> place(
      PieceLine line, HeadingColumns columns, List<Ruling> rulings, double space) {
    HeadingLine placing = new HeadingLine(line, columns, rulings, space);
    List<Placed> first = placing.placed();
    placing.usualWidth = usualWidth(first);
    placing.hasSpanners = first.stream().filter(p -> p.last() > p.first()).count() > 1;
    return placing.hasSpanners ? placing.placed() : first;
  }

  /** How many columns at least two spanners, and most of them, have; 0 where there are none. */
  private static int usualWidth(List<Placed> placed) {
    Map<Integer, Integer> counts = new TreeMap<>();
    int spanners = 0;
    for (Placed one : placed) {
      if (one.last() > one.first()) {
        counts.merge(one.last() - one.first() + 1, 1, Integer::sum);
        spanners++;
      }
    }
    for (Map.Entry<Integer, Integer> count : counts.entrySet()) {
      if (count.getValue() > 1 && 2 * count.getValue() > spanners) {
        return count.getKey();
      }
    }
    return 0;
  }

  private List<Placed> placed() {
    int count = words.size();
    int width = columns.count();
    double[][] least = new double[count + 1][width + 1];
    int[][] fromWord = new int[count + 1][width + 1];
    int[][] fromColumn = new int[count + 1][width + 1];
    for (double[] row : least) {
      Arrays.fill(row, Double.POSITIVE_INFINITY);
    }
    least[0][0] = 0;
    for (int i = 0; i <= count; i++) {
      for (int c = 0; c <= width; c++) {
        if (c > 0 && least[i][c - 1] + skipCost(c - 1) < least[i][c]) {
          least[i][c] = least[i][c - 1] + skipCost(c - 1); // no heading over it in this line
          fromWord[i][c] = -1;
        }
        if (i < count && c < width && least[i][c] < Double.POSITIVE_INFINITY) {
          extend(i, c, least, fromWord, fromColumn);
        }
      }
    }
    return least[count][width] == Double.POSITIVE_INFINITY
        ? fallback()
        : trace(count, width, fromWord, fromColumn);
  }

  /** Tries all headings that begin with a word and stand over columns from one on. */
  private void extend(int i, int c, double[][] least, int[][] fromWord, int[][] fromColumn) {
    double begun = least[i][c] + (i == 0 ? 0 : partingCost(i));
    double inside = 0;
    for (int j = i; j < words.size(); j++) {
      if (j > i) {
        double gap = gapBefore(j);
        if (gap > APART * size) {
          break;
        }
        inside += gap > WIDE_SPACES * space ? WIDE_INSIDE : 0;
      }
      Interval extent =
          new Interval(
              words.get(i).box().left(),
              Math.max(words.get(i).box().left(), words.get(j).box().right()));
      double skipped = 0;
      for (int first = c; first < columns.count(); first++) {
        if (columns.bounds(first, first).from() > extent.to() + FURTHEST * size) {
          break;
        }
        skipped += first == c ? 0 : skipCost(first - 1);
        for (int last = first; last < columns.count(); last++) {
          double cost = begun + inside + skipped + cost(i, j, extent, first, last);
          if (cost < least[j + 1][last + 1]) {
            least[j + 1][last + 1] = cost;
            fromWord[j + 1][last + 1] = i;
            fromColumn[j + 1][last + 1] = first * (columns.count() + 1) + c;
          }
        }
      }
    }
  }

  private List<Placed> trace(int count, int end, int[][] fromWord, int[][] fromColumn) {
    List<Placed> placed = new ArrayList<>();
    int j = count;
    int c = end;
    while (j > 0) {
      if (fromWord[j][c] < 0) {
        c--;
        continue;
      }
      int i = fromWord[j][c];
      int first = fromColumn[j][c] / (columns.count() + 1);
      placed.add(new Placed(words.subList(i, j), first, c - 1));
      c = fromColumn[j][c] % (columns.count() + 1);
      j = i;
    }
    Collections.reverse(placed);
    return placed;
  }

  /** Where nothing fits, each piece of words goes to the column at its middle. */
  private List<Placed> fallback() {
    int column = columns.at(Box.around(words, Word::box).centreX());
    return List.of(new Placed(words, column, column));
  }

  private double gapBefore(int word) {
    return words.get(word).box().left() - words.get(word - 1).box().right();
  }

  private double partingCost(int word) {
    double gap = gapBefore(word);
    return gap < SPACE * space ? PARTED_AT_SPACE : gap < WIDE_SPACES * space ? PARTED_NEAR : 0;
  }

  private double skipCost(int column) {
    if (columns.isHeaded(column)) {
      return hasSpanners ? SKIPPED_HEADED : 0;
    }
    return column == 0 || columns.isHeadedElsewhere(column) ? 0 : SKIPPED_UNHEADED;
  }

  private double cost(int i, int j, Interval extent, int first, int last) {
    Interval bounds = columns.bounds(first, last);
    Interval white = columns.whiteAround(first, last);
    double overTexts =
        Math.max(0, white.from() - extent.from()) + Math.max(0, extent.to() - white.to());
    double over =
        Math.max(0, bounds.from() - extent.from()) + Math.max(0, extent.to() - bounds.to());
    double middle = extent.middle();
    double outside = Math.max(0, Math.max(white.from() - middle, middle - white.to()));
    double align = columns.misalignment(extent, first, last, size) / size;
    double cost =
        OVER_TEXTS * overTexts / size
            + OVER_WHITE * Math.max(0, over - overTexts) / size
            + ELSEWHERE * outside / size
            + MISALIGNED * Math.min(MOST_MISALIGNED, align)
            + rulingCost(extent, first, last)
            + (columns.keepsSpannersWhole(first, last) ? 0 : PARTED_SPANNER);
    if (first == last) {
      return cost + (columns.hasRoomBeside(first, extent.length() + space) ? NOT_WRAPPED : 0);
    }
    int centres = 0;
    for (int c = first; c <= last; c++) {
      cost += columns.isHeaded(c) ? 0 : columns.isHeadedElsewhere(c) ? HEADED_ELSEWHERE : UNHEADED;
      double centre = columns.texts(c).middle();
      centres += centre > extent.from() && centre < extent.to() ? 1 : 0;
      cost += c > first && isPartedAt(columns.gutter(c), i, j) ? PARTED_AT_BOUNDARY : 0;
    }
    return cost
        + SPANNER
        + (centres > 1 ? OVER_SEVERAL : 0)
        + (last - first + 1 == usualWidth ? SAME_WIDTH : 0)
        + (columns.headingsRepeat(first, last) ? isAgain(i) ? REPEATED / 3 : REPEATED : 0);
  }

  /** Whether the line has a word again: as parts of headings that are the same in each group. */
  private boolean isAgain(int word) {
    String text = words.get(word).text();
    return words.stream().filter(w -> w.text().equals(text)).count() > 1;
  }

  /** Whether two of the words lie on both sides of a gutter and leave it free. */
  private boolean isPartedAt(Interval gutter, int i, int j) {
    for (int w = i + 1; w <= j; w++) {
      if (words.get(w - 1).box().right() <= gutter.middle()
          && words.get(w).box().left() >= gutter.middle()) {
        return true;
      }
    }
    return false;
  }

  /** What a ruling over part of the columns, right below the heading, says of its reach. */
  private double rulingCost(Interval extent, int first, int last) {
    for (Ruling ruling : rulings) {
      boolean below = ruling.at() > baseline && ruling.at() - baseline < RULING_BELOW * size;
      if (below && ruling.extent().overlap(extent) > extent.length() / 2) {
        boolean same = true;
        for (int c = 0; c < columns.count(); c++) {
          Interval texts = columns.texts(c);
          boolean covered = ruling.extent().overlap(texts) > COVERED * Math.max(1, texts.length());
          same &= covered == (c >= first && c <= last);
        }
        return same ? OWN_RULING : OTHER_RULING;
      }
    }
    return 0;
  }
}
