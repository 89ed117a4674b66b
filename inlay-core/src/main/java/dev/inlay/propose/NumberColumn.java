package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.List;
import java.util.Optional;

/**
 * Finds the gutter behind a first column of running numbers that stands hardly a space from the
 * texts behind it: the numbers rise by one, and the texts begin at one place however wide the
 * numbers are.
 */
final class NumberColumn {

  private static final int LEAST_RECORDS = 4;

  /** So many suffice where they count all records from 1 on. */
  private static final int LEAST_FROM_ONE = 2;

  /** Of the records this share shows the rise and the place. */
  private static final double NEARLY_ALL = 0.9;

  /** Texts begin at one place within this many type sizes. */
  private static final double SAME_PLACE = 0.12;

  private NumberColumn() {}

  /**
   * The gutter behind the numbers.
   *
   * @param headings the lines of the header
   * @param records the lines that begin or continue records
   * @param gutters those found so far
   * @return empty where there is no such column, or its gutter is known
   */
  static Optional<Interval> gutter(
      List<ChunkLine> headings, List<ChunkLine> records, List<Interval> gutters) {
    int rising = 0;
    int begun = 0;
    int before = Integer.MIN_VALUE;
    double right = 0;
    double left = Double.MAX_VALUE;
    double furthest = 0;
    for (ChunkLine line : records) {
      List<Word> words = line.words();
      int number = numberOf(words.get(0).text());
      if (number < 0 || words.size() < 2) {
        continue;
      }
      begun++;
      rising += number == before + 1 ? 1 : 0;
      before = number;
      right = Math.max(right, words.get(0).box().right());
      left = Math.min(left, words.get(1).box().left());
      furthest = Math.max(furthest, words.get(1).box().left());
    }
    boolean all = begun == records.size() && before == begun;
    if (begun < (all ? LEAST_FROM_ONE : LEAST_RECORDS) || rising < NEARLY_ALL * (begun - 1)) {
      return Optional.empty();
    }
    double size = records.get(0).line().size();
    double end = left;
    boolean known = gutters.stream().anyMatch(g -> g.from() < end && g.to() > 0);
    boolean onePlace = furthest - left < SAME_PLACE * size && right < left;
    return !known && onePlace && isHeaded(headings, left, size)
        ? Optional.of(new Interval(right, left))
        : Optional.empty();
  }

  /** Whether texts count on by one: such a column has its own place, however near the next is. */
  static boolean counts(List<String> texts) {
    int rising = 0;
    for (int i = 1; i < texts.size(); i++) {
      int number = numberOf(texts.get(i));
      rising += number > 0 && number == numberOf(texts.get(i - 1)) + 1 ? 1 : 0;
    }
    boolean fromOne = !texts.isEmpty() && numberOf(texts.get(0)) == 1;
    return texts.size() >= (fromOne ? LEAST_FROM_ONE : LEAST_RECORDS)
        && rising >= NEARLY_ALL * (texts.size() - 1);
  }

  /** Whether a heading begins where the texts do, and another stands before it. */
  static boolean isHeaded(List<ChunkLine> headings, double left, double size) {
    for (ChunkLine line : headings) {
      for (int i = 1; i < line.words().size(); i++) {
        if (Math.abs(line.words().get(i).box().left() - left) < SAME_PLACE * size) {
          return true;
        }
      }
    }
    return false;
  }

  private static int numberOf(String text) {
    String bare =
        text.endsWith(".") || text.endsWith(")") ? text.substring(0, text.length() - 1) : text;
    boolean number =
        !bare.isEmpty() && bare.length() <= 4 && bare.chars().allMatch(c -> c >= '0' && c <= '9');
    return number ? Integer.parseInt(bare) : -1;
  }
}
