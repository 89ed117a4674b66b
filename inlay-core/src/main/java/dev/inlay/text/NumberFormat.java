package dev.inlay.text;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * How a table writes its numbers: which mark parts the decimals and which the thousands.
 *
 * <p>{@code 1,204} is a thousand and more in one country and little more than one in another. The
 * form is therefore known from all texts of the table, and where they leave it open, a text that
 * could be either is no number at all: a text that stays text does no harm, a wrong number does.
 */
public enum NumberFormat {
  /** Decimals behind a point, thousands set off by a comma or an apostrophe. */
  POINT('.', ','),
  /** Decimals behind a comma, thousands set off by a point or an apostrophe. */
  COMMA(',', '.'),
  /** Nothing tells: only numbers that read the same either way are numbers. */
  OPEN('\0', '\0');

  /** A sheet holds 15 digits of a number; longer ones are codes, or would lose their end. */
  private static final int MOST_DIGITS = 15;

  private final char decimalMark;
  private final char groupMark;

  NumberFormat(char decimalMark, char groupMark) {
    this.decimalMark = decimalMark;
    this.groupMark = groupMark;
  }

  /**
   * The form that columns agree on; {@link #OPEN} where they say nothing or contradict each other.
   *
   * @param columns the texts of each column
   */
  public static NumberFormat of(Collection<List<String>> columns) {
    boolean point = false;
    boolean comma = false;
    for (List<String> column : columns) {
      List<NumberShape> shapes =
          column.stream().map(NumberShape::of).flatMap(Optional::stream).toList();
      for (NumberShape shape : shapes) {
        point |= shape.impliedDecimalMark() == '.';
        comma |= shape.impliedDecimalMark() == ',';
      }
      point |= groupsThousands(shapes, ',');
      comma |= groupsThousands(shapes, '.');
    }
    if (point == comma) {
      return OPEN;
    }
    return point ? POINT : COMMA;
  }

  /**
   * Whether a column shows that the mark sets off thousands: every number from a thousand on has it
   * and no smaller one does. Decimals would be printed to small numbers as to large ones.
   */
  private static boolean groupsThousands(List<NumberShape> column, char mark) {
    boolean allFit =
        column.stream().allMatch(s -> s.isSmallWhole() || s.isOpen() && s.groupMark() == mark);
    return allFit
        && column.stream().anyMatch(NumberShape::isSmallWhole)
        && column.stream().anyMatch(NumberShape::isOpen);
  }

  /** The mark that parts decimals; empty where it is not known. */
  public Optional<Character> decimalMark() {
    return this == OPEN ? Optional.empty() : Optional.of(decimalMark);
  }

  /** This form, or the other where this one is {@link #OPEN}. */
  public NumberFormat or(NumberFormat other) {
    return this == OPEN ? other : this;
  }

  /**
   * Reads a text that is a plain number: digits, thousands set off, decimals, a sign in front.
   *
   * @return empty for anything else, for codes with leading zeros, for more digits than a sheet
   *     holds, and for what the form leaves open
   */
  public Optional<PlainNumber> read(String text) {
    return NumberShape.of(text).flatMap(this::value);
  }

  private Optional<PlainNumber> value(NumberShape shape) {
    String whole = shape.digits();
    String decimals = shape.decimals();
    boolean grouped = shape.groups() > 0;
    boolean oneMark = shape.groups() == 1 && shape.decimalMark() == 0;
    if (oneMark && shape.groupMark() == meantAsDecimal(shape)) {
      decimals = whole.substring(whole.length() - 3);
      whole = whole.substring(0, whole.length() - 3);
      grouped = false;
    } else if (!fits(shape)) {
      return Optional.empty();
    }
    boolean code = whole.length() > 1 && whole.charAt(0) == '0';
    if (code || whole.length() + decimals.length() > MOST_DIGITS) {
      return Optional.empty();
    }
    String sign = shape.negative() ? "-" : "";
    String point = decimals.isEmpty() ? "" : ".";
    return Optional.of(new PlainNumber(new BigDecimal(sign + whole + point + decimals), grouped));
  }

  /**
   * The mark that parts decimals in this form; where it is open, the one that the shape implies.
   */
  private char meantAsDecimal(NumberShape shape) {
    return this == OPEN ? shape.impliedDecimalMark() : decimalMark;
  }

  private boolean fits(NumberShape shape) {
    char meant = meantAsDecimal(shape);
    boolean decimalFits = shape.decimalMark() == 0 || shape.decimalMark() == meant;
    char group = shape.groupMark();
    boolean apostrophe = group == '\'' || group == '’';
    boolean groupFits =
        shape.groups() == 0
            || apostrophe
            || group == groupMark
            || this == OPEN && !shape.isOpen() && group != meant;
    return decimalFits && groupFits;
  }

  /** Whether a text has the shape of a number, whatever its marks mean. */
  public static boolean looksNumeric(String text) {
    return NumberShape.of(text).isPresent();
  }
}
