package dev.inlay.choose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.Regions;
import dev.inlay.geom.Interval;
import dev.inlay.propose.OpenFrame;
import dev.inlay.score.RoleChoice;
import dev.inlay.score.RoleReading;
import dev.inlay.score.Zone;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Possible readings beside the chosen one. */
class ProposalTest {

  private static PageBuilder landings() {
    PageBuilder page = new PageBuilder().bold();
    page.cells(50, 100, 120, 16, 3, "Vessel", "Harbour", "Boxed").plain();
    for (int r = 1; r < 6; r++) {
      page.cells(50, 100 + 16 * r, 120, 16, 3, "Skua " + r, "Oyle", "1" + r + ".5");
    }
    return page;
  }

  private static List<PageTable> read(Proposal proposal) {
    return PageTables.of(landings().build(), PageHints.NONE.with(proposal)).tables();
  }

  @Test
  void anotherNumberOfHeaderRowsIsTheNextProbableOne() {
    assertThat(read(Proposal.CHOSEN).get(0).headerRows()).isEqualTo(1);
    assertThat(read(Proposal.CHOSEN.withOtherHeader()).get(0).headerRows()).isNotEqualTo(1);
  }

  @Test
  void otherRolesAreTheNextProbableOnes() {
    Zone zone = Regions.zones(landings()).get(0);
    RoleReading chosen = RoleReading.of(zone, new RoleChoice(0, false));
    RoleReading next = RoleReading.of(zone, new RoleChoice(1, false));
    assertThat(next.roles()).isNotEqualTo(chosen.roles()).hasSameSizeAs(chosen.roles());
    assertThat(read(Proposal.CHOSEN.with(new RoleChoice(1, false))))
        .isNotEqualTo(read(Proposal.CHOSEN));
  }

  @Test
  void aStripThatIsNearlyAGutterPartsColumnsWhereItIsTakenForOne() {
    OpenFrame region = Regions.of(landings()).get(0);
    Interval strip = new Interval(55, 58);
    OpenFrame doubtful =
        new OpenFrame(
            region.frame(),
            region.lines(),
            region.turnedHeadings(),
            region.gutters(),
            false,
            Optional.of(strip));
    assertThat(Proposal.CHOSEN.columnsOf(doubtful).gutters()).isEqualTo(region.gutters());
    assertThat(Proposal.CHOSEN.withRivalGutters().columnsOf(doubtful).gutters())
        .startsWith(strip)
        .containsAll(region.gutters());
  }
}
