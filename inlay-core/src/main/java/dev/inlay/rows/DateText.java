package dev.inlay.rows;

import dev.inlay.spec.FieldType;
import dev.inlay.spec.ValueFormat;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.Year;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.ResolverStyle;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAccessor;
import java.time.temporal.TemporalQuery;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** Reads days, months and years. What a text does not say is never made up. */
final class DateText {

  /** Forms that can mean one thing only. */
  private static final List<String> USUAL_DAYS =
      List.of("uuuu-MM-dd", "d MMMM uuuu", "d MMM uuuu", "MMMM d, uuuu", "MMM d, uuuu");

  private static final List<String> USUAL_MONTHS = List.of("uuuu-MM", "MMMM uuuu", "MMM uuuu");

  private static final List<String> USUAL_YEARS = List.of("uuuu");

  private static final int MIDDLE_OF_MONTH = 15;

  private static final Pattern SPACES = Pattern.compile("[\\s\u00A0]+");

  /** What stands for a year in a pattern. */
  private static final Pattern YEAR = Pattern.compile("[yu]");

  private final FieldType type;
  private final List<DateTimeFormatter> forms = new ArrayList<>();
  private final List<DateTimeFormatter> formsWithoutYear = new ArrayList<>();

  DateText(ValueFormat form) {
    type = form.type();
    List<String> patterns = form.dateForms().isEmpty() ? usual() : form.dateForms();
    for (String pattern : patterns) {
      for (Locale language : form.languages()) {
        boolean hasYear = YEAR.matcher(pattern).find();
        (hasYear ? forms : formsWithoutYear).add(formatter(pattern, language));
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
   * @param near the date, month or year near which a day without a year lies; null for none
   * @throws IllegalArgumentException with a message that says why it cannot
   */
  Object read(String text, Object near) {
    String plain = SPACES.matcher(text).replaceAll(" ").strip();
    if (type == FieldType.DATE && near != null && !formsWithoutYear.isEmpty()) {
      Optional<LocalDate> day = withYear(plain, near);
      if (day.isPresent()) {
        return day.get();
      }
    }
    return switch (type) {
      case YEARMONTH -> read(plain, YearMonth::from);
      case YEAR -> read(plain, Year::from);
      default -> read(plain, LocalDate::from);
    };
  }

  /** The day of the three years around that lies nearest: a December in a list of January too. */
  private Optional<LocalDate> withYear(String text, Object near) {
    for (DateTimeFormatter form : formsWithoutYear) {
      try {
        MonthDay day = form.parse(text, MonthDay::from);
        if (near instanceof Year year) {
          return Optional.of(day.atYear(year.getValue())).filter(d -> day.isValidYear(d.getYear()));
        }
        LocalDate around =
            near instanceof YearMonth month ? month.atDay(MIDDLE_OF_MONTH) : (LocalDate) near;
        return IntStream.rangeClosed(around.getYear() - 1, around.getYear() + 1)
            .filter(day::isValidYear)
            .mapToObj(day::atYear)
            .min(Comparator.comparingLong(d -> Math.abs(ChronoUnit.DAYS.between(around, d))));
      } catch (DateTimeException e) {
        // the next form may fit; when none does, that is reported
      }
    }
    return Optional.empty();
  }

  private Object read(String text, TemporalQuery<? extends TemporalAccessor> query) {
    for (DateTimeFormatter form : forms) {
      try {
        return form.parse(text, query);
      } catch (DateTimeException e) {
        // the next form may fit; when none does, that is reported
      }
    }
    throw NumberText.notA(type.word(), text);
  }
}
