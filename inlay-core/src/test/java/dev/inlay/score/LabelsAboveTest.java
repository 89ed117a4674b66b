package dev.inlay.score;

import static dev.inlay.evidence.LineRole.GOES_ON;
import static dev.inlay.evidence.LineRole.HEADER;
import static dev.inlay.evidence.LineRole.RECORD;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import dev.inlay.evidence.PageLines;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class LabelsAboveTest {

  private final PageBuilder page = new PageBuilder();
  private final List<LineRole> roles = new ArrayList<>();
  private double y = 100;

  private void row(double step, String label, String value) {
    y += step;
    page.text(label, 50, y);
    if (!value.isEmpty()) {
      page.text(value, 200, y);
    }
    roles.add(RECORD);
  }

  private void plainRows(int count) {
    for (int r = 0; r < count; r++) {
      row(20, "Skua " + "abcdef".charAt(r), "4" + r + ".50");
    }
  }

  private List<LineRole> joined() {
    LabelsAbove.join(ChunkLine.of(PageLines.of(page.build())), roles);
    return roles;
  }

  @Test
  void valuesOnTheLastLineOfALabelGoOnWithIt() {
    plainRows(4);
    row(20, "Roof of the", "");
    row(12, "old town", "");
    row(12, "hall", "9.50");
    assertThat(joined()).endsWith(RECORD, RECORD, GOES_ON, GOES_ON);
  }

  @Test
  void aLineAsFarAboveAsRowsAreIsARowOfItsOwn() {
    plainRows(4);
    row(20, "Outer harbour", "");
    row(20, "Skua g", "9.50");
    assertThat(joined()).doesNotContain(GOES_ON);
  }

  @Test
  void nearIsFourFifthsOfTheUsualDistance() {
    plainRows(4);
    row(20, "Roof of the", "");
    row(16, "hall", "9.50");
    assertThat(joined()).endsWith(RECORD, GOES_ON);
    row(20, "Roof of the", "");
    row(16.2, "barn", "9.50");
    assertThat(joined()).endsWith(RECORD, RECORD);
  }

  @Test
  void whatWrapsBelowItsRowIsLeftAlone() {
    plainRows(4);
    row(20, "Roof of", "9.50");
    row(12, "the hall", "");
    row(12, "Skua h", "3.50");
    assertThat(joined()).endsWith(RECORD, RECORD, RECORD);
  }

  @Test
  void threeRowsShowNoUsualDistance() {
    roles.add(HEADER);
    page.text("Vessel", 50, y).text("Dues", 200, y);
    plainRows(3);
    row(20, "Roof of the", "");
    row(12, "hall", "9.50");
    assertThat(joined()).doesNotContain(GOES_ON);
  }
}
