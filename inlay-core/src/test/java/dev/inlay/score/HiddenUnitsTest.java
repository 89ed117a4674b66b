package dev.inlay.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.inlay.evidence.LineRole;
import java.util.List;
import org.junit.jupiter.api.Test;

class HiddenUnitsTest {

  private static final List<String> NAMES = List.of("bold", "ruled");

  /** A unit that speaks for a header: bold here, no ruling two lines below. */
  private static HiddenUnits units() {
    HiddenUnits units = new HiddenUnits(NAMES, 0);
    units.set("unit\tbegins with\t-0.5 0".split("\t"));
    units.set("unit\tHEADER\t2 0".split("\t"));
    units.set("line\tbold\t1 0".split("\t"));
    units.set("2 lines below\truled\t-3 0".split("\t"));
    units.set("line\tunknown sign\t9 9".split("\t"));
    return units;
  }

  private static final double[][] BOLD_FIRST = {{1, 0}, {0, 0}, {0, 0}, {0, 1}};

  @Test
  void aSumSeesTwoLinesAboveAndBelowAndNoFurther() {
    double[][] sums = units().sums(BOLD_FIRST);
    assertThat(sums[0][0]).isEqualTo(0.5);
    assertThat(sums[1][0]).isEqualTo(-3.5);
    assertThat(sums[2][0]).isEqualTo(-0.5);
    assertThat(sums[3][0]).isEqualTo(-0.5);
  }

  @Test
  void sharesOfSignsAddUpToWhatAUnitSays() {
    HiddenUnits units = units();
    double[] sums = units.sums(BOLD_FIRST)[0];
    double share = units.share(sums, HiddenUnits.REACH, 0, LineRole.HEADER);
    assertThat(share - 2 * 0.5).isCloseTo(2 * sums[0], within(1e-9));
    double[] silent = units.sums(BOLD_FIRST)[1];
    assertThat(units.share(silent, HiddenUnits.REACH, 0, LineRole.HEADER)).isZero();
  }

  @Test
  void textSaysAllAndIsReadAgain() {
    StringBuilder text = new StringBuilder();
    units().appendTo(text);
    assertThat(text.toString()).contains("unit\tHEADER\t2.000 0\n").contains("line\tbold\t1.000 0");
    HiddenUnits again = new HiddenUnits(NAMES, 0);
    text.toString().lines().forEach(l -> again.set(l.split("\t")));
    assertThat(again.sums(BOLD_FIRST)).isDeepEqualTo(units().sums(BOLD_FIRST));
    StringBuilder nothing = new StringBuilder();
    new HiddenUnits(NAMES, 0).appendTo(nothing);
    assertThat(nothing).isEmpty();
  }
}
