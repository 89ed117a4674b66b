package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.geom.Box;
import dev.inlay.propose.Reach;
import dev.inlay.propose.RowText;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** The label "Tax 20 %" in the third and fourth of five columns, its figure in the fifth. */
class ReachLabelsTest {

  private static final List<Reach> CANDIDATES =
      List.of(new Reach(2, 3, 0), new Reach(1, 2, 1), new Reach(0, 3, 2));

  private static OptionalInt label(String... cells) {
    RowText text =
        new RowText(
            new Box(50, 100, 300, 112),
            List.of("Tax", "20 %", "31.50"),
            List.of("Tax", "20 %"),
            List.of(2, 3),
            CANDIDATES,
            new double[3][],
            5);
    String grid = "[[[\"1\",0,1],[\"2\",4,1]],[" + String.join(",", cells) + "]]";
    String tables = "[{\"pages\":[3],\"grid\":" + grid + "}]";
    return ReachLabels.of(text, JsonMapper.shared().readTree(tables), 3);
  }

  @Test
  void aCellOverAllColumnsBeforeTheFigureIsTheCandidateOverThem() {
    assertThat(label("[\"Tax 20 %\",0,4]", "[\"31.50\",4,1]")).hasValue(2);
  }

  @Test
  void aCellOfTheFirstPartAloneLeavesTheOtherInItsColumn() {
    assertThat(label("[\"Tax\",1,2]", "[\"20 %\",3,1]", "[\"31.50\",4,1]")).hasValue(1);
  }

  @Test
  void partsInTheirOwnColumnsStay() {
    assertThat(label("[\"Tax\",2,1]", "[\"20 %\",3,1]", "[\"31.50\",4,1]")).hasValue(0);
  }

  @Test
  void anotherPlaceOrAnotherRowIsNoCandidate() {
    assertThat(label("[\"Tax 20 %\",1,3]", "[\"31.50\",4,1]")).isEmpty();
    assertThat(label("[\"Tax 25 %\",0,4]", "[\"31.50\",4,1]")).isEmpty();
  }
}
