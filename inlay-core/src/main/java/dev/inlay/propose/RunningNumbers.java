package dev.inlay.propose;

import java.util.List;

/** Texts that count on by one, as the numbers of rows do. */
final class RunningNumbers {

  private static final int LEAST_RECORDS = 4;

  /** Two records suffice where the numbers count all of them from 1 on. */
  private static final int LEAST_FROM_ONE = 2;

  /** Of the numbers this share is one more than the one before. */
  private static final double NEARLY_ALL = 0.9;

  private RunningNumbers() {}

  /** Whether texts count on by one: such a column has its own place, however near the next is. */
  static boolean are(List<String> texts) {
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

  private static int numberOf(String text) {
    String bare =
        text.endsWith(".") || text.endsWith(")") ? text.substring(0, text.length() - 1) : text;
    boolean number =
        !bare.isEmpty() && bare.length() <= 4 && bare.chars().allMatch(c -> c >= '0' && c <= '9');
    return number ? Integer.parseInt(bare) : -1;
  }
}
