package dev.inlay.score;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import dev.inlay.page.LineComposer;
import dev.inlay.page.TextLine;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;

class CentredRowsTest {

  private static Zone zone(PageBuilder page) {
    List<TextLine> lines =
        LineComposer.compose(page.build().glyphs()).stream()
            .sorted(Comparator.comparingDouble(TextLine::baseline))
            .toList();
    return new Zone(ChunkLine.of(lines), List.of(), List.of(), List.of(), 800, 10);
  }

  private static List<String> rows(PageBuilder page) {
    return RoleReading.asRead(zone(page)).lines().stream()
        .map(ChunkLine::words)
        .map(words -> String.join(" ", words.stream().map(w -> w.text()).toList()))
        .toList();
  }

  /** A header and rows whose names take two lines, the other cells centred beside them. */
  private static PageBuilder centred(int count) {
    PageBuilder page = new PageBuilder();
    page.bold().text("No.", 50, 100).text("Holder", 120, 100).text("Paid", 300, 100).plain();
    for (int r = 0; r < count; r++) {
      double y = 120 + 30 * r;
      page.text("Fenwick and", 120, y).text("10" + r, 50, y + 6).text("4.5" + r, 300, y + 6);
      page.text("sons " + r, 120, y + 12);
    }
    return page;
  }

  @Test
  void linesBetweenThoseOfTheCellsBesideThemAreOneRow() {
    assertThat(rows(centred(3)))
        .containsExactly(
            "No. Holder Paid",
            "100 Fenwick and sons 0 4.50",
            "101 Fenwick and sons 1 4.51",
            "102 Fenwick and sons 2 4.52");
  }

  @Test
  void oneSuchRowAloneMayBeChance() {
    assertThat(rows(centred(1))).hasSize(4);
    assertThat(rows(centred(2))).hasSize(3);
  }

  @Test
  void theFirstLineBeginsTheRowAndTheOthersGoOn() {
    RoleReading reading = RoleReading.of(zone(centred(4)));
    assertThat(reading.roles().subList(1, 4))
        .containsExactly(LineRole.RECORD, LineRole.GOES_ON, LineRole.GOES_ON);
    for (int line = 1; line < 4; line++) {
      assertThat(reading.probability(line, reading.roles().get(line))).isGreaterThan(0.5);
    }
  }

  @Test
  void furtherLinesOfTheTallestCellBelongToTheRow() {
    PageBuilder page = centred(3);
    for (int r = 0; r < 3; r++) {
      double y = 260 + 60 * r;
      for (int l = 0; l < 4; l++) {
        page.text("part " + l, 120, y + 12 * l);
      }
      page.text("20" + r, 50, y + 18).text("7.5" + r, 300, y + 18);
    }
    assertThat(rows(page)).hasSize(7).contains("200 part 0 part 1 part 2 part 3 7.50");
  }

  @Test
  void valuesBelowEachOtherAreTwoRows() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 4; r++) {
      double y = 100 + 40 * r;
      page.text("Cod", 120, y).text("4.5" + r, 300, y);
      page.text("Quay " + r, 50, y + 6);
      page.text("Hake", 120, y + 12).text("7.5" + r, 300, y + 12);
    }
    assertThat(rows(page)).hasSize(12);
  }

  @Test
  void aTextOnOneSideOfALineAloneIsNotCentred() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 4; r++) {
      page.text("Quay " + r, 50, 100 + 30 * r).text("4.5" + r, 300, 106 + 30 * r);
    }
    assertThat(rows(page)).hasSize(8);
  }
}
