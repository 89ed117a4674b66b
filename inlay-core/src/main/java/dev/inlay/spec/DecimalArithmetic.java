package dev.inlay.spec;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import org.apache.commons.jexl3.JexlArithmetic;

/** Decimal arithmetic for expressions: exact, and to 34 digits where a division has no end. */
final class DecimalArithmetic extends JexlArithmetic {

  DecimalArithmetic() {
    super(true, MathContext.DECIMAL128, Integer.MIN_VALUE);
  }

  /** A number of any kind as a decimal; one written {@code 0.1} is a tenth exactly. */
  static BigDecimal decimal(Number n) {
    if (n instanceof BigDecimal d) {
      return d;
    }
    return n instanceof BigInteger i ? new BigDecimal(i) : new BigDecimal(n.toString());
  }

  @Override
  public Object add(Object left, Object right) {
    return left instanceof Number a && right instanceof Number b
        ? decimal(a).add(decimal(b))
        : super.add(left, right);
  }

  @Override
  public Object subtract(Object left, Object right) {
    return decimal(left).subtract(decimal(right));
  }

  @Override
  public Object multiply(Object left, Object right) {
    return decimal(left).multiply(decimal(right));
  }

  @Override
  public Object divide(Object left, Object right) {
    BigDecimal by = decimal(right);
    if (by.signum() == 0) {
      throw new ArithmeticException("division by zero");
    }
    return decimal(left).divide(by, MathContext.DECIMAL128);
  }

  private static BigDecimal decimal(Object value) {
    if (value instanceof Number n) {
      return decimal(n);
    }
    throw new ArithmeticException(
        "'" + value + "' is not a valid number; give its field type: number, or leave it out");
  }
}
