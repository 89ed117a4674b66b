package dev.inlay.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class GeometryTest {

  @Test
  void overlapIsNegativeByTheGap() {
    Interval a = new Interval(0, 4);
    assertThat(a.overlap(new Interval(3, 9))).isEqualTo(1);
    assertThat(a.overlap(new Interval(6, 9))).isEqualTo(-2);
    assertThat(a.touches(new Interval(6, 9), 2)).isTrue();
    assertThat(a.touches(new Interval(6, 9), 1.9)).isFalse();
  }

  @Test
  void anIntervalDoesNotRunBackwards() {
    assertThatThrownBy(() -> new Interval(2, 1)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Interval(Double.NaN, 1))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void boxesMeetAtTheirEdges() {
    Box box = new Box(0, 0, 10, 10);
    assertThat(box.meets(new Box(10, 10, 20, 20))).isTrue();
    assertThat(box.meets(new Box(10.1, 0, 20, 10))).isFalse();
    assertThat(box.intersection(new Box(5, -5, 20, 5))).isEqualTo(new Box(5, 0, 10, 5));
    assertThat(box.union(new Box(5, -5, 20, 5))).isEqualTo(new Box(0, -5, 20, 10));
  }

  @Test
  void cornersComeInAnyOrder() {
    assertThat(Box.ofCorners(9, 1, 2, 8)).isEqualTo(new Box(2, 1, 9, 8));
    assertThatThrownBy(() -> new Box(2, 0, 1, 5)).isInstanceOf(IllegalArgumentException.class);
  }

  @ParameterizedTest
  @MethodSource("dev.inlay.Seeds#many")
  void joinedNumbersShareAGroupAndOthersDoNot(long seed) {
    Random random = new Random(seed);
    List<Integer> pairs = random.ints(random.nextInt(31), 0, 20).boxed().toList();
    Groups groups = new Groups(20);
    boolean[][] reached = new boolean[20][20];
    for (int i = 0; i < 20; i++) {
      reached[i][i] = true;
    }
    for (int i = 0; i + 1 < pairs.size(); i += 2) {
      int a = pairs.get(i);
      int b = pairs.get(i + 1);
      groups.join(a, b);
      reached[a][b] = true;
      reached[b][a] = true;
    }
    for (int k = 0; k < 20; k++) {
      for (int i = 0; i < 20; i++) {
        for (int j = 0; j < 20; j++) {
          reached[i][j] |= reached[i][k] && reached[k][j];
        }
      }
    }
    for (int i = 0; i < 20; i++) {
      for (int j = 0; j < 20; j++) {
        assertThat(groups.of(i) == groups.of(j)).isEqualTo(reached[i][j]);
      }
    }
  }
}
