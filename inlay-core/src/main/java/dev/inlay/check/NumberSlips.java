package dev.inlay.check;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** The numbers that a number becomes by one slip of the pen. */
final class NumberSlips {

  private static final int MOST_SHIFT = 3;

  /**
   * A number after a slip is mended.
   *
   * @param value the number
   * @param words what the slip was
   */
  record Slip(BigDecimal value, String words) {}

  private NumberSlips() {}

  /** All of them, the likelier first. */
  static List<Slip> of(BigDecimal number) {
    List<Slip> slips = new ArrayList<>();
    Set<BigDecimal> seen = new LinkedHashSet<>(Set.of(number));
    if (number.signum() != 0 && seen.add(number.negate())) {
      slips.add(new Slip(number.negate(), "its sign is turned round"));
    }
    char[] digits = number.unscaledValue().abs().toString().toCharArray();
    for (int i = 0; i + 1 < digits.length; i++) {
      char[] swapped = digits.clone();
      swapped[i] = digits[i + 1];
      swapped[i + 1] = digits[i];
      BigDecimal value = new BigDecimal(new BigInteger(new String(swapped)), number.scale());
      value = number.signum() < 0 ? value.negate() : value;
      if (seen.add(value)) {
        slips.add(new Slip(value, "two digits are exchanged"));
      }
    }
    for (int shift = 1; shift <= MOST_SHIFT; shift++) {
      for (int way : new int[] {shift, -shift}) {
        BigDecimal shifted = number.scaleByPowerOfTen(way).stripTrailingZeros();
        BigDecimal value = shifted.setScale(Math.max(shifted.scale(), number.scale()));
        if (number.signum() != 0 && seen.add(value)) {
          slips.add(new Slip(value, "its decimal mark is shifted"));
        }
      }
    }
    return slips;
  }
}
