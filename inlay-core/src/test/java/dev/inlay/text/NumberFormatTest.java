package dev.inlay.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class NumberFormatTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "POINT | 1,204.5 | 1204.5",
        "POINT | 1,204 | 1204",
        "POINT | -88.0 | -88.0",
        "POINT | \u221212 | -12",
        "POINT | 1'204.50 | 1204.50",
        "COMMA | 1.204,5 | 1204.5",
        "COMMA | 1,204 | 1.204",
        "COMMA | 0,125 | 0.125",
        "OPEN | 1204 | 1204",
        "OPEN | 12.5 | 12.5",
        "OPEN | 1,204,500 | 1204500"
      })
  void plainNumbersAreRead(NumberFormat form, String text, BigDecimal value) {
    assertThat(form.read(text)).map(PlainNumber::value).contains(value);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "Cod",
        "0412",
        "12 %",
        "(88.0)",
        "1,204¹",
        "12-",
        "$ 5",
        "1 204",
        "12,34,567",
        "1234567890123456",
        "2025-03-01",
        "1.2.3",
        "--5"
      })
  void anythingElseStaysText(String text) {
    for (NumberFormat form : NumberFormat.values()) {
      assertThat(form.read(text)).as("%s in %s", text, form).isEmpty();
    }
  }

  @Test
  void aMarkThatCouldBeEitherIsNotGuessed() {
    assertThat(NumberFormat.OPEN.read("1,204")).isEmpty();
    assertThat(NumberFormat.OPEN.read("1.204")).isEmpty();
    assertThat(NumberFormat.POINT.read("1.204,5")).isEmpty();
  }

  @Test
  void theFormIsToldByTextsThatCanOnlyBeReadOneWay() {
    assertThat(NumberFormat.of(List.of(List.of("1,204.5", "980")))).isEqualTo(NumberFormat.POINT);
    assertThat(NumberFormat.of(List.of(List.of("12,5"), List.of("1.204"))))
        .isEqualTo(NumberFormat.COMMA);
    assertThat(NumberFormat.of(List.of(List.of("0,125")))).isEqualTo(NumberFormat.COMMA);
    assertThat(NumberFormat.of(List.of(List.of("1,204,500")))).isEqualTo(NumberFormat.POINT);
  }

  @Test
  void aColumnThatMarksOnlyLargeNumbersGroupsThousands() {
    assertThat(NumberFormat.of(List.of(List.of("1,204", "980", "12,345"))))
        .isEqualTo(NumberFormat.POINT);
    assertThat(NumberFormat.of(List.of(List.of("1.204", "980")))).isEqualTo(NumberFormat.COMMA);
    // Without a small number the mark may part three decimals.
    assertThat(NumberFormat.of(List.of(List.of("1,204", "2,310")))).isEqualTo(NumberFormat.OPEN);
    // A large number without the mark: the mark is none for thousands.
    assertThat(NumberFormat.of(List.of(List.of("1,204", "980", "4500"))))
        .isEqualTo(NumberFormat.OPEN);
  }

  @Test
  void contradictionsLeaveItOpen() {
    assertThat(NumberFormat.of(List.of(List.of("12,5", "12.5")))).isEqualTo(NumberFormat.OPEN);
    assertThat(NumberFormat.OPEN.or(NumberFormat.COMMA)).isEqualTo(NumberFormat.COMMA);
    assertThat(NumberFormat.POINT.or(NumberFormat.COMMA)).isEqualTo(NumberFormat.POINT);
  }

  @ParameterizedTest
  @MethodSource("dev.inlay.Seeds#many")
  void whatIsPrintedIsReadBack(long seed) {
    Random random = new Random(seed);
    int decimals = random.nextInt(5);
    BigDecimal value = BigDecimal.valueOf(random.nextLong(-999_999_999, 999_999_999), decimals);
    String printed = String.format(Locale.ROOT, "%,." + decimals + "f", value);
    assertThat(NumberFormat.POINT.read(printed)).map(PlainNumber::value).contains(value);
    String swapped = printed.replace(',', ';').replace('.', ',').replace(';', '.');
    assertThat(NumberFormat.COMMA.read(swapped)).map(PlainNumber::value).contains(value);
  }
}
