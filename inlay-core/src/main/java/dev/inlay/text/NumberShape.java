package dev.inlay.text;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The parts of a text that has the shape of a number, before it is known what its marks mean.
 *
 * @param negative whether a minus stands in front
 * @param digits all digits before the last mark that is surely decimal, without the group marks
 * @param groupMark what stands between groups of three digits, or 0
 * @param groups how many such marks there are
 * @param decimalMark a point or comma that cannot be a group mark, or 0
 * @param decimals the digits behind it
 */
record NumberShape(
    boolean negative,
    String digits,
    char groupMark,
    int groups,
    char decimalMark,
    String decimals) {

  private static final Pattern SHAPE =
      Pattern.compile(
          "(?<sign>[-\u2212+]?)"
              + "(?<whole>\\d{1,3}(?:(?<group>[.,'’])\\d{3})(?:\\k<group>\\d{3})*|\\d+)"
              + "(?:(?<mark>[.,])(?<decimals>\\d+))?");

  /** The parts of a text, if it is digits with marks between them and at most a sign in front. */
  static Optional<NumberShape> of(String text) {
    Matcher m = SHAPE.matcher(text);
    if (!m.matches() || m.group("mark") != null && m.group("mark").equals(m.group("group"))) {
      return Optional.empty();
    }
    String sign = m.group("sign");
    String whole = m.group("whole");
    char group = m.group("group") == null ? 0 : m.group("group").charAt(0);
    String digits = group == 0 ? whole : whole.replace(Character.toString(group), "");
    char mark = m.group("mark") == null ? 0 : m.group("mark").charAt(0);
    return Optional.of(
        new NumberShape(
            !sign.isEmpty() && !sign.equals("+"),
            digits,
            group,
            whole.length() - digits.length(),
            mark,
            mark == 0 ? "" : m.group("decimals")));
  }

  /** Whether its one mark, with three digits behind it, may part thousands or decimals. */
  boolean isOpen() {
    boolean pointOrComma = groupMark == '.' || groupMark == ',';
    return groups == 1 && decimalMark == 0 && pointOrComma && !digits.startsWith("0");
  }

  /** The decimal mark that the number's writer must use, or 0 where the shape does not tell. */
  char impliedDecimalMark() {
    if (decimalMark != 0) {
      return decimalMark;
    }
    if (groups == 1 && digits.startsWith("0")) {
      return groupMark; // no thousands begin with a zero: 0,125 has decimals
    }
    if (groups > 1 && groupMark != '\'' && groupMark != '’') {
      return groupMark == ',' ? '.' : ',';
    }
    return 0;
  }

  /** Whether it is a whole number of at most three digits without marks. */
  boolean isSmallWhole() {
    return groups == 0 && decimalMark == 0 && digits.length() <= 3;
  }
}
