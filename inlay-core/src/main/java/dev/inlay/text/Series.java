package dev.inlay.text;

import java.math.BigInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Texts that count on: {@code Model 1} and {@code Model 2}, 2019/20 and 2020/21. */
public final class Series {

  private static final Pattern NUMBER = Pattern.compile("\\d+");

  private Series() {}

  /**
   * Whether a text follows another in a series: both say the same but for numbers, of which at
   * least one is one more and the others are the same.
   */
  public static boolean follows(String before, String text) {
    Matcher a = NUMBER.matcher(before);
    Matcher b = NUMBER.matcher(text);
    if (!a.replaceAll("#").equals(b.replaceAll("#"))) {
      return false;
    }
    a.reset();
    b.reset();
    boolean rises = false;
    while (a.find() && b.find()) {
      BigInteger rise = new BigInteger(b.group()).subtract(new BigInteger(a.group()));
      if (rise.signum() != 0 && !rise.equals(BigInteger.ONE)) {
        return false;
      }
      rises |= rise.signum() > 0;
    }
    return rises;
  }
}
