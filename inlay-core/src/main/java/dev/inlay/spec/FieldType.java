package dev.inlay.spec;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The type of a field, by the words of the open Table Schema standard. */
public enum FieldType {
  /** A text; codes keep their zeros. */
  STRING,
  /** A whole number. */
  INTEGER,
  /** A number with the decimals printed. */
  NUMBER,
  /** A share: {@code 12 %} is 0.12. */
  PERCENT,
  /** A day. */
  DATE,
  /** A month of a year, never made into a day. */
  YEARMONTH,
  /** A year. */
  YEAR,
  /** True or false. */
  BOOLEAN;

  /** The word for it in specs. */
  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** The word for it in a Table Schema, which knows no shares. */
  public String schemaWord() {
    return this == PERCENT ? NUMBER.word() : word();
  }

  /** Whether its values are numbers. */
  public boolean isNumeric() {
    return this == INTEGER || this == NUMBER || this == PERCENT;
  }

  static Optional<FieldType> ofWord(String word) {
    return Arrays.stream(values()).filter(t -> t.word().equals(word)).findFirst();
  }

  static List<String> words() {
    return Arrays.stream(values()).map(FieldType::word).toList();
  }
}
