package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.inlay.propose.Placings.Placed;
import org.junit.jupiter.api.Test;

/** Two words over two columns, with costs set by hand. */
class PlacingsTest {

  private static final double SKIP = 2;

  /** Each word over its own column, or both over one of them, the other column left out. */
  private static Placings twoWords(double ownColumn, double bothOverOne) {
    Placings placings = new Placings(2, 2, true);
    placings.place(0, 1, 0, 0, ownColumn);
    placings.place(0, 2, 0, 0, bothOverOne);
    placings.skip(0, 1, SKIP);
    placings.place(0, 2, 1, 1, bothOverOne);
    placings.place(1, 2, 1, 1, ownColumn);
    placings.skip(2, 2, SKIP);
    return placings;
  }

  @Test
  void theWayThatCostsLeastIsTaken() {
    assertThat(twoWords(1, 1).best())
        .containsExactly(new Placed(0, 1, 0, 0), new Placed(1, 2, 1, 1));
    assertThat(twoWords(3, 1).best()).containsExactly(new Placed(0, 2, 1, 1));
  }

  @Test
  void itsProbabilityIsItsShareOfAllWays() {
    double own = Math.exp(-2);
    double other = Math.exp(-3);
    assertThat(twoWords(1, 1).probabilityOfBest()).isCloseTo(own / (own + 2 * other), within(1e-9));
  }

  @Test
  void whatNoStepReachesHasNoWay() {
    Placings placings = new Placings(2, 2);
    placings.place(0, 1, 0, 0, 1);
    assertThat(placings.isReached(2, 2)).isFalse();
    assertThat(placings.probabilityOfBest()).isZero();
  }

  @Test
  void theSecondBestWayTakesOneOtherStep() {
    assertThat(twoWords(1, 1).secondBest()).hasSize(1).allMatch(p -> p.endWord() == 2);
    assertThat(twoWords(3, 1).secondBest()).containsExactly(new Placed(0, 2, 0, 0));
  }

  @Test
  void stepsNearTheBestAreThoseOfWaysThatCostLittleMore() {
    assertThat(twoWords(1, 1).near(0.9)).hasSize(2);
    assertThat(twoWords(1, 1).near(1.1)).hasSize(6);
  }
}
