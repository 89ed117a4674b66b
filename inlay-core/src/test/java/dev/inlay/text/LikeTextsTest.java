package dev.inlay.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LikeTextsTest {

  @ParameterizedTest
  @CsvSource({
    "x position of left edge, y position of top edge, true",
    "the sail of the boat, the keel of the boat, true",
    "handle of the crane, name of a crane, true",
    "handle of the crane, name in a crane, false",
    "two words, two others, false",
    "sda, sdb, true",
    "Oyle, Oyle, false",
    "Oyle, Moyle, false",
    "ab, ac, false",
    "No1, No2, false",
  })
  void entriesOfOneListAreWordedAlike(String one, String other, boolean alike) {
    assertThat(LikeTexts.are(one, other)).isEqualTo(alike);
    assertThat(LikeTexts.are(other, one)).isEqualTo(alike);
  }
}
