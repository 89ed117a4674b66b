package dev.inlay.text;

import java.util.Locale;
import java.util.Set;

/** What a short text looks like to a reader who does not know what it means. */
public enum TextShape {
  /** Nothing is printed. */
  EMPTY,
  /** Digits with the marks of numbers: signs, separators, brackets, a currency, a footnote mark. */
  NUMBER,
  /** A number with a percent sign. */
  PERCENT,
  /** A day, a month with its year, or a quarter. */
  DATE,
  /** Hours and minutes. */
  TIME,
  /** Letters and digits in one word. */
  CODE,
  /** A sign that stands for a missing value, a tick, or leader dots. */
  MARK,
  /** A unit of measure: a percent sign, a currency, a few letters, or what stands in brackets. */
  UNIT,
  /** Anything else. */
  WORDS;

  /** Longer texts are no units, unless they stand in brackets. */
  private static final int LONGEST_UNIT = 5;

  /** What stands where there is no value, or where there is a tick. */
  private static final Set<String> MISSING =
      Set.of("n/a", "n.a.", "n.a", "na", "n/d", "s.o.", "k.a.", "o.a.", "nd", "x");

  /** Up to this many letters beside the digits of a number are a currency, a unit or a mark. */
  private static final int LETTERS_IN_NUMBER = 3;

  private static final String NUMBER_MARKS = ".,'’ʼ+-−–—()%/:±*†‡§<>≈~$€£¥¢ ";

  private static final String UNIT_SIGNS = "%‰°/€$£¥µ²³";

  /** Whether the text is a quantity: a number or a percentage. */
  public boolean isQuantity() {
    return this == NUMBER || this == PERCENT;
  }

  /** Whether the text is data rather than a name: a quantity, a date, a time or a mark. */
  public boolean isValue() {
    return isQuantity() || this == DATE || this == TIME || this == MARK;
  }

  /** The shape of a text. */
  public static TextShape of(String text) {
    int digits = 0;
    int letters = 0;
    int marks = 0;
    int others = 0;
    int spaces = 0;
    boolean percent = false;
    int colons = 0;
    int slashes = 0;
    int dots = 0;
    int dashes = 0;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (Character.isDigit(c)) {
        digits++;
      } else if (Character.isLetter(c)) {
        letters++;
      } else if (Character.isWhitespace(c) || Character.isSpaceChar(c)) {
        spaces++;
      } else if (NUMBER_MARKS.indexOf(c) >= 0) {
        marks++;
        percent |= c == '%';
        colons += c == ':' ? 1 : 0;
        slashes += c == '/' ? 1 : 0;
        dots += c == '.' ? 1 : 0;
        dashes += c == '-' || c == '–' ? 1 : 0;
      } else {
        others++;
      }
    }
    int all = digits + letters + marks + others;
    if (all == 0) {
      return EMPTY;
    }
    if (digits == 0) {
      return withoutDigits(text, letters, marks, others, spaces);
    }
    if (isDate(text, digits, letters, slashes, dots, dashes, spaces)) {
      return DATE;
    }
    if (colons == 1 && letters == 0 && digits <= 4 && digits + 1 == all) {
      return TIME;
    }
    boolean mostlyDigits = digits >= letters && letters <= LETTERS_IN_NUMBER;
    if (letters == 0 || mostlyDigits && (spaces > 0 || endsInLetters(text))) {
      return percent ? PERCENT : NUMBER;
    }
    return spaces == 0 ? CODE : WORDS;
  }

  private static TextShape withoutDigits(
      String text, int letters, int marks, int others, int spaces) {
    if (letters == 0) {
      boolean unit = text.strip().length() <= 2 && hasOneOf(UNIT_SIGNS, text) && others + marks > 0;
      return unit && !text.strip().equals("/") ? UNIT : text.length() <= 8 ? MARK : WORDS;
    }
    String bare = text.strip();
    if (MISSING.contains(bare.toLowerCase(Locale.ROOT))) {
      return MARK;
    }
    boolean bracketed = bare.startsWith("(") && bare.endsWith(")");
    if (bracketed || bare.length() <= LONGEST_UNIT && spaces == 0 && isUnitLike(bare)) {
      return UNIT;
    }
    return WORDS;
  }

  private static boolean isUnitLike(String text) {
    return hasOneOf(UNIT_SIGNS, text) || Character.isLowerCase(text.charAt(0));
  }

  private static boolean hasOneOf(String signs, String text) {
    for (int i = 0; i < text.length(); i++) {
      if (signs.indexOf(text.charAt(i)) >= 0) {
        return true;
      }
    }
    return false;
  }

  /** Whether the letters stand behind the digits, as a unit or a footnote mark does. */
  private static boolean endsInLetters(String text) {
    boolean letterSeen = false;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (Character.isLetter(c)) {
        letterSeen = true;
      } else if (Character.isDigit(c) && letterSeen) {
        return false;
      }
    }
    return letterSeen && Character.isDigit(text.charAt(0));
  }

  private static boolean isDate(
      String text, int digits, int letters, int slashes, int dots, int dashes, int spaces) {
    boolean numeric = letters == 0 && digits >= 3 && digits <= 8 && spaces == 0;
    if (numeric && (slashes == 2 || dots == 2 && digits >= 4 && digits != 7 || dashes == 2)) {
      return Character.isDigit(text.charAt(0));
    }
    boolean year = digits >= 4 && digits <= 6 && letters >= 3 && letters <= 10 && spaces <= 2;
    boolean quarter = letters == 1 && digits == 5 && (text.contains("Q") || text.contains("T"));
    return quarter || year && spaces >= 1 && hasYear(text);
  }

  private static boolean hasYear(String text) {
    int run = 0;
    for (int i = 0; i <= text.length(); i++) {
      if (i < text.length() && Character.isDigit(text.charAt(i))) {
        run++;
      } else {
        if (run == 4 && (text.charAt(i - 4) == '1' || text.charAt(i - 4) == '2')) {
          return true;
        }
        run = 0;
      }
    }
    return false;
  }

  /** Whether a text is a year, or two years as of a season or a budget. */
  public static boolean isYear(String text) {
    String bare = text.strip();
    if (bare.length() < 4 || bare.length() > 9) {
      return false;
    }
    boolean century = bare.startsWith("19") || bare.startsWith("20");
    for (int i = 0; i < bare.length(); i++) {
      char c = bare.charAt(i);
      boolean year = i < 4 ? Character.isDigit(c) : Character.isDigit(c) || "/–-*".indexOf(c) >= 0;
      if (!year) {
        return false;
      }
    }
    return century && (bare.length() == 4 || !Character.isDigit(bare.charAt(4)));
  }
}
