package dev.inlay.find;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.geom.Interval;
import dev.inlay.page.LineComposer;
import java.util.List;
import org.junit.jupiter.api.Test;

class TableSignsTest {

  @Test
  void textsThatAGutterPartsStandInTwoColumnsHoweverNearTheyAre() {
    PageBuilder page = new PageBuilder().text("Skua", 50, 100).text("12.4", 150, 100);
    page.text("Q1 of 2025", 177, 100);
    List<PieceLine> lines = PieceLine.of(LineComposer.compose(page.build().glyphs()));
    assertThat(lines.get(0).pieces()).hasSize(2);
    List<List<Piece>> columns =
        TableSigns.columns(lines, List.of(new Interval(80, 140), new Interval(170, 177)));
    assertThat(columns)
        .extracting(c -> c.stream().map(Piece::text).toList())
        .containsExactly(List.of("Skua"), List.of("12.4"), List.of("Q1 of 2025"));
  }
}
