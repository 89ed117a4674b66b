package dev.inlay.geom;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A place or length on a page as a person writes it: {@code 120}, {@code 42.3mm}, {@code 1.5in} or
 * {@code 50%} of the page.
 *
 * @param value how many of the unit
 * @param unit of what
 */
public record Length(double value, Unit unit) {

  private static final Pattern WRITTEN =
      Pattern.compile("([+-]?\\d{1,6}(?:\\.\\d{1,6})?)\\s*(pt|mm|cm|in|%)?");

  private static final int EDGES = 4;

  /** A hundred per cent. */
  private static final double WHOLE = 100;

  /** A unit of length. */
  public enum Unit {
    /** A 72nd of an inch, as PDF counts. */
    PT("pt", 1),
    /** Millimetres. */
    MM("mm", 72 / 25.4),
    /** Centimetres. */
    CM("cm", 720 / 25.4),
    /** Inches. */
    IN("in", 72),
    /** Hundredths of the page's width or height. */
    PERCENT("%", Double.NaN);

    private final String sign;
    private final double points;

    Unit(String sign, double points) {
      this.sign = sign;
      this.points = points;
    }

    /** As it is written. */
    public String sign() {
      return sign;
    }

    /**
     * The unit written so.
     *
     * @throws IllegalArgumentException with a message for the person who wrote it
     */
    public static Unit ofSign(String sign) {
      for (Unit unit : values()) {
        if (unit.sign.equals(sign.toLowerCase(Locale.ROOT))) {
          return unit;
        }
      }
      throw new IllegalArgumentException("'" + sign + "' is no unit; use pt, mm, cm, in or %");
    }

    /**
     * How many of this unit a length has.
     *
     * @param points the length, in points
     * @param whole the page's width or height, in points
     */
    public double of(double points, double whole) {
      return this == PERCENT ? 100 * points / whole : points / this.points;
    }
  }

  /**
   * Reads a length; without a unit it is in points.
   *
   * @throws IllegalArgumentException with a message for the person who wrote it
   */
  public static Length parse(String text) {
    Matcher matcher = WRITTEN.matcher(text.strip().toLowerCase(Locale.ROOT));
    if (!matcher.matches()) {
      throw new IllegalArgumentException(
          "'" + text.strip() + "' is no length; write for example 120, 42.3mm, 1.5in or 50%");
    }
    Unit unit = matcher.group(2) == null ? Unit.PT : Unit.ofSign(matcher.group(2));
    return new Length(Double.parseDouble(matcher.group(1)), unit);
  }

  /**
   * Reads a frame: left, top, right and bottom with commas between them.
   *
   * @throws IllegalArgumentException with a message for the person who wrote it
   */
  public static List<Length> parseFrame(String text) {
    List<Length> edges = parseAll(text);
    if (edges.size() != EDGES) {
      throw new IllegalArgumentException(
          "4 edges are needed (left, top, right, bottom), not " + edges.size());
    }
    checkOrder(edges.get(0), edges.get(2), "left", "right");
    checkOrder(edges.get(1), edges.get(3), "top", "bottom");
    return edges;
  }

  private static void checkOrder(Length low, Length high, String lowName, String highName) {
    if (low.unit == high.unit && low.value >= high.value) {
      throw new IllegalArgumentException(
          "its "
              + lowName
              + " edge ("
              + low
              + ") must come before its "
              + highName
              + " edge ("
              + high
              + ")");
    }
  }

  /**
   * Reads places of gutters: from left to right, with commas between them.
   *
   * @throws IllegalArgumentException with a message for the person who wrote it
   */
  public static List<Length> parseGutters(String text) {
    List<Length> gutters = parseAll(text);
    for (int i = 0; i < gutters.size(); i++) {
      Length gutter = gutters.get(i);
      if (gutter.value <= 0 || gutter.unit == Unit.PERCENT && gutter.value >= WHOLE) {
        throw new IllegalArgumentException("a gutter at " + gutter + " lies beside the page");
      }
      Length before = i == 0 ? gutter : gutters.get(i - 1);
      if (i > 0 && before.unit == gutter.unit && before.value >= gutter.value) {
        throw new IllegalArgumentException(
            "gutters go from left to right; " + gutter + " stands behind " + before);
      }
    }
    return gutters;
  }

  /**
   * Reads lengths with commas between them.
   *
   * @throws IllegalArgumentException with a message for the person who wrote it
   */
  private static List<Length> parseAll(String text) {
    List<Length> lengths = new ArrayList<>();
    for (String part : text.split(",", -1)) {
      lengths.add(Length.parse(part));
    }
    return lengths;
  }

  /**
   * The length in points.
   *
   * @param whole the page's width or height, in points
   */
  public double points(double whole) {
    return unit == Unit.PERCENT ? value / 100 * whole : value * unit.points;
  }

  @Override
  public String toString() {
    return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString() + unit.sign;
  }
}
