package dev.inlay.rows;

import dev.inlay.spec.FieldType;
import dev.inlay.spec.ValueFormat;
import dev.inlay.text.NumberFormat;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;

/** Reads the texts of one field of one file as values of its type. */
final class ValueReader {

  private static final List<String> USUALLY_TRUE = List.of("yes", "true", "x", "✓", "✔");
  private static final List<String> USUALLY_FALSE = List.of("no", "false");
  private static final int PERCENT_DIGITS = 2;

  private final ValueFormat form;
  private final NumberFormat numbers;
  private final DateText dates;

  /**
   * Prepares a reader.
   *
   * @param numbers how the file writes numbers in the field, where the form does not say
   */
  ValueReader(ValueFormat form, NumberFormat numbers) {
    this.form = form;
    this.numbers = numbers;
    boolean dated =
        form.type() == FieldType.DATE
            || form.type() == FieldType.YEARMONTH
            || form.type() == FieldType.YEAR;
    dates = dated ? new DateText(form) : null;
  }

  /**
   * Reads a text.
   *
   * @throws IllegalArgumentException with a message that says why it is no value of the type
   */
  Value read(PrintedText raw) {
    String text = raw.text();
    boolean emptyMeansFalse = form.type() == FieldType.BOOLEAN && form.falseWords().contains("");
    if (form.nothing().contains(text.strip()) || text.isBlank() && !emptyMeansFalse) {
      return new Value(null, text, false, raw.origin());
    }
    boolean grouped = false;
    Object content;
    switch (form.type()) {
      case STRING -> content = text;
      case INTEGER, NUMBER, PERCENT -> {
        NumberText number = NumberText.read(text, form, numbers);
        content = number(number, text);
        grouped = number.grouped();
      }
      case BOOLEAN -> content = truth(text.strip());
      default -> content = dates.read(text);
    }
    return new Value(content, text, grouped, raw.origin());
  }

  private BigDecimal number(NumberText number, String text) {
    BigDecimal value = number.value();
    if (form.type() == FieldType.PERCENT) {
      return value.scaleByPowerOfTen(-PERCENT_DIGITS);
    }
    if (form.type() == FieldType.INTEGER && value.stripTrailingZeros().scale() > 0) {
      throw NumberText.notA("whole number", text);
    }
    return form.type() == FieldType.INTEGER ? value.setScale(0) : value;
  }

  private Boolean truth(String text) {
    if (isOne(text, form.trueWords().isEmpty() ? USUALLY_TRUE : form.trueWords())) {
      return true;
    }
    if (isOne(text, form.falseWords().isEmpty() ? USUALLY_FALSE : form.falseWords())) {
      return false;
    }
    throw new IllegalArgumentException(
        "'" + text + "' is neither true nor false; name it under 'true' or 'false'");
  }

  private static boolean isOne(String text, List<String> words) {
    String lower = text.toLowerCase(Locale.ROOT);
    return words.stream().anyMatch(w -> w.toLowerCase(Locale.ROOT).equals(lower));
  }
}
