package dev.inlay.choose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.Regions;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import dev.inlay.geom.Box;
import dev.inlay.score.RoleReading;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Lines that were read as running text, and whether they may be a table. */
class PossibleTablesTest {

  private static final List<ChunkLine> FOUR_LINES =
      Regions.zones(
              new PageBuilder(1)
                  .text("Berth", 50, 100)
                  .text("Length", 200, 100)
                  .text("North", 50, 114)
                  .text("48 m", 200, 114)
                  .text("South", 50, 128)
                  .text("52 m", 200, 128)
                  .text("All berths have fenders.", 50, 142))
          .get(0)
          .lines();

  /** What is found where each line belongs to a table with such a chance. */
  private static List<PossibleTable> found(List<Box> frames, double... chances) {
    double[][] probabilities = new double[chances.length][LineRole.values().length];
    for (int i = 0; i < chances.length; i++) {
      probabilities[i][LineRole.OUTSIDE.ordinal()] = 1 - chances[i];
      probabilities[i][LineRole.RECORD.ordinal()] = chances[i];
    }
    List<LineRole> roles = new ArrayList<>(Collections.nCopies(chances.length, LineRole.OUTSIDE));
    RoleReading reading = new RoleReading(roles, probabilities);
    return new PossibleTables(FOUR_LINES, reading).outside(frames);
  }

  @Test
  void linesInDoubtAreReportedTogether() {
    List<PossibleTable> found = found(List.of(), 0.55, 0.2, 0.2, 0.05);
    assertThat(found).hasSize(1);
    assertThat(found.get(0).lines()).isEqualTo(3);
    assertThat(found.get(0).begins()).isEqualTo("Berth Length");
    assertThat(found.get(0).place().bottom()).isLessThan(FOUR_LINES.get(3).box().top());
  }

  @Test
  void linesThatHardlyBelongToATableAreNotCounted() {
    assertThat(found(List.of(), 0.5, 0.11, 0, 0).get(0).lines()).isEqualTo(2);
    assertThat(found(List.of(), 0.5, 0.09, 0, 0).get(0).lines()).isEqualTo(1);
  }

  @Test
  void whereNoLineProbablyEnoughBelongsToATableAllAreText() {
    assertThat(found(List.of(), 0.29, 0.29, 0.29, 0)).isEmpty();
    assertThat(found(List.of(), 0.31, 0.29, 0.29, 0)).hasSize(1);
  }

  @Test
  void aLineOfOneTextAloneIsNoTable() {
    assertThat(found(List.of(), 0, 0, 0, 0.9)).isEmpty();
  }

  @Test
  void linesInsideATableThatWasFoundAreNotReported() {
    Box upper = FOUR_LINES.get(0).box().union(FOUR_LINES.get(1).box());
    List<PossibleTable> found = found(List.of(upper), 0.9, 0.9, 0.9, 0);
    assertThat(found).hasSize(1);
    assertThat(found.get(0).begins()).isEqualTo("South 52 m");
    assertThat(found(List.of(upper), 0.9, 0.9, 0, 0)).isEmpty();
  }
}
