package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.Regions;
import dev.inlay.evidence.LineRole;
import dev.inlay.geom.Interval;
import dev.inlay.score.RoleChoice;
import dev.inlay.score.Zone;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Regions without a lattice of rulings, and what only looks like one. */
class RoleRegionsTest {

  private static List<OpenFrame> find(PageBuilder builder) {
    return Regions.of(builder);
  }

  /** Rows of a label and two figures, from a baseline downwards. */
  private static PageBuilder rows(PageBuilder page, double left, double top, String... labels) {
    for (int i = 0; i < labels.length; i++) {
      double y = top + i * 14;
      page.text(labels[i], left, y).text(String.valueOf(10 + i), left + 120, y);
      page.text(String.valueOf(200 + i), left + 180, y);
    }
    return page;
  }

  @Test
  void linesThatLeaveTheSameGuttersAreAFrame() {
    List<OpenFrame> frames =
        find(rows(new PageBuilder(), 50, 100, "Cod", "Ling", "Saithe", "Tusk"));
    assertThat(frames).hasSize(1);
    assertThat(frames.get(0).gutters()).hasSize(2);
    assertThat(frames.get(0).lines()).hasSize(4);
    // The gutter begins where the longest label ends.
    assertThat(frames.get(0).gutters().get(0)).isEqualTo(new Interval(80, 170));
  }

  @Test
  void aLongTextMayReachOverAGutter() {
    PageBuilder page = rows(new PageBuilder(), 50, 100, "Cod", "Ling", "Saithe", "Tusk", "Hake");
    rows(page, 50, 170, "Plaice", "Turbot", "Herring", "Whiting", "Prawn");
    page.text("a label much too long for its column", 50, 240).text("77", 240, 240);
    List<OpenFrame> frames = find(page);
    assertThat(frames).hasSize(1);
    assertThat(frames.get(0).gutters()).hasSize(2);
    assertThat(frames.get(0).lines()).hasSize(11);
  }

