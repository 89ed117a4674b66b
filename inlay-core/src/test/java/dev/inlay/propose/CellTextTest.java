package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How the lines of a cell become one text. */
class CellTextTest {

  @ParameterizedTest
  @CsvSource({
    "Landings of, the fleet, Landings of the fleet",
    "Sea-, side, Sea-side",
    "1-, 2, 1-2",
    "Land-, und Forstwirtschaft, Land- und Forstwirtschaft",
    "Pre-, and post-war, Pre- and post-war",
    "Sea-, SIDE, Sea- SIDE"
  })
  void twoLines(String upper, String lower, String due) {
    PageBuilder page = new PageBuilder().text(upper, 10, 50).text(lower, 10, 62);
    assertThat(CellText.ofGlyphs(page.build().glyphs()).joined()).isEqualTo(due);
  }
}
