package dev.inlay.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import org.junit.jupiter.api.Test;

/** How a confidence is printed for people. */
class ConfidenceTextTest {

  @Test
  void itHasTwoDecimalsInEveryLanguage() {
    Locale usual = Locale.getDefault();
    try {
      Locale.setDefault(Locale.GERMANY);
      assertThat(Table.confidenceText(0.8)).isEqualTo("0.80");
      assertThat(Table.confidenceText(1)).isEqualTo("1.00");
    } finally {
      Locale.setDefault(usual);
    }
  }
}
