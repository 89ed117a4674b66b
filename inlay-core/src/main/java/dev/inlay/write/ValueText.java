package dev.inlay.write;

import java.math.BigDecimal;

/** Values as texts in files: the same value gives the same text everywhere. */
final class ValueText {

  /** Sheets and databases keep numbers in binary, which hold this many digits. */
  private static final int MOST_DIGITS = 15;

  private ValueText() {}

  /** Whether a binary number keeps all digits of a decimal. */
  static boolean fitsBinary(BigDecimal number) {
    return number.precision() <= MOST_DIGITS;
  }

  /** Decimals with a point and the digits printed, days and months after ISO 8601. */
  static String of(Object content) {
    if (content == null) {
      return "";
    }
    return content instanceof BigDecimal number ? number.toPlainString() : content.toString();
  }
}
