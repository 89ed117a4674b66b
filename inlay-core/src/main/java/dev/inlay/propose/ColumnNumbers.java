package dev.inlay.propose;

import java.util.List;
import java.util.regex.Pattern;

/**
 * A line of a header that numbers the columns, as {@code (1) (2) (3)}: it is a row of its own and
 * no part of the headings above it.
 */
final class ColumnNumbers {

  /** A bare number or one in brackets. */
  private static final Pattern NUMBER = Pattern.compile("\\d{1,2}|\\(\\d{1,2}\\)|\\[\\d{1,2}\\]");

  private ColumnNumbers() {}

  /**
   * Whether a line's headings number the columns: one stands over each, and they count from 1.
   *
   * @param headings of the line, from left to right
   * @param columns how many the table has
   */
  static boolean are(List<Heading> headings, int columns) {
    if (headings.size() != columns || columns < 2) {
      return false;
    }
    for (int c = 0; c < columns; c++) {
      Heading heading = headings.get(c);
      String text = heading.text();
      if (heading.first() != c
          || heading.last() != c
          || !NUMBER.matcher(text).matches()
          || Integer.parseInt(text.replaceAll("\\D", "")) != c + 1) {
        return false;
      }
    }
    return true;
  }
}
