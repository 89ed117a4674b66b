package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import java.util.List;
import java.util.Optional;

/**
 * Finds the gutter behind a first column of running numbers that stands hardly a space from the
 * texts behind it: the numbers rise by one, and the texts begin at one place however wide the
 * numbers are.
 */
final class NumberColumn {

  private static final int LEAST_RECORDS = 4;

  /** Two records suffice where the numbers count all of them from 1 on. */
  private static final int LEAST_FROM_ONE = 2;

  /** Of the numbers this share is one more than the one before. */
  private static final double NEARLY_ALL = 0.9;

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
    FirstWords numbers = new FirstWords(records, word -> numberOf(word) >= 0);
    List<String> texts = numbers.texts();
    boolean all = texts.size() == records.size() && numberOf(last(texts)) == texts.size();
    int least = all ? LEAST_FROM_ONE : LEAST_RECORDS;
    return texts.size() >= least && rise(texts)
        ? numbers.gutter(headings, gutters)
        : Optional.empty();
  }

  /** Whether texts count on by one: such a column has its own place, however near the next is. */
  static boolean counts(List<String> texts) {
    boolean fromOne = !texts.isEmpty() && numberOf(texts.get(0)) == 1;
    return texts.size() >= (fromOne ? LEAST_FROM_ONE : LEAST_RECORDS) && rise(texts);
  }

  /** Whether nearly all numbers are one more than the one before. */
  private static boolean rise(List<String> texts) {
    int rising = 0;
    for (int i = 1; i < texts.size(); i++) {
      int before = numberOf(texts.get(i - 1));
      rising += before >= 0 && numberOf(texts.get(i)) == before + 1 ? 1 : 0;
    }
    return rising >= NEARLY_ALL * (texts.size() - 1);
  }

  private static String last(List<String> texts) {
    return texts.isEmpty() ? "" : texts.get(texts.size() - 1);
  }

  private static int numberOf(String text) {
    String bare =
        text.endsWith(".") || text.endsWith(")") ? text.substring(0, text.length() - 1) : text;
    boolean number =
        !bare.isEmpty() && bare.length() <= 4 && bare.chars().allMatch(c -> c >= '0' && c <= '9');
    return number ? Integer.parseInt(bare) : -1;
  }
}
