package dev.inlay.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AmountsTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "1,204.50; 1204.50",
        "$ 1,204.50; 1204.50",
        "€12.00; 12.00",
        "12.00 EUR; 12.00",
        "(88.0); -88.0",
        "($ 88.0); -88.0",
        "88.0-; -88.0",
        "-88.0; -88.0",
        "$-88.0; -88.0",
        "88.00 CR; -88.00",
        "88.00 DR; 88.00",
        "12.5 %; 12.5",
        "1 204 567; 1204567"
      })
  void amountsAreReadAsPrinted(String text, BigDecimal value) {
    assertThat(Amounts.read(text, NumberFormat.POINT)).contains(value);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "(12", "12)", "n/a", "12 boxes", "1.204,50", "2024-03-01", "007"})
  void whatIsNoAmountIsNotRead(String text) {
    assertThat(Amounts.read(text, NumberFormat.POINT)).isEmpty();
  }
}
