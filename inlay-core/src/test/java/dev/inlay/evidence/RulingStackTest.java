package dev.inlay.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.evidence.Ruling.Kind;
import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class RulingStackTest {

  private static final PageMeasure MEASURE = new PageMeasure(10);

  private final List<Ruling> rulings = new ArrayList<>();

  private void across(double y, double from, double to) {
    rulings.add(new Ruling(true, y, new Interval(from, to)));
  }

  private void upright(double x, double from, double to) {
    rulings.add(new Ruling(false, x, new Interval(from, to)));
  }

  @Test
  void rulingsOfOneExtentAreAStackWithTheShorterOnesBetween() {
    across(100, 50, 400);
    across(140, 52, 397);
    across(160, 150, 400);
    across(200, 50, 400);
    across(300, 60, 200);
    List<RulingStack> stacks = RulingStack.of(rulings, MEASURE);
    assertThat(stacks).hasSize(1);
    assertThat(stacks.get(0).places(2)).containsExactly(100.0, 140.0, 160.0, 200.0);
    assertThat(stacks.get(0).partingRows(100, 200, MEASURE)).isEqualTo(1);
  }

  @Test
  void theyEndWithinSixTenthsOfTheTypeOfEachOther() {
    across(100, 50, 400);
    across(140, 50, 405.9);
    across(180, 50, 400);
    assertThat(RulingStack.of(rulings, MEASURE)).hasSize(1);
    rulings.set(1, new Ruling(true, 140, new Interval(50, 406.1)));
    assertThat(RulingStack.of(rulings, MEASURE)).isEmpty();
  }

  @Test
  void edgesOfShadesAloneAreNone() {
    for (int i = 0; i < 4; i++) {
      rulings.add(new Ruling(true, 100 + 20 * i, new Interval(50, 400), Kind.SHADE_EDGE));
    }
    assertThat(RulingStack.of(rulings, MEASURE)).isEmpty();
    across(200, 50, 400);
    assertThat(RulingStack.of(rulings, MEASURE)).hasSize(1);
  }

  @Test
  void verticalRulingsInPiecesPartColumnsAlongThreeFifths() {
    across(100, 50, 400);
    across(150, 50, 400);
    across(200, 50, 400);
    upright(200, 100, 130);
    upright(200, 150, 180);
    upright(300, 100, 159);
    upright(50, 100, 200);
    RulingStack stack = RulingStack.of(rulings, MEASURE).get(0);
    Interval height = new Interval(100, 200);
    assertThat(stack.columnsIn(rulings, height, MEASURE)).containsExactly(200.0);
    upright(200, 203, 240);
    assertThat(RulingStack.reach(rulings, List.of(200.0), height, MEASURE))
        .isEqualTo(new Interval(100, 240));
  }
}
