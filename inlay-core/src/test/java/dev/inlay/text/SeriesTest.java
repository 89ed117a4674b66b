package dev.inlay.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SeriesTest {

  @ParameterizedTest
  @CsvSource({
    "Model 1, Model 2, true",
    "2019/20, 2020/21, true",
    "Q4 2024, Q5 2024, true",
    "Model 9, Model 10, true",
    "Model 1, Model 3, false",
    "Model 2, Model 1, false",
    "Model 1, Model 1, false",
    "Model 1, Plan 2, false",
    "Cod, Ling, false"
  })
  void textsThatCountOn(String before, String text, boolean due) {
    assertThat(Series.follows(before, text)).isEqualTo(due);
  }

  @ParameterizedTest
  @CsvSource({
    "2101, 2103, true",
    "(3), (4), true",
    "Mon, Tue, true",
    "Sept., Oct., true",
    "2101, Stop, false",
    "Q3 2024, Year 2024, false",
    "Cod, Herring, false"
  })
  void textsOfOneKind(String a, String b, boolean due) {
    assertThat(Series.areOfOneKind(a, b)).isEqualTo(due);
  }
}