  @Test
  void narrowGuttersCountWhereFiguresStandOnBothSides() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 9; r++) {
      for (int c = 0; c < 5; c++) {
        page.text(String.valueOf(1000 + 37 * r + c), 50 + c * 22.5, 100 + r * 12);
      }
    }
    List<OpenFrame> frames = find(page);
    assertThat(frames).hasSize(1);
    assertThat(frames.get(0).gutters()).hasSize(4);
  }

  @Test
  void spacesInsideACellAreNoGutter() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 8; r++) {
      page.text("1" + r + " kg", 50, 100 + r * 12).text("2" + r + " May", 150, 100 + r * 12);
      page.text("3" + r, 250, 100 + r * 12);
    }
    assertThat(find(page).get(0).gutters()).hasSize(2);
  }

  @Test
  void aRunningHeadIsTakenOff() {
    PageBuilder page = new PageBuilder().text("Harbour Board", 50, 60).text("page 3", 400, 60);
    rows(page, 50, 90, "Cod", "Ling", "Saithe", "Tusk");
    List<OpenFrame> frames = find(page);
    assertThat(frames).hasSize(1);
    assertThat(frames.get(0).lines()).hasSize(4);
  }

  @Test
  void aSumSetApartBelowItsRowsBelongsToThem() {
    PageBuilder page = rows(new PageBuilder(), 50, 100, "Cod", "Ling", "Saithe", "Tusk");
    page.text("All", 50, 164).text("46", 170, 164).text("806", 230, 164);
    assertThat(find(page).get(0).lines()).hasSize(5);
  }

  @Test
  void aNoteBelowTheLastRulingIsNoRow() {
    PageBuilder page = rows(new PageBuilder(), 50, 100, "Cod", "Ling", "Saithe", "Tusk");
    page.horizontal(88, 50, 245).horizontal(146, 50, 245);
    page.text("Source: weighed at the quay", 50, 160);
    assertThat(find(page).get(0).lines()).hasSize(4);
  }

  @Test
  void aCaptionBetweenRowsBeginsAnotherTable() {
    PageBuilder page = rows(new PageBuilder(), 50, 100, "Cod", "Ling", "Saithe");
    page.text("Table 2: Landings at the other quay", 50, 164);
    rows(page, 50, 190, "Cod", "Hake", "Tusk");
    assertThat(find(page)).hasSize(2);
  }

  @Test
  void betweenRulingsOfOneWidthAllBelongsTogether() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 6; r++) {
      double top = 100 + r * 40;
      page.horizontal(top, 50, 350).text("Vessel " + r, 55, top + 14);
      page.text(String.valueOf(90 - r), 300, top + 14).text("re-rigged at Oyle", 150, top + 20);
      page.text("in the spring", 150, top + 32);
    }
    List<OpenFrame> frames = find(page.horizontal(340, 50, 350));
    assertThat(frames).hasSize(1);
    assertThat(frames.get(0).lines()).hasSize(18);
  }

  @Test
  void columnsOfRunningTextAreNoTable() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 12; r++) {
      page.text("the boats came in with the tide late", 50, 100 + r * 12);
      page.text("and were weighed at the quay by noon", 260, 100 + r * 12);
    }
    assertThat(find(page)).isEmpty();
  }

  @Test
  void aTableBesideRunningTextIsFoundAlone() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 14; r++) {
      page.text("the boats came in with the tide late at", 50, 100 + r * 12);
    }
    for (int r = 0; r < 8; r++) {
      page.text("and were weighed at the quay by noon too", 270, 100 + r * 12);
    }
    for (int r = 9; r < 14; r++) {
      double y = 100 + r * 12;
      page.text("Cod" + r, 275, y).text((90 - r) + ".5", 350, y).text("1" + r, 420, y);
    }
    List<OpenFrame> frames = find(page);
    assertThat(frames).hasSize(1);
    assertThat(frames.get(0).frame().box().left()).isGreaterThan(260);
    assertThat(frames.get(0).lines()).hasSize(5);
  }

  @Test
  void contentsListsAndFormsAreNoTables() {
    PageBuilder contents = new PageBuilder();
    PageBuilder list = new PageBuilder();
    PageBuilder form = new PageBuilder();
    for (int r = 0; r < 8; r++) {
      double y = 100 + r * 14;
      contents.text("Chapter ............", 50, y).text(String.valueOf(3 + 2 * r), 300, y);
      list.text((r + 1) + ".", 50, y).text("haul in " + (10 + r), 80, y);
      form.text("Field:", 50, y).text("1" + r, 150, y);
    }
    assertThat(find(contents)).isEmpty();
    assertThat(find(list)).isEmpty();
    assertThat(find(form)).isEmpty();
  }

  @Test
  void turnedLinesOnItsUpperEdgeAreHeadings() {
    PageBuilder page = rows(new PageBuilder(), 50, 160, "Cod", "Ling", "Saithe", "Tusk");
    page.upwards("Boxed", 178, 145).upwards("Bulk", 240, 145);
    List<OpenFrame> frames = find(page);
    assertThat(frames).hasSize(1);
    assertThat(new ArrayList<>(frames.get(0).turnedHeadings()))
        .extracting(l -> l.text())
        .containsExactly("Boxed", "Bulk");
  }

  /** The regions of eight rows and a line of running text between them that begins at an x. */
  private static List<OpenFrame> withTextAt(double x) {
    String[] labels = {"Cod", "Ling", "Saithe", "Tusk", "Hake", "Plaice", "Turbot", "Whiting"};
    PageBuilder page = rows(new PageBuilder(), 300, 100, labels);
    Zone zone = Regions.zones(page.text("The board took note.", x, 149)).get(0);
    List<LineRole> roles =
        zone.lines().stream()
            .map(l -> l.line().text().startsWith("The") ? LineRole.OUTSIDE : LineRole.RECORD)
            .toList();
    return RoleRegions.in(1, zone, List.of(), RoleChoice.BEST).regions(roles);
  }

  @Test
  void runningTextBesideTheRowsDoesNotEndTheirTable() {
    List<OpenFrame> beside = withTextAt(150);
    assertThat(beside).singleElement().satisfies(f -> assertThat(f.lines()).hasSize(8));
    assertThat(withTextAt(250)).as("it reaches over the labels").hasSize(2);
  }

  @Test
  void signsInTheFirstAndTheLastRowAloneStayWithTheFiguresBehindThem() {
    PageBuilder page = new PageBuilder().bold();
    page.text("2024", 170, 100).text("2023", 240, 100).plain();
    for (int r = 1; r < 7; r++) {
      double y = 100 + 12 * r;
      page.text("Reserve " + r, 50, y).text("5,11" + r, 165, y).text("7,22" + r, 235, y);
      if (r == 1 || r == 6) {
        page.text("$", 140, y).text("$", 196, y);
      }
    }
    List<OpenFrame> frames = find(page);
    assertThat(frames).hasSize(1);
    assertThat(OpenGridBuilder.build(frames.get(0)).rows().get(1))
        .extracting(Cell::text)
        .containsExactly("Reserve 1", "$ 5,111", "$ 7,221");
  }
}
