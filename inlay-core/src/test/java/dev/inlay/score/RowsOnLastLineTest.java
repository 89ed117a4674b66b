package dev.inlay.score;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.page.LineComposer;
import dev.inlay.page.TextLine;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;

class RowsOnLastLineTest {

  /** Four rows 20 points apart from 100 on, the last at 160. */
  private static PageBuilder rows() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 4; r++) {
      row(page, 100 + 20 * r, "Tern " + r);
    }
    return page;
  }

  private static PageBuilder row(PageBuilder page, double y, String name) {
    return page.text("0" + (int) y % 97, 50, y).text(name, 120, y).text("4.50", 300, y);
  }

  private static List<Integer> starts(PageBuilder page) {
    List<TextLine> lines =
        LineComposer.compose(page.build().glyphs()).stream()
            .sorted(Comparator.comparingDouble(TextLine::baseline))
            .toList();
    return RowsOnLastLine.starts(ChunkLine.of(lines));
  }

  /** A wrapped name above its row, this far from the row before, and this far from its own. */
  private static PageBuilder wrapped(double before, double within, double behind) {
    PageBuilder page = rows().text("Great northern", 120, 160 + before);
    row(page, 160 + before + within, "diver");
    return row(page, 160 + before + within + behind, "Skua");
  }

  @Test
  void aTextAloneThatIsNearerToTheRowBelowBeginsIt() {
    assertThat(starts(wrapped(20, 12, 20))).containsExactly(0, 1, 2, 3, 4, 6, 7);
  }

  @Test
  void asFarFromItAsRowsAreItStandsForItself() {
    assertThat(starts(wrapped(20, 16.8, 20))).as("84 % of the step").hasSize(7);
    assertThat(starts(wrapped(20, 17.2, 20))).as("86 % of the step").hasSize(8);
  }

  @Test
  void oneSuchRowCountsWhereItIsExactlyAsFarFromTheOthersAsTheseAre() {
    assertThat(starts(wrapped(20.3, 12, 20.3))).hasSize(7);
    assertThat(starts(wrapped(20.5, 12, 20))).as("2.5 % off").hasSize(8);
    PageBuilder two = wrapped(20.5, 12, 20.5).text("Red-throated", 120, 233.5);
    assertThat(starts(row(two, 245.5, "diver")))
        .as("two of them")
        .containsExactly(0, 1, 2, 3, 4, 6, 7, 9);
  }

  @Test
  void nearerToTheRowBeforeItGoesOnWithThat() {
    assertThat(starts(wrapped(12, 16, 20))).hasSize(8);
  }

  @Test
  void aTextInAColumnOfItsOwnBeginsNoTextOfTheRow() {
    PageBuilder page = rows().text("note", 420, 180);
    assertThat(starts(row(row(page, 192, "diver"), 212, "Skua"))).hasSize(8);
  }

  @Test
  void aValueOverAValueIsARowOfItsOwn() {
    PageBuilder page = rows().text("7.25", 300, 180);
    assertThat(starts(row(row(page, 192, "diver"), 212, "Skua"))).hasSize(8);
  }

  /** Two rows whose names begin this many lines above them. */
  private static List<Integer> withLinesAbove(int count) {
    PageBuilder page = rows();
    double y = 160;
    for (int r = 0; r < 2; r++) {
      y += 20;
      for (int l = 0; l < count; l++) {
        page.text("part " + (char) ('a' + l), 120, y);
        y += 12;
      }
      row(page, y, "diver");
    }
    return starts(page);
  }

  @Test
  void aNameHasAtMostFourLinesAboveItsRow() {
    assertThat(withLinesAbove(4)).containsExactly(0, 1, 2, 3, 4, 9, 14);
    assertThat(withLinesAbove(5)).hasSize(4 + 12 + 1);
  }

  @Test
  void threeStepsShowHowFarRowsAreApart() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 3; r++) {
      row(page, 100 + 20 * r, "Tern " + r);
    }
    page.text("Great northern", 120, 160);
    assertThat(starts(row(page, 172, "diver"))).as("two steps").hasSize(6);
    assertThat(starts(row(page, 192, "Skua"))).as("three steps").hasSize(6);
  }
}
