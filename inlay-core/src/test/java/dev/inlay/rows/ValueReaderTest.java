package dev.inlay.rows;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.inlay.spec.FieldType;
import dev.inlay.spec.ValueFormat;
import dev.inlay.text.NumberFormat;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.Year;
import java.time.YearMonth;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class ValueReaderTest {

  private static Object read(String text, ValueFormat form) {
    return new ValueReader(form, NumberFormat.OPEN)
        .read(new PrintedText(text, Optional.empty()))
        .content();
  }

  private static ValueFormat form(FieldType type, char decimal) {
    return ValueFormat.ofType(type, Optional.of(decimal), List.of(), List.of("-"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1,204.50|1204.50",
        "$ 1,204.50|1204.50",
        "EUR 12.00|12.00",
        "12.00 €|12.00",
        "(88.0)|-88.0",
        "-3|-3",
        "3-|-3",
        "1 CR|-1",
        "1 DR|1",
        "−7.5|-7.5",
        "1 204.5|1204.5",
        "1'204'000|1204000",
        ".5|0.5",
        "12 %|12",
        "0042|42",
        "123456789012345678901.25|123456789012345678901.25"
      })
  void numbersAreReadAsReportsPrintThem(String text, String expected) {
    assertThat(read(text, form(FieldType.NUMBER, '.'))).isEqualTo(new BigDecimal(expected));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"1.204,50|1204.50", "0,125|0.125", "1 204,5|1204.5", "-1.000.000|-1000000"})
  void aCommaMayPartDecimals(String text, String expected) {
    assertThat(read(text, form(FieldType.NUMBER, ','))).isEqualTo(new BigDecimal(expected));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "1.204,5",
        "12 kg",
        "1,20.5",
        "by tender",
        "(5",
        "5)",
        "-(5)",
        "1.2.3",
        "12,34",
        "1,2345",
        "--5",
        "3 4",
        "1,204'000",
        "12 apr",
        "5%5"
      })
  void whatIsNotSurelyANumberIsNone(String text) {
    assertThatThrownBy(() -> read(text, form(FieldType.NUMBER, '.')))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("is not a valid number");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"1,204", "12.345"})
  void aMarkThatMayBeEitherIsNeverGuessed(String text) {
    ValueFormat open = ValueFormat.ofType(FieldType.NUMBER);
    assertThatThrownBy(() -> read(text, open)).hasMessageContaining("say which with 'decimal'");
    PrintedText raw = new PrintedText(text, Optional.empty());
    assertThat(new ValueReader(open, NumberFormat.POINT).read(raw).content())
        .isEqualTo(new BigDecimal(text.replace(",", "")));
  }

  @ParameterizedTest
  @MethodSource("dev.inlay.Seeds#many")
  void everyNumberComesBackFromItsPrint(long seed) {
    long units = new Random(seed).nextLong(-9_999_999_999L, 9_999_999_999L);
    BigDecimal number = BigDecimal.valueOf(units, 2);
    String point = String.format(Locale.ROOT, "%,.2f", number);
    String comma = point.replace(',', ' ').replace('.', ',');
    assertThat((BigDecimal) read(point, form(FieldType.NUMBER, '.'))).isEqualByComparingTo(number);
    assertThat((BigDecimal) read(comma, form(FieldType.NUMBER, ','))).isEqualByComparingTo(number);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "DATE|3 March 2019|2019-03-03",
        "DATE|3 mar 2019|2019-03-03",
        "DATE|2019-03-03|2019-03-03",
        "YEARMONTH|March 2019|2019-03",
        "YEARMONTH|2019-03|2019-03",
        "YEAR|2019|2019",
        "PERCENT|12.5 %|0.125",
        "PERCENT|7|0.07",
        "INTEGER|1,204|1204",
        "INTEGER|3.0|3",
        "BOOLEAN|Yes|true",
        "BOOLEAN|no|false",
        "STRING|0042|0042"
      })
  void eachTypeReadsItsTexts(FieldType type, String text, String expected) {
    assertThat(read(text, form(type, '.'))).hasToString(expected);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "DATE|March 2019",
        "DATE|31 April 2019",
        "DATE|03.04.2019",
        "YEARMONTH|2019",
        "YEAR|19",
        "INTEGER|3.5",
        "BOOLEAN|perhaps"
      })
  void whatDoesNotFitItsTypeIsNeverMadeToFit(FieldType type, String text) {
    assertThatThrownBy(() -> read(text, form(type, '.')))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "dd.MM.yyyy|en|03.04.2019",
        "d MMMM yyyy|de|3 April 2019",
        "d. MMMM yyyy|fr|3. avril 2019"
      })
  void datesHaveFormsAndLanguages(String pattern, String language, String text) {
    ValueFormat plain = ValueFormat.ofType(FieldType.DATE);
    ValueFormat form =
        new ValueFormat(
            FieldType.DATE,
            plain.decimal(),
            plain.groups(),
            List.of(),
            List.of(pattern),
            List.of(Locale.forLanguageTag(language)),
            List.of(),
            List.of(),
            List.of(),
            false,
            plain.markersTo(),
            List.of(),
            plain.meanings(),
            plain.yearFrom(),
            plain.lines(),
            plain.split(),
            plain.defaultText(),
            false,
            false);
    assertThat(read(text, form)).hasToString("2019-04-03");
  }

  @ParameterizedTest
  @ValueSource(strings = {"-", "", "  "})
  void marksForNothingGiveNoValue(String text) {
    assertThat(read(text, form(FieldType.NUMBER, '.'))).isNull();
  }

  private static Object day(String text, Object near) {
    ValueFormat form =
        ValueFormat.ofType(FieldType.DATE, Optional.empty(), List.of("d.M.", "d MMM"), List.of());
    PrintedText raw = new PrintedText(text, Optional.empty());
    return new ValueReader(form, NumberFormat.of(List.of())).read(raw, near).content();
  }

  @Test
  void aDayWithoutAYearLiesNearestToTheDateThatCompletesIt() {
    YearMonth january = YearMonth.of(2025, 1);
    assertThat(day("3.1.", january)).isEqualTo(LocalDate.of(2025, 1, 3));
    assertThat(day("31.12.", january)).isEqualTo(LocalDate.of(2024, 12, 31));
    assertThat(day("2 Jan", LocalDate.of(2024, 12, 30))).isEqualTo(LocalDate.of(2025, 1, 2));
    assertThat(day("31.12.", Year.of(2025))).isEqualTo(LocalDate.of(2025, 12, 31));
    assertThat(day("29.2.", january)).as("only 2024 has one").isEqualTo(LocalDate.of(2024, 2, 29));
    assertThatThrownBy(() -> day("3.1.", null)).isInstanceOf(IllegalArgumentException.class);
  }
}
