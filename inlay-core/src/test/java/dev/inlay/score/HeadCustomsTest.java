package dev.inlay.score;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Interval;
import dev.inlay.page.LineComposer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class HeadCustomsTest {

  /** The role of the second of two lines that are read as a header above a row. */
  private static LineRole second(double record, String label, String... texts) {
    PageBuilder page = new PageBuilder().text("Men", 150, 86).text("Women", 250, 86);
    page.text(label, 50, 100).text("Coal quay", 50, 114);
    for (int c = 0; c < texts.length; c++) {
      page.text(texts[c], 150 + 100 * c, 100).text("4" + c, 150 + 100 * c, 114);
    }
    List<ChunkLine> lines = ChunkLine.of(LineComposer.compose(page.build().glyphs()));
    Zone zone = new Zone(lines, List.of(), List.of(), List.of(), 800, 10);
    List<LineRole> roles =
        new ArrayList<>(List.of(LineRole.HEADER, LineRole.HEADER, LineRole.RECORD));
    double[][] probabilities = new double[3][LineRole.values().length];
    probabilities[0][LineRole.HEADER.ordinal()] = 1;
    probabilities[1][LineRole.HEADER.ordinal()] = 1 - record;
    probabilities[1][LineRole.RECORD.ordinal()] = record;
    probabilities[2][LineRole.RECORD.ordinal()] = 1;
    new HeadCustoms(zone, new LineSigns(zone), new RoleReading(roles, probabilities), roles)
        .apply();
    return roles.get(1);
  }

  @Test
  void aNameAndAnAmountBelowEachHeadingAreARow() {
    assertThat(second(0.11, "Region", "2.824", "2.962")).isEqualTo(LineRole.RECORD);
    assertThat(second(0.09, "Region", "2.824", "2.962")).isEqualTo(LineRole.HEADER);
  }

  @Test
  void yearsAndWordsHeadColumns() {
    assertThat(second(0.11, "Region", "2019", "2020")).isEqualTo(LineRole.HEADER);
    assertThat(second(0.11, "Region", "2.824", "share")).isEqualTo(LineRole.HEADER);
  }

  /** The roles of a title, headings and three rows, read as a header above rows. */
  private static List<LineRole> titled(double title, double... rulings) {
    PageBuilder page = new PageBuilder().text("Cargo", title, 100);
    page.text("Port", 50, 120).text("Goods", 250, 120);
    for (int r = 0; r < 3; r++) {
      page.text("Oyle " + r, 50, 140 + 20 * r).text("Coal", 250, 140 + 20 * r);
    }
    List<ChunkLine> lines = ChunkLine.of(LineComposer.compose(page.build().glyphs()));
    List<Ruling> drawn = new ArrayList<>();
    for (double y : rulings) {
      drawn.add(new Ruling(true, y, new Interval(50, 275)));
    }
    Zone zone = new Zone(lines, drawn, List.of(), List.of(), 800, 10);
    List<LineRole> roles = new ArrayList<>(Collections.nCopies(5, LineRole.RECORD));
    roles.set(0, LineRole.HEADER);
    double[][] probabilities = new double[5][LineRole.values().length];
    for (int i = 0; i < 5; i++) {
      probabilities[i][roles.get(i).ordinal()] = 1;
    }
    new HeadCustoms(zone, new LineSigns(zone), new RoleReading(roles, probabilities), roles)
        .apply();
    return roles.subList(0, 2);
  }

  @Test
  void aTitleInTheMiddleOverTheFirstRulingIsNoPartOfTheTable() {
    assertThat(titled(150, 106)).containsExactly(LineRole.OUTSIDE, LineRole.RECORD);
    assertThat(titled(154.9, 106)).first().isEqualTo(LineRole.OUTSIDE);
    assertThat(titled(155.1, 106)).as("out of the middle").first().isEqualTo(LineRole.HEADER);
    assertThat(titled(150, 88, 106)).as("in the frame").first().isEqualTo(LineRole.HEADER);
  }

  @Test
  void belowATitleInTheFrameWordsBetweenTwoRulingsHeadColumns() {
    assertThat(titled(150, 88, 106, 126)).containsOnly(LineRole.HEADER);
    assertThat(titled(150, 88, 106)).last().isEqualTo(LineRole.RECORD);
    assertThat(titled(150, 88, 106, 126, 146))
        .as("rows are ruled, too")
        .last()
        .isEqualTo(LineRole.RECORD);
  }
}
