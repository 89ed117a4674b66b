package dev.inlay.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.inlay.PageBuilder;
import dev.inlay.page.Page;
import java.util.List;
import org.junit.jupiter.api.Test;

class CharacterRulesTest {

  private static List<Ruling> rulings(Page page) {
    return RulingFinder.find(page, PageMeasure.of(page));
  }

  @Test
  void aLineOfDashesIsARulingForEachRun() {
    Page page =
        new PageBuilder()
            .text("time   unit", 50, 100)
            .text("----", 50, 112)
            .text("====", 85, 112)
            .text("06:00  P2", 50, 124)
            .build();
    List<Ruling> found = rulings(page);
    assertThat(found).hasSize(2).allMatch(Ruling::horizontal);
    assertThat(found.get(0).at()).isCloseTo(109, within(0.5));
    assertThat(found.get(0).extent().from()).isEqualTo(50);
    assertThat(found.get(1).extent().to()).isEqualTo(105);
  }

  @Test
  void blanksToBeFilledInAndSingleDashesAreNone() {
    Page page =
        new PageBuilder()
            .text("Name ________", 50, 100)
            .text("--", 50, 120)
            .text("3 - 4", 50, 140)
            .build();
    assertThat(rulings(page)).isEmpty();
  }

  @Test
  void besideALongRuleShortOnesRuleNarrowColumns() {
    PageBuilder page = new PageBuilder().text("---", 45, 112).text("--", 65, 112);
    assertThat(rulings(page.build())).isEmpty();
    assertThat(rulings(page.text("----", 90, 112).build())).hasSize(3);
  }

  private static List<Double> reaches(String line) {
    Page page = new PageBuilder().text(line, 50, 100).text("Quay  4  5", 50, 112).build();
    return rulings(page).stream()
        .flatMap(r -> java.util.stream.Stream.of(r.extent().from(), r.extent().to()))
        .toList();
  }

  @Test
  void dashesOnBothSidesOfAHeadingShowItsReach() {
    assertThat(reaches("Quay --- Ships ---")).containsExactly(75.0, 140.0);
    assertThat(reaches("Quay -- Ships --")).as("two are too few beside a text").isEmpty();
  }

  @Test
  void inALineOfSuchHeadingsOneDashSuffices() {
    assertThat(reaches("- Ships - - Boats -")).containsExactly(50.0, 95.0, 100.0, 145.0);
    assertThat(reaches("- Ships -")).containsExactly(50.0, 95.0);
    assertThat(reaches("- 12 -")).as("the number of a page").isEmpty();
    assertThat(reaches("- Ships - Boats")).as("text without dashes").isEmpty();
    assertThat(reaches("- pull-in -")).as("a hyphen inside a word").hasSize(2);
    assertThat(reaches("- open quay")).as("a list").isEmpty();
  }
}
