package dev.inlay.rows;

import dev.inlay.spec.FieldType;
import dev.inlay.spec.ValueFormat;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Year;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.ResolverStyle;
import java.time.temporal.TemporalAccessor;
import java.time.temporal.TemporalQuery;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** Reads days, months and years. What a text does not say is never made up. */
final class DateText {

  /** Forms that can mean one thing only. */
  private static final List<String> USUAL_DAYS =
      List.of("uuuu-MM-dd", "d MMMM uuuu", "d MMM uuuu", "MMMM d, uuuu", "MMM d, uuuu");

  private static final List<String> USUAL_MONTHS = List.of("uuuu-MM", "MMMM uuuu", "MMM uuuu");

  private static final List<String> USUAL_YEARS = List.of("uuuu");

  private static final Pattern SPACES = Pattern.compile("[\\s\u00A0]+");

  private final FieldType type;
  private final List<DateTimeFormatter> forms = new ArrayList<>();

  DateText(ValueFormat form) {
    type = form.type();
    List<String> patterns = form.dateForms().isEmpty() ? usual() : form.dateForms();
    for (String pattern : patterns) {
      for (Locale language : form.languages()) {
        forms.add(formatter(pattern, language));
      }
    }
  }

  private List<String> usual() {
    return switch (type) {
      case YEARMONTH -> USUAL_MONTHS;
      case YEAR -> USUAL_YEARS;
      default -> USUAL_DAYS;
    };
  }

  private static DateTimeFormatter formatter(String pattern, Locale language) {
    // "yyyy" is a year of an era and would need that era
    return new DateTimeFormatterBuilder()
        .parseCaseInsensitive()
        .appendPattern(pattern.replace('y', 'u'))
        .toFormatter(language)
        .withResolverStyle(ResolverStyle.STRICT);
  }

  /**
   * Reads a text as the type wants it.
   *
   * @throws IllegalArgumentException with a message that says why it cannot
   */
  Object read(String text) {
    String plain = SPACES.matcher(text).replaceAll(" ").strip();
    return switch (type) {
      case YEARMONTH -> read(plain, YearMonth::from);
      case YEAR -> read(plain, Year::from);
      default -> read(plain, LocalDate::from);
    };
  }

  private Object read(String text, TemporalQuery<? extends TemporalAccessor> query) {
    for (DateTimeFormatter form : forms) {
      try {
        return form.parse(text, query);
      } catch (DateTimeException e) {
        // the next form may fit; when none does, that is told
      }
    }
    throw NumberText.notA(type.word(), text);
  }
}
