package dev.inlay.score;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import dev.inlay.page.LineComposer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class GroupCustomsTest {

  private static final double PAGE_HEIGHT = 800;

  /** Six rows and a last line that is read as outside; the role that the customs leave it. */
  private static LineRole last(double baseline, double step, double heading, String... texts) {
    PageBuilder page = new PageBuilder();
    for (int r = 1; r <= 6; r++) {
      double y = baseline - step - 14 * (6 - r);
      page.text("Quay " + r, 50, y).text("41" + r, 200, y);
    }
    for (int t = 0; t < texts.length; t++) {
      page.text(texts[t], 50 + 150 * t, baseline);
    }
    List<ChunkLine> lines = ChunkLine.of(LineComposer.compose(page.build().glyphs()));
    Zone zone = new Zone(lines, List.of(), List.of(), List.of(), PAGE_HEIGHT, 10);
    List<LineRole> roles = new ArrayList<>(Collections.nCopies(6, LineRole.RECORD));
    roles.add(LineRole.OUTSIDE);
    double[][] probabilities = new double[7][LineRole.values().length];
    for (double[] line : probabilities) {
      line[LineRole.RECORD.ordinal()] = 1;
    }
    probabilities[6][LineRole.RECORD.ordinal()] = 0;
    probabilities[6][LineRole.GROUP.ordinal()] = heading;
    probabilities[6][LineRole.OUTSIDE.ordinal()] = 1 - heading;
    RoleReading reading = new RoleReading(roles, probabilities);
    new GroupCustoms(zone, reading, roles).takeInAtFoot();
    return roles.get(6);
  }

  @Test
  void theLastLineAtTheFootMayHeadRowsOfTheNextPage() {
    assertThat(last(780, 16, 0.21, "South side")).isEqualTo(LineRole.GROUP);
    assertThat(last(780, 16, 0.19, "South side")).isEqualTo(LineRole.OUTSIDE);
  }

  @Test
  void furtherUpItWouldHaveRowsBelow() {
    assertThat(last(599, 16, 0.21, "South side"))
        .as("its box ends at 601")
        .isEqualTo(LineRole.GROUP);
    assertThat(last(597, 16, 0.21, "South side")).isEqualTo(LineRole.OUTSIDE);
  }

  @Test
  void itStandsNoFurtherBelowTheRowsThanAHeadingDoes() {
    assertThat(last(780, 14 * 2.1, 0.21, "South side")).isEqualTo(LineRole.GROUP);
    assertThat(last(780, 14 * 2.3, 0.21, "South side")).isEqualTo(LineRole.OUTSIDE);
  }

  @Test
  void severalTextsBesideEachOtherHeadNothing() {
    assertThat(last(780, 16, 0.21, "South", "Page")).isEqualTo(LineRole.OUTSIDE);
  }

  /** A heading, rows, and a line that is read as going on; the role that the customs leave it. */
  private static LineRole alike(boolean bold, double x, String text) {
    PageBuilder page = new PageBuilder().bold().text("North side", 120, 86).plain();
    for (int r = 0; r < 3; r++) {
      page.text("Quay " + r, 50, 100 + 14 * r).text("41" + r, 200, 100 + 14 * r);
    }
    page = (bold ? page.bold() : page).text(text, x, 142).plain();
    page.text("Quay 4", 50, 156).text("414", 200, 156);
    List<ChunkLine> lines = ChunkLine.of(LineComposer.compose(page.build().glyphs()));
    Zone zone = new Zone(lines, List.of(), List.of(), List.of(), PAGE_HEIGHT, 10);
    List<LineRole> roles = new ArrayList<>(Collections.nCopies(6, LineRole.RECORD));
    roles.set(0, LineRole.GROUP);
    roles.set(4, LineRole.GOES_ON);
    double[][] probabilities = new double[6][LineRole.values().length];
    new GroupCustoms(zone, new RoleReading(roles, probabilities), roles).addThoseSetAlike();
    return roles.get(4);
  }

  @Test
  void aLineSetAsAHeadingOfRowsIsHeadsRowsToo() {
    assertThat(alike(true, 120, "South")).as("same left edge").isEqualTo(LineRole.GROUP);
    assertThat(alike(true, 132.5, "South")).as("same middle").isEqualTo(LineRole.GROUP);
    assertThat(alike(true, 128, "South")).as("neither").isEqualTo(LineRole.GOES_ON);
  }

  @Test
  void inTheTypeOfTheRowsOrInLowerCaseItGoesOn() {
    assertThat(alike(false, 120, "South")).isEqualTo(LineRole.GOES_ON);
    assertThat(alike(true, 120, "south")).isEqualTo(LineRole.GOES_ON);
  }
}
