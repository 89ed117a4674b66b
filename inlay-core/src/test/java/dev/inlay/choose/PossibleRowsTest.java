package dev.inlay.choose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.geom.Box;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import org.junit.jupiter.api.Test;

/** Lines beside a table that may be rows of it. */
class PossibleRowsTest {

  private static final Box TABLE = new Box(50, 200, 300, 400);

  /** Two lines of ten points each, from a height on. */
  private static PossibleTable lines(double left, double top) {
    return new PossibleTable(new Box(left, top, left + 100, top + 20), 2, "Total 47 12");
  }

  @Test
  void linesStandAtMostAHeightAndAHalfAway() {
    assertThat(PossibleRows.isBeside(lines(60, 414), TABLE)).isTrue();
    assertThat(PossibleRows.isBeside(lines(60, 416), TABLE)).isFalse();
    assertThat(PossibleRows.isBeside(lines(60, 166), TABLE)).isTrue();
    assertThat(PossibleRows.isBeside(lines(60, 164), TABLE)).isFalse();
  }

  @Test
  void linesBesideTheWidthOfATableAreNone() {
    assertThat(PossibleRows.isBeside(lines(301, 404), TABLE)).isFalse();
  }

  @Test
  void theWarningSaysWhichLines() {
    Warning warning = PossibleRows.warning(2, lines(60, 404));
    assertThat(warning.code()).isEqualTo(WarningCode.POSSIBLE_ROWS);
    assertThat(warning.page()).isEqualTo(2);
    assertThat(warning.message()).startsWith("2 lines from \"Total 47 12\" on may be rows");
  }

  @Test
  void oneLineIsNamedAsOneAndALongTextIsShortened() {
    PossibleTable line = new PossibleTable(new Box(50, 404, 500, 414), 1, "Berth ".repeat(40));
    assertThat(PossibleRows.warning(1, line).message())
        .startsWith("the line from \"Berth")
        .endsWith("on may be rows of it and was read as text")
        .hasSizeLessThan(140);
  }
}
