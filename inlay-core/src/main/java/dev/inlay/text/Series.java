package dev.inlay.text;

import java.math.BigInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Texts that count on: {@code Model 1} and {@code Model 2}, 2019/20 and 2020/21. */
public final class Series {

  private static final Pattern NUMBER = Pattern.compile("\\d+");

  /** Short names of days and months have two to four letters and perhaps a full stop. */
  private static final Pattern SHORT_NAME = Pattern.compile("\\p{L}{2,4}\\.?");

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

  /**
   * Whether two texts may be members of one series, next to each other or not: they differ in their
   * numbers only, as 2101 and 2103, or both are as short as the names of days are.
   */
  public static boolean areOfOneKind(String a, String b) {
    Matcher numbers = NUMBER.matcher(a);
    boolean numbered = numbers.find();
    return numbered
        ? numbers.replaceAll("#").equals(NUMBER.matcher(b).replaceAll("#"))
        : SHORT_NAME.matcher(a).matches() && SHORT_NAME.matcher(b).matches();
  }
}
