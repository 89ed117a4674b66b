package dev.inlay.spec;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ExpressionTest {

  private static final Map<String, Object> VALUES =
      Map.of(
          "boxes",
          new BigDecimal("12"),
          "weight",
          new BigDecimal("0.1"),
          "name",
          "Cod",
          "day",
          "2025-03-01");

  @ParameterizedTest
  @CsvSource({
    "boxes * weight, 1.2",
    "weight + 0.2, 0.3",
    "0.1 + 0.2, 0.3",
    "1 / 4, 0.25",
    "(boxes - 2) / 3, 3.333333333333333333333333333333333",
    "boxes - 2 * weight, 11.8",
    "-boxes, -12"
  })
  void numbersAreDecimal(String text, String expected) {
    assertThat((BigDecimal) Expression.of(text).evaluate(VALUES))
        .isEqualByComparingTo(new BigDecimal(expected));
  }

  @ParameterizedTest
  @CsvSource({
    "boxes > 11.5, true",
    "boxes == 12.0, true",
    "name == 'Cod' and boxes < 12, false",
    "not (name == 'Ling') or false, true",
    "day >= '2025-02-28', true",
    "empty(name), false"
  })
  void conditionsCompareNumbersTextsAndDays(String text, boolean expected) {
    assertThat(Expression.of(text).holds(VALUES)).isEqualTo(expected);
  }

  @Test
  void aFieldWithoutAValueGivesNoneAndMeetsNoCondition() {
    Map<String, Object> values = new HashMap<>(VALUES);
    values.put("boxes", null);
    assertThat(Expression.of("boxes * 2").evaluate(values)).isNull();
    assertThat(Expression.of("boxes < 100").holds(values)).isFalse();
    assertThat(Expression.of("empty(boxes)").holds(values)).isTrue();
  }

  @Test
  void whatCannotBeReckonedIsReported() {
    assertThatThrownBy(() -> Expression.of("name * 2").evaluate(VALUES))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("'name * 2' cannot be calculated");
    assertThatThrownBy(() -> Expression.of("boxes / (boxes - 12)").evaluate(VALUES))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("division by zero");
    assertThatThrownBy(() -> Expression.of("boxes + 1").holds(VALUES))
        .hasMessageContaining("is no condition");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "name.length()",
        "''.class",
        "new('java.io.File', 'x')",
        "while(true) {}",
        "x = 3",
        "() -> 1",
        "for (i : [1,2]) {}",
        "boxes;weight",
        "boxes >> 3",
        "boxes << 3",
        "boxes = 3",
        "boxes & 3",
        "boxes ? 1 : 2"
      })
  void nothingButCalculationIsAllowed(String text) {
    assertThatThrownBy(() -> Expression.of(text).evaluate(VALUES))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void namesMayHaveLettersOfAnyLanguage() {
    Expression expression = Expression.of("größe * 2 > boxes and 'größe' != 'x >> y'");
    assertThat(expression.fields()).containsExactly("boxes", "größe");
    assertThat(expression.holds(Map.of("größe", new BigDecimal("3"), "boxes", BigDecimal.ONE)))
        .isTrue();
    assertThat(expression.toString()).startsWith("größe * 2");
  }

  @Test
  void itNamesItsFields() {
    assertThat(Expression.of("boxes * weight > 3").fields()).containsExactly("boxes", "weight");
  }

  @Test
  void patternsTakeTheirTimeFromTheTextAlone() {
    TextPattern pattern = TextPattern.of("(a+)+$");
    assertThat(pattern.isIn("a".repeat(50_000) + "b")).isFalse();
    assertThat(TextPattern.of("(?<x>\\d+)-(?<y>.*)").whole("12-ab"))
        .contains(Map.of("x", "12", "y", "ab"));
    assertThat(TextPattern.of("No\\. (\\d+)").value("TARN No. 58")).contains("58");
  }

  @Test
  void ifTakesOneOfTwoAndNeedsOnlyThat() {
    Map<String, Object> values = new HashMap<>(VALUES);
    values.put("missing", null);
    assertThat(Expression.of("if(boxes > 10, 'many, or (more)', 'few')").evaluate(values))
        .isEqualTo("many, or (more)");
    assertThat(Expression.of("1 + if(boxes > 100, missing, if(boxes > 10, 2, 3))").evaluate(values))
        .isEqualTo(new BigDecimal("3"));
    assertThat(Expression.of("if(empty(missing), 7, missing)").evaluate(values))
        .isEqualTo(new BigDecimal("7"));
    assertThat(Expression.of("if(boxes > 10, missing, 3) * 2").evaluate(values)).isNull();
  }

  @Test
  void aBlankCountsAsNoughtWhereZeroSaysSo() {
    Map<String, Object> values = new HashMap<>(VALUES);
    values.put("missing", null);
    assertThat(Expression.of("zero(missing) + zero(boxes)").evaluate(values))
        .isEqualTo(new BigDecimal("12"));
    assertThat(Expression.of("zero(boxes) + missing").evaluate(values)).isNull();
    assertThat(Expression.of("missing < zero(boxes)").holds(values)).isFalse();
  }

  @Test
  void aWordWithTooFewPartsIsReported() {
    for (String text : new String[] {"if(boxes > 1, 2)", "zero(boxes, 1)", "if(boxes > 1"}) {
      assertThatThrownBy(() -> Expression.of(text))
          .isInstanceOf(IllegalArgumentException.class)
          .hasMessageStartingWith("'" + text + "' is no expression: ");
    }
  }
}
