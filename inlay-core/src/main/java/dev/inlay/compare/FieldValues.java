package dev.inlay.compare;

import dev.inlay.text.Amounts;
import dev.inlay.text.NumberFormat;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What the texts of a field are: numbers where nearly all are, then days where nearly all are, else
 * texts. Codes with zeros before them are texts.
 */
final class FieldValues {

  /** A few texts among numbers, as "n/a", leave the others numbers. */
  private static final double NEARLY_ALL = 0.9;

  private static final Pattern PLAIN = Pattern.compile("[-+]?\\d+(\\.\\d+)?([eE][-+]?\\d+)?");
  private static final Pattern CODE = Pattern.compile("0\\d+");
  private static final Pattern ISO_DAY = Pattern.compile("(\\d{4})-(\\d\\d)-(\\d\\d)");
  private static final Pattern POINTED_DAY =
      Pattern.compile("(\\d{1,2})\\.\\s?(\\d{1,2})\\.\\s?(\\d{4})");

  private final List<String> texts;
  private final List<Object> values = new ArrayList<>();
  private final boolean numeric;

  FieldValues(List<String> texts) {
    this.texts = texts;
    NumberFormat format = NumberFormat.of(List.of(texts));
    List<BigDecimal> numbers = texts.stream().map(t -> number(t, format)).toList();
    List<LocalDate> days = texts.stream().map(FieldValues::day).toList();
    numeric = areMostly(numbers);
    List<?> typed = numeric ? numbers : areMostly(days) ? days : texts;
    for (int i = 0; i < texts.size(); i++) {
      values.add(typed.get(i) == null ? texts.get(i).strip() : typed.get(i));
    }
  }

  /** Whether nearly all texts that are there have a value, and any is there. */
  private boolean areMostly(List<?> typed) {
    int all = 0;
    int found = 0;
    for (int i = 0; i < texts.size(); i++) {
      all += texts.get(i).isBlank() ? 0 : 1;
      found += typed.get(i) == null ? 0 : 1;
    }
    return found > 0 && found >= NEARLY_ALL * all;
  }

  boolean isNumeric() {
    return numeric;
  }

  /** What the numbers add up to. */
  BigDecimal sum() {
    return values.stream()
        .filter(BigDecimal.class::isInstance)
        .map(BigDecimal.class::cast)
        .reduce(BigDecimal.ZERO, BigDecimal::add);
  }

  /** A number, a day or a text; an empty text where there is nothing. */
  Object value(int row) {
    return values.get(row);
  }

  private static BigDecimal number(String text, NumberFormat format) {
    String bare = text.strip();
    if (CODE.matcher(bare).matches()) {
      return null;
    }
    return PLAIN.matcher(bare).matches()
        ? new BigDecimal(bare).stripTrailingZeros()
        : Amounts.read(bare, format).map(BigDecimal::stripTrailingZeros).orElse(null);
  }

  private static LocalDate day(String text) {
    Matcher iso = ISO_DAY.matcher(text.strip());
    Matcher pointed = POINTED_DAY.matcher(text.strip());
    Optional<LocalDate> day = Optional.empty();
    if (iso.matches()) {
      day = day(iso.group(1), iso.group(2), iso.group(3));
    } else if (pointed.matches()) {
      day = day(pointed.group(3), pointed.group(2), pointed.group(1));
    }
    return day.orElse(null);
  }

  private static Optional<LocalDate> day(String year, String month, String dayOfMonth) {
    try {
      return Optional.of(
          LocalDate.of(
              Integer.parseInt(year), Integer.parseInt(month), Integer.parseInt(dayOfMonth)));
    } catch (DateTimeException e) {
      return Optional.empty(); // a 31st of February is a text
    }
  }
}
