package dev.inlay.text;

import java.math.BigDecimal;

/**
 * A text that is a number and nothing else.
 *
 * @param value its exact value, with the decimals printed
 * @param grouped whether the thousands are set off
 */
public record PlainNumber(BigDecimal value, boolean grouped) {

  /** How many decimals are printed. */
  public int decimals() {
    return value.scale();
  }
}
