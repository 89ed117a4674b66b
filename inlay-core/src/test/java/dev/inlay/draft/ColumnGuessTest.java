package dev.inlay.draft;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.spec.FieldType;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColumnGuessTest {

  private static ColumnGuess guess(String... texts) {
    return ColumnGuess.of(List.of(List.of(texts)), Optional.of('.'));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1,204;7|INTEGER",
        "1,204.50;(7.00)|NUMBER",
        "12 %;4.5 %|PERCENT",
        "2019;2020|YEAR",
        "March 2019;May 2020|YEARMONTH",
        "3 March 2019;4 May 2020|DATE",
        "2019-03-01;2019-04-01|DATE",
        "13/04/2019;02/05/2019|DATE",
        "yes;no|BOOLEAN",
        "0042;0107|STRING",
        "Cod;Ling|STRING",
        "7;n/a|INTEGER",
        "1 CR;2|INTEGER",
        "12 kg;4 kg|STRING"
      })
  void typesAreToldFromAllTexts(String texts, FieldType expected) {
    assertThat(guess(texts.split(";")).type()).isEqualTo(expected);
  }

  @Test
  void daysThatMayBeMonthsAreLeftToAPerson() {
    ColumnGuess guess = guess("03/04/2019", "05/06/2019");
    assertThat(guess.type()).isEqualTo(FieldType.STRING);
    assertThat(guess.remark()).contains("dd/MM/yyyy and MM/dd/yyyy fit: say 'format'");
    assertThat(guess("03/14/2019", "05/06/2019").dateForm()).isEqualTo("MM/dd/yyyy");
  }

  @Test
  void aDecimalMarkThatNothingTellsIsLeftToAPerson() {
    ColumnGuess guess = ColumnGuess.of(List.of(List.of("1,204", "2,310")), Optional.empty());
    assertThat(guess.type()).isEqualTo(FieldType.STRING);
    assertThat(guess.remark()).contains("say 'decimal'");
  }

  @Test
  void aFewTextsAmongNumbersAreNamed() {
    assertThat(guess("1.5", "2.5", "3.5", "by tender").remark())
        .contains("with 'type: number' rows with by tender are held");
    assertThat(guess("Cod", "Ling", "7").remark()).doesNotContain("held");
  }

  @Test
  void equallyLongFiguresInTheirOrderAreCodes() {
    List<String> codes = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      codes.add(String.valueOf(1000 + 7 * i));
    }
    assertThat(guess(codes.toArray(String[]::new)).type()).isEqualTo(FieldType.STRING);
    codes.set(4, codes.get(3));
    assertThat(guess(codes.toArray(String[]::new)).type()).isEqualTo(FieldType.INTEGER);
  }

  @Test
  void markersAndMarksForNothingAreSeen() {
    ColumnGuess guess = guess("12\u00B9", "7", "\u2013");
    assertThat(guess.type()).isEqualTo(FieldType.INTEGER);
    assertThat(guess.markers()).isTrue();
    assertThat(guess.nothing()).containsExactly("\u2013");
  }

  @Test
  void textsAreQuotedWhereYamlNeedsIt() {
    assertThat(YamlText.quoted("Landed weight (kg)")).isEqualTo("Landed weight (kg)");
    assertThat(YamlText.quoted("Date: \"day\"")).isEqualTo("\"Date: \\\"day\\\"\"");
    assertThat(YamlText.quoted("7 days")).isEqualTo("\"7 days\"");
    assertThat(CommonText.of(List.of("Table 1. Catch of May", "Table 1. Catch of June")))
        .isEqualTo("Catch of");
  }
}
