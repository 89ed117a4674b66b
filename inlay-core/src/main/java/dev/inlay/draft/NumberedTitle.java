package dev.inlay.draft;

import java.util.regex.Pattern;

/** Titles with the number that the report gives to their table, as "Table 3: Dues". */
final class NumberedTitle {

  /** A word with a number or one capital letter, or a section's number, and what may end it. */
  private static final Pattern NUMBER =
      Pattern.compile(
          "^(\\p{L}+\\s+(\\d+(\\.\\d+)*|\\p{Lu})[.:]|\\p{L}+\\s+\\d+|\\d+(\\.\\d+)*[.:)]?)\\s+");

  private NumberedTitle() {}

  /** Whether words follow such a number. */
  static boolean isNumbered(String title) {
    return !withoutNumber(title).equals(title);
  }

  /** The words behind the number; the whole title where it has none. */
  static String withoutNumber(String title) {
    String words = NUMBER.matcher(title).replaceFirst("");
    return words.codePoints().anyMatch(Character::isLetter) ? words : title;
  }
}
