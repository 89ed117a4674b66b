package dev.inlay.score;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.Regions;
import dev.inlay.evidence.LineRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The customs of print that are added to what the model says. */
class RoleReadingTest {

  private static Zone zone(PageBuilder page) {
    return Regions.zones(page).get(0);
  }

  private static PageBuilder row(PageBuilder page, double y, String... texts) {
    for (int c = 0; c < texts.length; c++) {
      if (!texts[c].isEmpty()) {
        page.text(texts[c], 50 + 100 * c, y);
      }
    }
    return page;
  }

  @Test
  void aLineWithQuantitiesBelowQuantitiesIsARow() {
    PageBuilder page = row(new PageBuilder().bold(), 100, "Ground", "Gear", "Catch").plain();
    for (int r = 0; r < 4; r++) {
      row(page, 120 + 32 * r, "Ground " + r, "trawl", "11" + r + ".4");
      row(page, 132 + 32 * r, "", "seine", "4" + r + ".9");
    }
    assertThat(RoleReading.of(zone(page)).roles()).doesNotContain(LineRole.GOES_ON);
  }

  @Test
  void unitsRightBelowTheHeadingsBelongToThem() {
    PageBuilder page = row(new PageBuilder().bold(), 100, "Quay", "Water", "Power").plain();
    row(page, 114, "", "m3", "kWh");
    PageBuilder marks = row(new PageBuilder().bold(), 100, "Quay", "Water", "Power").plain();
    row(marks, 114, "", "-", "12");
    for (int r = 0; r < 4; r++) {
      row(page, 128 + 14 * r, "Quay " + r, "41" + r, "2,30" + r);
      row(marks, 128 + 14 * r, "Quay " + r, "41" + r, "2,30" + r);
    }
    assertThat(RoleReading.of(zone(page)).roles().get(1)).isEqualTo(LineRole.HEADER);
    assertThat(RoleReading.of(zone(marks)).roles().get(1)).isNotEqualTo(LineRole.HEADER);
  }

  @Test
  void fourNumbersThatFollowEachOtherHeadColumnsAndThreeDoNot() {
    PageBuilder four = row(new PageBuilder(), 100, "Day", "1", "2", "3", "4");
    PageBuilder three = row(new PageBuilder(), 100, "Day", "1", "2", "3");
    String[] days = {"Mon", "Tue", "Wed", "Thu"};
    for (int r = 0; r < days.length; r++) {
      String a = "1" + (r * 3 % 7);
      row(four, 114 + 14 * r, days[r], a, "4" + r, "8" + r * 2, "30");
      row(three, 114 + 14 * r, days[r], a, "4" + r, "8" + r * 2);
    }
    assertThat(RoleReading.of(zone(four)).roles().get(0)).isEqualTo(LineRole.HEADER);
    assertThat(RoleReading.of(zone(three)).roles().get(0)).isNotEqualTo(LineRole.HEADER);
  }

  @Test
  void betweenRulingsWordsGoOnWithTheRowAboveThem() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 6; r++) {
      double top = 100 + 40 * r;
      page.horizontal(top, 45, 400);
      row(page, top + 14, "Vessel " + (char) ('a' + r), "new mast", "", (90 - r) + ".5");
      row(page, top + 28, "of Oyle", "and sails");
    }
    List<LineRole> roles = RoleReading.of(zone(page.horizontal(340, 45, 400))).roles();
    for (int i = 3; i < roles.size(); i += 2) {
      assertThat(roles.get(i)).as("line " + i).isEqualTo(LineRole.GOES_ON);
    }
  }

  @Test
  void insideATableNoLineIsOutside() {
    PageBuilder page = row(new PageBuilder(), 100, "Brennick", "North quay");
    page.text("All are open on weekdays from six to noon and on request.", 50, 160);
    RoleReading reading = RoleReading.of(zone(page));
    assertThat(reading.inside()).doesNotContain(LineRole.OUTSIDE).hasSize(2);
  }

  @Test
  void theLeastProbableRoleOfNoLineIsCertain() {
    PageBuilder page = row(new PageBuilder(), 100, "Brennick", "North quay");
    RoleReading reading = RoleReading.of(zone(page));
    assertThat(reading.leastProbable(0, 0)).isEqualTo(1);
    assertThat(reading.leastProbable(0, 1)).isLessThan(1).isGreaterThan(0);
  }

  @Test
  void threeRisingNumbersOverAnEmptyCornerHeadColumns() {
    PageBuilder page = row(new PageBuilder(), 100, "", "10", "14", "18");
    PageBuilder falling = row(new PageBuilder(), 100, "", "18", "14", "10");
    for (int r = 0; r < 4; r++) {
      row(page, 114 + 14 * r, "Quay " + r, "1" + (7 - r), "4" + r, "82");
      row(falling, 114 + 14 * r, "Quay " + r, "1" + (7 - r), "4" + r, "82");
    }
    assertThat(RoleReading.of(zone(page)).roles().get(0)).isEqualTo(LineRole.HEADER);
    assertThat(RoleReading.of(zone(falling)).roles().get(0)).isNotEqualTo(LineRole.HEADER);
  }

  @Test
  void theNumbersOfColumnsBelowTheHeadingsBelongToThem() {
    PageBuilder page = row(new PageBuilder().bold(), 100, "Quay", "Water", "Power").plain();
    row(page, 114, "1", "2", "3");
    for (int r = 0; r < 4; r++) {
      row(page, 128 + 14 * r, "Quay " + r, "41" + r, "2,30" + r);
    }
    assertThat(RoleReading.of(zone(page)).roles().get(1)).isEqualTo(LineRole.HEADER);
  }

  private static List<LineRole> withNumberBelow(double step) {
    PageBuilder page = row(new PageBuilder().bold(), 100, "Quay", "Water", "Power").plain();
    for (int r = 0; r < 6; r++) {
      row(page, 114 + 14 * r, "Quay " + r, "41" + r, "2,30" + r);
    }
    page.text("7", 152, 184 + step);
    return RoleReading.of(zone(page)).roles();
  }

  @Test
  void whatStandsFarBelowTheLastRowGoesOnWithNone() {
    assertThat(withNumberBelow(14 * 2.3).get(7)).isEqualTo(LineRole.OUTSIDE);
  }

  /** The role of the third of five rows, with a text that begins in lower case. */
  private static LineRole third(double y, String label) {
    PageBuilder page = row(new PageBuilder().bold(), 100, "Month", "Rain", "Snow", "Sun").plain();
    String[] labels = {"january", "february", label, "april", "may"};
    for (int r = 0; r < 5; r++) {
      double at = r == 2 ? y : 120 + 12 * r;
      String[] texts =
          r == 2
              ? new String[] {"not measured this year"}
              : new String[] {"1" + r + ".4", "2" + r + ".0", "3" + r + ".9"};
      page.text(labels[r], 50, at);
      for (int c = 0; c < texts.length; c++) {
        page.text(texts[c], 150 + 100 * c, at);
      }
    }
    return RoleReading.of(zone(page)).roles().get(3);
  }

  @Test
  void aLabelInLowerCaseBeginsARowWhereAllDo() {
    assertThat(third(144, "march")).isEqualTo(LineRole.RECORD);
  }
}
