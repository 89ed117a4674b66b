package dev.inlay.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class TimeHeadingsTest {

  private static Optional<TimeHeadings> of(String... headings) {
    return TimeHeadings.of(Arrays.stream(headings).map(List::of).toList());
  }

  private static boolean meets(TimeHeadings headings, String text) {
    return Pattern.matches(headings.pattern(), text);
  }

  @Test
  void yearsAreMetAndThoseOfTheNextReportToo() {
    TimeHeadings years = of("Harbour", "2022", "2023", "2024").orElseThrow();
    assertThat(years.unit()).isEqualTo("year");
    assertThat(years.columns()).isEqualTo(3);
    assertThat(meets(years, "2031")).isTrue();
    assertThat(meets(years, "Harbour")).isFalse();
    assertThat(of("2022/23", "2023/24", "2024/25")).isPresent();
  }

  @Test
  void quartersWithAndWithoutTheirYear() {
    TimeHeadings quarters = of("Stock", "Q1 2025", "Q2 2025", "Q3 2025").orElseThrow();
    assertThat(quarters.unit()).isEqualTo("quarter");
    assertThat(meets(quarters, "Q4 2026")).isTrue();
    assertThat(of("Q1", "Q2", "Q3", "Q4")).isPresent();
    assertThat(of("2024 Q3", "2024 Q4", "2025 Q1")).isPresent();
  }

  @Test
  void monthsInSeveralLanguages() {
    TimeHeadings months = of("Quay", "Jan.", "Feb.", "March", "Total").orElseThrow();
    assertThat(months.unit()).isEqualTo("month");
    assertThat(meets(months, "Jan.")).isTrue();
    assertThat(meets(months, "Total")).isFalse();
    assertThat(of("Juli", "August", "September")).isPresent();
    assertThat(of("janvier", "février", "mars")).isPresent();
  }

  @Test
  void twoYearsAreTwoFigures() {
    assertThat(of("Harbour", "2023", "2024")).isEmpty();
    assertThat(of("Harbour", "2023", "2023", "2024")).isEmpty();
    assertThat(of("Quay", "Boxes", "Price")).isEmpty();
  }
}
