package dev.inlay.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dev.inlay.geom.Length.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTest {

  @ParameterizedTest
  @CsvSource({"120, 120", "120pt, 120", "25.4 mm, 72", "2.54cm, 72", "1.5in, 108", "50%, 300"})
  void lengthsAreReadInEveryUnit(String text, double points) {
    assertThat(Length.parse(text).points(600)).isCloseTo(points, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "mm", "12em", "1,5", "1e9", "ten"})
  void whatIsNoLengthIsReported(String text) {
    assertThatThrownBy(() -> Length.parse(text))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("is no length");
  }

  @Test
  void placesAreGivenInTheUnitAskedFor() {
    assertThat(Unit.ofSign("MM").of(72, 600)).isCloseTo(25.4, within(1e-9));
    assertThat(Unit.PERCENT.of(150, 600)).isEqualTo(25);
    assertThatThrownBy(() -> Unit.ofSign("ell")).hasMessageContaining("is no unit");
    assertThat(Length.parse("1.50in")).hasToString("1.5in");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "60mm,40mm; 40mm stands behind 60mm",
        "40mm,40mm; 40mm stands behind 40mm",
        "0,40; a gutter at 0pt lies beside the page",
        "30%,100%; a gutter at 100% lies beside the page"
      })
  void guttersGoFromLeftToRightOnThePage(String text, String message) {
    assertThatThrownBy(() -> Length.parseGutters(text)).hasMessageContaining(message);
    assertThat(Length.parseGutters("1,40,99%")).hasSize(3);
  }
}
