package dev.inlay.rows;

import dev.inlay.spec.FieldType;
import dev.inlay.spec.ValueFormat;
import dev.inlay.text.NumberFormat;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

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
    return read(raw, null);
  }

  /**
   * Reads a text.
   *
   * @param near the date, month or year near which a day without a year lies; null for none
   * @throws IllegalArgumentException with a message that says why it is no value of the type
   */
  Value read(PrintedText raw, Object near) {
    String printed = raw.text();
    boolean emptyMeansFalse = form.type() == FieldType.BOOLEAN && form.falseWords().contains("");
    if (form.meansNothing(printed) || printed.isBlank() && !emptyMeansFalse) {
      return new Value(null, printed, false, raw.origin());
    }
    String text = meaning(printed);
    if (text.isEmpty()) {
      return new Value(null, printed, false, raw.origin());
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
      default -> content = dates.read(text, near);
    }
    return new Value(content, printed, grouped, raw.origin());
  }

  /** What a text means; one that has no meaning would be a guess. */
  private String meaning(String text) {
    if (form.meanings().isEmpty()) {
      return text;
    }
    String meaning = form.meanings().get(text.strip());
    if (meaning == null) {
      throw new IllegalArgumentException("'" + text + "' stands not under 'means'; add it there");
    }
    return meaning;
  }

  /** The number of a printed sum; empty where it is none: whether it agrees, the checks ask. */
  static Optional<BigDecimal> sum(PrintedText raw, ValueFormat form, NumberFormat numbers) {
    try {
      Object content = new ValueReader(form, numbers).read(raw).content();
      return content instanceof BigDecimal sum ? Optional.of(sum) : Optional.empty();
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
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
