package dev.inlay.extract;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.time.Duration;
import org.junit.jupiter.api.Test;

class WatchedCallsTest {

  private static volatile boolean ended;

  private static final Duration LONG = Duration.ofMinutes(1);

  @Test
  void aCallYieldsWhatItMakes() throws Exception {
    try (WatchedCalls calls = new WatchedCalls(LONG)) {
      assertThat(calls.call(() -> "Skua", IOException.class)).isEqualTo("Skua");
      assertThat(calls.call(() -> Thread.currentThread().isDaemon(), IOException.class)).isTrue();
    }
  }

  @Test
  void aLoopThatNothingStopsIsLeftAlone() {
    try (WatchedCalls calls = new WatchedCalls(Duration.ofMillis(50))) {
      assertThatThrownBy(() -> calls.call(WatchedCallsTest::loop, IOException.class))
          .isInstanceOf(WatchedCalls.TimeOver.class);
      assertThatThrownBy(() -> calls.call(() -> "Skua", IOException.class))
          .as("no call is made behind it")
          .isInstanceOf(WatchedCalls.TimeOver.class);
    } finally {
      ended = true;
    }
  }

  @Test
  void failuresComeThroughAsTheyAre() {
    try (WatchedCalls calls = new WatchedCalls(LONG)) {
      assertThatThrownBy(() -> calls.call(WatchedCallsTest::broken, IOException.class))
          .isInstanceOf(IOException.class)
          .hasMessage("broken");
      assertThatThrownBy(() -> calls.call(() -> Integer.parseInt("x"), IOException.class))
          .isInstanceOf(NumberFormatException.class);
      assertThatThrownBy(() -> calls.call(WatchedCallsTest::deep, IOException.class))
          .isInstanceOf(StackOverflowError.class);
    }
  }

  private static String broken() throws IOException {
    throw new IOException("broken");
  }

  private static int deep() {
    return 1 + deep();
  }

  /** As a loop in a library is: it does not ask whether its thread was interrupted. */
  private static String loop() {
    while (!ended) {
      Thread.onSpinWait();
    }
    return "ended by the test";
  }
}
