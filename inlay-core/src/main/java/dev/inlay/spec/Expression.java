package dev.inlay.spec;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.apache.commons.jexl3.JexlBuilder;
import org.apache.commons.jexl3.JexlEngine;
import org.apache.commons.jexl3.JexlException;
import org.apache.commons.jexl3.JexlExpression;
import org.apache.commons.jexl3.JexlFeatures;
import org.apache.commons.jexl3.JexlScript;
import org.apache.commons.jexl3.MapContext;
import org.apache.commons.jexl3.introspection.JexlPermissions;

/**
 * A calculation or a condition over the fields of a row, as {@code boxes * weight > 100}. Numbers
 * are decimal and exact. It can do nothing but calculate: no methods, classes, loops or files.
 */
public final class Expression {

  /** The engine names nothing but the token at which it stopped. */
  private static final int LONGEST_TOKEN = 3;

  private static final JexlEngine ENGINE =
      new JexlBuilder()
          .features(JexlFeatures.createNone().comparatorNames(true).register(false))
          .permissions(JexlPermissions.NONE)
          .arithmetic(new DecimalArithmetic())
          .strict(true)
          .silent(false)
          .safe(false)
          .create();

  private final String text;
  private final JexlExpression compiled;
  private final List<String> fields;

  private Expression(String text, JexlExpression compiled, List<String> fields) {
    this.text = text;
    this.compiled = compiled;
    this.fields = fields;
  }

  /**
   * Reads an expression.
   *
   * @throws IllegalArgumentException with a message for the person who wrote it
   */
  public static Expression of(String text) {
    try {
      JexlExpression compiled = ENGINE.createExpression(text);
      JexlScript script = (JexlScript) compiled;
      TreeSet<String> fields = new TreeSet<>();
      script.getVariables().forEach(v -> fields.add(String.join(".", v)));
      return new Expression(text, compiled, List.copyOf(fields));
    } catch (JexlException e) {
      throw new IllegalArgumentException("'" + text + "' is no expression: " + cause(e), e);
    }
  }

  private static String cause(JexlException e) {
    if (e.getCause() instanceof ArithmeticException reason) {
      return reason.getMessage();
    }
    String detail = e.getDetail();
    String message = detail == null ? e.getMessage() : detail;
    String plain = message.replaceAll("^.*@\\d+:\\d+ ", "").replaceAll("\\s+", " ").strip();
    return plain.length() <= LONGEST_TOKEN
        ? "something is missing or wrong at '" + plain + "'"
        : plain;
  }

  /** The fields that it speaks of. */
  public List<String> fields() {
    return fields;
  }

  /**
   * Its value.
   *
   * @param values of the fields; a field without a value is null
   * @return a number is a {@link BigDecimal}; null where a field that it needs has no value
   * @throws IllegalArgumentException where it cannot be reckoned, as a text times a number
   */
  public Object evaluate(Map<String, Object> values) {
    if (!asksForMissing() && fields.stream().anyMatch(f -> values.get(f) == null)) {
      return null;
    }
    try {
      Object value = compiled.evaluate(new MapContext(values));
      return value instanceof Number n ? DecimalArithmetic.decimal(n) : value;
    } catch (JexlException e) {
      throw new IllegalArgumentException("'" + text + "' cannot be reckoned: " + cause(e), e);
    } catch (ArithmeticException e) {
      throw new IllegalArgumentException("'" + text + "' cannot be reckoned: " + e.getMessage(), e);
    }
  }

  /**
   * Whether a condition holds; one over a field without a value holds only where it asks for that.
   *
   * @throws IllegalArgumentException where it cannot be reckoned, or is no condition
   */
  public boolean holds(Map<String, Object> values) {
    Object value = evaluate(values);
    if (value == null) {
      return false;
    }
    if (value instanceof Boolean b) {
      return b;
    }
    throw new IllegalArgumentException("'" + text + "' is no condition: it gives " + value);
  }

  /** Whether it asks whether a field has a value at all. */
  private boolean asksForMissing() {
    return text.contains("null") || text.contains("empty");
  }

  @Override
  public String toString() {
    return text;
  }
}
