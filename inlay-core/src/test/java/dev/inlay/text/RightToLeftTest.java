package dev.inlay.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Letters are given from left to right on paper; the first letter of שלום (shalom) is ש. */
class RightToLeftTest {

  @ParameterizedTest
  @CsvSource({
    "םולש, שלום",
    "harbour, harbour",
    "12.50, 12.50",
    "(םולש), (שלום)",
    "םולש12, 12שלום",
    "م\u064Cلس, سلم\u064C",
  })
  void theCharactersOfAWordAreReadInTheirOrder(String displayed, String read) {
    assertThat(RightToLeft.word(displayed)).isEqualTo(read);
  }

  private static List<String> words(String... displayed) {
    return RightToLeft.words(List.of(displayed), w -> w);
  }

  @Test
  void theWordsOfALineAreReadFromTheRight() {
    assertThat(words("תיז", "ןמש")).containsExactly("ןמש", "תיז");
    assertThat(words("Quay", "dues")).containsExactly("Quay", "dues");
  }

  @Test
  void figuresAndOtherScriptsBetweenThemKeepTheirOrder() {
    assertThat(words("תיב", "12", "50", "ןמש")).containsExactly("ןמש", "12", "50", "תיב");
    assertThat(words("North", "Quay", "תיז", "ןמש", "is", "oil", "here"))
        .containsExactly("North", "Quay", "ןמש", "תיז", "is", "oil", "here");
  }
}
