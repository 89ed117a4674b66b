package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class PageRangesTest {

  @Test
  void pagesThatFollowEachOtherAreARange() {
    assertThat(PageRanges.of(List.of(3))).isEqualTo("3");
    assertThat(PageRanges.of(List.of(1, 2, 3, 4))).isEqualTo("1-4");
    assertThat(PageRanges.of(List.of(2, 3, 5, 7, 8, 200))).isEqualTo("2-3,5,7-8,200");
  }
}
