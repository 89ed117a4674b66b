package dev.inlay.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Word;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The chunks of lines, and frames of rulings. */
class ChunkLineTest {

  private static final PageMeasure MEASURE = new PageMeasure(10);

  private static List<Frame> frames(PageBuilder page, PageMeasure measure) {
    return FrameFinder.find(1, RulingFinder.find(page.build(), measure), measure);
  }

  private static List<ChunkLine> lines(PageBuilder builder) {
    return ChunkLine.of(LineComposer.compose(builder.build().glyphs()));
  }

  @Test
  void theThousandsOfOneFigureStayTogether() {
    List<ChunkLine> lines =
        lines(new PageBuilder().text("10 885", 50, 100).text("12 13", 150, 100));
    assertThat(lines.get(0).chunks()).extracting(Chunk::text).containsExactly("10 885", "12", "13");
  }

  @Test
  void leaderDotsAreNoTextAndDotsInColumnsAre() {
    PageBuilder page = new PageBuilder().text("Cod ........ 12", 50, 100);
    page.text(".", 50, 120).text(".", 100, 120).text(".", 150, 120).text(".", 200, 120);
    List<ChunkLine> lines = lines(page);
    assertThat(lines.get(0).words()).hasSize(2);
    assertThat(lines.get(0).hasLeader()).isTrue();
    assertThat(lines.get(1).words()).hasSize(4);
  }

  @Test
  void threeDotsThatFollowNoTextStandForAValue() {
    PageBuilder page = new PageBuilder().text("Cod . . . 12", 50, 100);
    page.text("Eel", 50, 120).text(". . .", 200, 120).text("12", 300, 120);
    page.text("Hake", 50, 140).text(". . . .", 200, 140).text("12", 300, 140);
    List<ChunkLine> lines = lines(page);
    assertThat(lines.get(0).words()).extracting(Word::text).containsExactly("Cod", "12");
    assertThat(lines.get(1).words())
        .extracting(Word::text)
        .containsExactly("Eel", ".", ".", ".", "12");
    assertThat(lines.get(2).words()).extracting(Word::text).containsExactly("Hake", "12");
  }

  @Test
  void rulesMadeOfCharactersAreNoText() {
    List<ChunkLine> lines = lines(new PageBuilder().text("-----", 50, 100).text("Cod", 50, 112));
    assertThat(lines).hasSize(1);
  }

  @Test
  void cellsWithBoxesOfTheirOwnNeedTheWiderMeasure() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 3; r++) {
      for (int c = 0; c < 3; c++) {
        page.lattice(50 + c * 64, 100 + r * 24, 60, 20, 1, 1);
      }
    }
    assertThat(frames(page, MEASURE)).hasSize(9);
    assertThat(frames(page, MEASURE.forSeparateBoxes())).hasSize(1);
  }

  @Test
  void shortPiecesOfARuleAreNoTextEither() {
    assertThat(lines(new PageBuilder().text("-", 50, 100).text("----", 70, 100))).isEmpty();
    assertThat(lines(new PageBuilder().text("-", 50, 100).text("--", 70, 100)))
        .as("values that are missing")
        .hasSize(1);
    assertThat(lines(new PageBuilder().text("-", 50, 100).text("---- x", 70, 100)).get(0).words())
        .as("a value beside a text")
        .hasSize(2);
  }
}
