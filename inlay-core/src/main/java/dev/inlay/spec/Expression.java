package dev.inlay.spec;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
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

  /** Signs that the engine knows and a spec does not: they would mean something else than meant. */
  private static final Pattern OTHER_SIGN = Pattern.compile(">>|<<|[&|^~?]|(?<![=!<>])=(?!=)");

  /** A text in quotes, or a name. */
  private static final Pattern QUOTED_OR_NAME =
      Pattern.compile("'[^']*'|\"[^\"]*\"|[\\p{L}_][\\p{L}\\p{N}_]*");

  private static final Pattern ASKS_FOR_MISSING =
      Pattern.compile("\\bnull\\b|\\bempty\\b|\\bif\\s*\\(|\\bzero\\s*\\(");

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

  /** Whether it asks whether a field has a value at all. */
  private final boolean asksForMissing;

  /** The fields whose names the engine does not take, by the names that it gets for them. */
  private final Map<String, String> aliases;

  private Expression(
      String text, JexlExpression compiled, List<String> fields, Map<String, String> aliases) {
    this.text = text;
    this.compiled = compiled;
    this.fields = fields;
    this.aliases = aliases;
    asksForMissing = ASKS_FOR_MISSING.matcher(text).find();
  }

  /**
   * Reads an expression.
   *
   * @throws IllegalArgumentException with a message for the person who wrote it
   */
  public static Expression of(String text) {
    Matcher other = OTHER_SIGN.matcher(text.replaceAll("'[^']*'|\"[^\"]*\"", "''"));
    if (other.find()) {
      throw new IllegalArgumentException(
          "'" + text + "' is no expression: '" + other.group() + "' means nothing in it");
    }
    String written = ExpressionWords.writtenOut(text);
    Map<String, String> aliases = new HashMap<>();
    try {
      JexlExpression compiled = ENGINE.createExpression(withPlainNames(written, aliases));
      JexlScript script = (JexlScript) compiled;
      TreeSet<String> fields = new TreeSet<>();
      script
          .getVariables()
          .forEach(
              v -> {
                String name = String.join(".", v);
                fields.add(aliases.getOrDefault(name, name));
              });
      return new Expression(text, compiled, List.copyOf(fields), Map.copyOf(aliases));
    } catch (JexlException e) {
      throw new IllegalArgumentException("'" + text + "' is no expression: " + cause(e), e);
    }
  }

  /** The engine takes names of plain letters only: others get one. */
  private static String withPlainNames(String text, Map<String, String> aliases) {
    return QUOTED_OR_NAME
        .matcher(text)
        .replaceAll(
            m -> {
              String name = m.group();
              boolean plain = name.chars().allMatch(c -> c < 128);
              if (plain || name.startsWith("'") || name.startsWith("\"")) {
                return Matcher.quoteReplacement(name);
              }
              StringBuilder alias = new StringBuilder("field");
              name.codePoints().forEach(c -> alias.append('_').append(Integer.toHexString(c)));
              aliases.put(alias.toString(), name);
              return alias.toString();
            });
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
   * @throws IllegalArgumentException where it cannot be calculated, as a text times a number
   */
  public Object evaluate(Map<String, Object> values) {
    if (!asksForMissing && lacksValue(values)) {
      return null;
    }
    try {
      Object value = compiled.evaluate(new MapContext(named(values)));
      return value instanceof Number n ? DecimalArithmetic.decimal(n) : value;
    } catch (JexlException e) {
      if (lacksValue(values)) {
        return null;
      }
      throw new IllegalArgumentException("'" + text + "' cannot be calculated: " + cause(e), e);
    } catch (ArithmeticException e) {
      if (lacksValue(values)) {
        return null;
      }
      throw new IllegalArgumentException(
          "'" + text + "' cannot be calculated: " + e.getMessage(), e);
    }
  }

  private boolean lacksValue(Map<String, Object> values) {
    return fields.stream().anyMatch(f -> values.get(f) == null);
  }

  private Map<String, Object> named(Map<String, Object> values) {
    if (aliases.isEmpty()) {
      return values;
    }
    Map<String, Object> named = new HashMap<>(values);
    aliases.forEach((alias, field) -> named.put(alias, values.get(field)));
    return named;
  }

  /**
   * Whether a condition holds; one over a field without a value holds only where it asks for that.
   *
   * @throws IllegalArgumentException where it cannot be calculated, or is no condition
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

  @Override
  public String toString() {
    return text;
  }
}
