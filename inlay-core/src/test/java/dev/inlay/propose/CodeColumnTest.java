package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.LineComposer;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;

class CodeColumnTest {

  private static final IntFunction<String> CODES = r -> "1-0" + r;

  /** Rows of a code, a text right behind it, and a value; "Code" and "Item" above. */
  private static Optional<Interval> gutter(int rows, double heading, IntFunction<String> codes) {
    PageBuilder page = new PageBuilder().text("Code", 50, 86).text("Item", heading, 86);
    for (int r = 0; r < rows; r++) {
      double y = 100 + 14 * r;
      page.text(codes.apply(r), 50, y).text("Lamp oil", 75, y).text("4" + r, 200, y);
    }
    List<ChunkLine> lines = ChunkLine.of(LineComposer.compose(page.build().glyphs()));
    List<Interval> behind = List.of(new Interval(115, 200));
    return CodeColumn.gutter(lines.subList(0, 1), lines.subList(1, lines.size()), behind);
  }

  @Test
  void codesOfTheirOwnAreAColumnHoweverNearTheTextsStand() {
    assertThat(gutter(8, 75, CODES)).contains(new Interval(70, 75));
  }

  @Test
  void fewRowsMayLineUpByChance() {
    assertThat(gutter(7, 75, CODES)).isEmpty();
  }

  @Test
  void aHeadingBeginsWhereTheTextsDo() {
    assertThat(gutter(8, 76.1, CODES)).isPresent();
    assertThat(gutter(8, 76.3, CODES)).isEmpty();
  }

  @Test
  void whatIsMetAgainOrIsAWordIsNoCode() {
    assertThat(gutter(10, 75, r -> r < 9 ? "1-0" + r : "1-00")).isPresent();
    assertThat(gutter(10, 75, r -> r < 8 ? "1-0" + r : "1-00")).as("two of ten again").isEmpty();
    assertThat(gutter(8, 75, r -> "no" + r)).isEmpty();
    assertThat(gutter(8, 75, r -> "NOR")).isEmpty();
  }
}
