package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class RunningNumbersTest {

  @Test
  void textsThatCountAreKnownAsSuch() {
    assertThat(RunningNumbers.are(List.of("7", "8", "9", "10"))).isTrue();
    assertThat(RunningNumbers.are(List.of("7", "8", "9"))).isFalse();
    assertThat(RunningNumbers.are(List.of("1.", "2."))).isTrue();
    assertThat(RunningNumbers.are(List.of("1", "2", "4", "5"))).isFalse();
    assertThat(RunningNumbers.are(List.of())).isFalse();
  }
}
