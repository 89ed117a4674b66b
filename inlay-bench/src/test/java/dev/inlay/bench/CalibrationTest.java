package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class CalibrationTest {

  private static Calibration of(double confidence, int right, int wrong) {
    Calibration calibration = new Calibration();
    for (int i = 0; i < right + wrong; i++) {
      calibration.add(confidence, i < right);
    }
    return calibration;
  }

  @Test
  void whatIsRightAsOftenAsSaidHasNoError() {
    assertThat(of(0.75, 3, 1).error()).isCloseTo(0, within(1e-9));
    assertThat(of(1, 5, 0).error()).isZero();
    assertThat(new Calibration().error()).isZero();
  }

  @Test
  void theErrorIsTheDistanceByTheShareOfTables() {
    assertThat(of(0.95, 1, 1).error()).isCloseTo(0.45, within(1e-9));
    Calibration both = of(0.95, 1, 1);
    both.add(0.25, false);
    both.add(0.25, false);
    assertThat(both.error()).isCloseTo((0.9 + 0.5) / 4, within(1e-9));
  }

  @Test
  void bandsAndTheErrorAreShownWithItsInterval() {
    assertThat(of(0.95, 9, 1).lines())
        .contains("confidence 0.9 to 1.0:  10 tables,   9 right (90 %)")
        .last()
        .asString()
        .startsWith("expected calibration error 0.050 (95 % of 1000 draws: 0.0");
  }
}
