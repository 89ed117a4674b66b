package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.geom.Interval;
import dev.inlay.propose.HiddenGutter;
import dev.inlay.propose.HiddenGutter.Parted;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** Rows of a code, a name and a price; the strip stands between code and name. */
class HiddenGutterLabelsTest {

  private static final String ROW = "[[\"101\",0,1],[\"Lamp oil\",1,1],[\"4.50\",2,1]]";
  private static final String WHOLE = "[[\"102 Rope\",0,2],[\"7.20\",2,1]]";
  private static final Parted FIRST = new Parted("101 Lamp oil 4.50", "101");
  private static final Parted SECOND = new Parted("102 Rope 7.20", "102");

  private static Optional<Boolean> label(int page, List<Parted> parted, String... rows) {
    HiddenGutter strip = new HiddenGutter(new Interval(70, 74), new double[0], parted);
    String tables = "[{\"pages\":[3],\"grid\":[" + String.join(",", rows) + "]}]";
    return HiddenGutterLabels.of(strip, JsonMapper.shared().readTree(tables), page);
  }

  @Test
  void whereCellsOfTheTruthArePartedItIsAGutter() {
    assertThat(label(3, List.of(FIRST), ROW)).contains(true);
    assertThat(label(3, List.of(new Parted(FIRST.text(), "101 Lamp")), ROW)).contains(false);
  }

  @Test
  void mostRowsDecide() {
    assertThat(label(3, List.of(FIRST, SECOND, SECOND), ROW, WHOLE)).contains(false);
    assertThat(label(3, List.of(FIRST, FIRST, SECOND), ROW, WHOLE)).contains(true);
  }

  @Test
  void withoutItsRowsNothingIsKnown() {
    assertThat(label(3, List.of(SECOND), ROW)).isEmpty();
    assertThat(label(4, List.of(FIRST), ROW)).as("another page").isEmpty();
  }
}
