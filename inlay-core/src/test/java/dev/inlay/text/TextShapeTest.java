package dev.inlay.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TextShapeTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1,204.50|NUMBER",
        "1 204,50|NUMBER",
        "(88.0)|NUMBER",
        "$ 12|NUMBER",
        "82 (2.7)|NUMBER",
        "-7|NUMBER",
        "0.55 USD|NUMBER",
        "12 %|PERCENT",
        "03.03.2019|DATE",
        "2019-03-03|DATE",
        "March 2019|DATE",
        "2001 Q1|DATE",
        "07:45|TIME",
        "B-291|CODE",
        "N9|CODE",
        "…|MARK",
        "n/a|MARK",
        "–|MARK",
        "x|MARK",
        "(kg)|UNIT",
        "%|UNIT",
        "kWh|UNIT",
        "t/ha|UNIT",
        "Landed weight|WORDS",
        "Oyle|WORDS",
        "3 boats sold|WORDS"
      })
  void aShortTextLooksLike(String text, TextShape shape) {
    assertThat(TextShape.of(text)).isEqualTo(shape);
  }

  @Test
  void nothingPrintedIsEmpty() {
    assertThat(TextShape.of("")).isEqualTo(TextShape.EMPTY);
    assertThat(TextShape.of(" \u00A0")).isEqualTo(TextShape.EMPTY);
  }

  /**
   * Five letters are a unit, six are a word; three letters beside digits are a mark, four are not.
   */
  @Test
  void theBoundsOfUnitsAndOfNumbersHold() {
    assertThat(TextShape.of("tonne")).isEqualTo(TextShape.UNIT);
    assertThat(TextShape.of("tonnes")).isEqualTo(TextShape.WORDS);
    assertThat(TextShape.of("123 USD")).isEqualTo(TextShape.NUMBER);
    assertThat(TextShape.of("123 boat")).isEqualTo(TextShape.WORDS);
  }

  @Test
  void yearsAndSpansOfYearsAreYears() {
    assertThat(TextShape.isYear("2019")).isTrue();
    assertThat(TextShape.isYear("2019/20")).isTrue();
    assertThat(TextShape.isYear("1204")).isFalse();
    assertThat(TextShape.isYear("20190")).isFalse();
    assertThat(TextShape.isYear("2019.5")).isFalse();
  }

  @Test
  void valuesAreDataAndQuantitiesAreMeasured() {
    assertThat(TextShape.DATE.isValue()).isTrue();
    assertThat(TextShape.DATE.isQuantity()).isFalse();
    assertThat(TextShape.PERCENT.isQuantity()).isTrue();
    assertThat(TextShape.UNIT.isValue()).isFalse();
  }
}
