package dev.inlay.propose;

import java.util.regex.Pattern;

/** Distinguishes texts that are mostly figures (amounts, counts, shares, dates) from words. */
public final class NumericTexts {

  /** In a figure at least this share of the characters are digits and the marks between them. */
  private static final double FIGURE_SHARE = 0.7;

  private static final String MARKS = ".,'’+-−–()%/:$€£¥";

  private static final Pattern SHORT_NUMBER = Pattern.compile("\\(?\\d{1,4}\\)?");

  private NumericTexts() {}

  /** Whether a text is mostly digits and the marks that stand between them. */
  public static boolean isFigure(String text) {
    int digits = 0;
    int marks = 0;
    int all = 0;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (Character.isWhitespace(c) || Character.isSpaceChar(c)) {
        continue;
      }
      all++;
      if (Character.isDigit(c)) {
        digits++;
      } else if (MARKS.indexOf(c) >= 0) {
        marks++;
      }
    }
    return digits > 0 && digits + marks >= FIGURE_SHARE * all;
  }

  /** Whether a text is a year or a small number, which names a column as well as it fills one. */
  public static boolean isShortNumber(String text) {
    return SHORT_NUMBER.matcher(text).matches();
  }
}
