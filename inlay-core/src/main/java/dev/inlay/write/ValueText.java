package dev.inlay.write;

import java.math.BigDecimal;

/** Values as texts in files: the same value gives the same text everywhere. */
final class ValueText {

  private ValueText() {}

  /** Decimals with a point and the digits printed, days and months after ISO 8601. */
  static String of(Object content) {
    if (content == null) {
      return "";
    }
    return content instanceof BigDecimal number ? number.toPlainString() : content.toString();
  }
}
