package dev.inlay.extract;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.TableBuilder;
import dev.inlay.model.Table;
import org.junit.jupiter.api.Test;

class TextSearchTest {

  private static final DocumentTables PAPER =
      TableBuilder.document(
          "q1.pdf",
          new TableBuilder("Species", "Landed  weight")
              .row("Cod", "12.5")
              .note("1", "gutted")
              .build(),
          new TableBuilder("Vessel", "Port").row("Skua", "Oyle").build());

  private static int found(String text) {
    return TextSearch.in(PAPER, text).tables().size();
  }

  @Test
  void tablesAreFoundByHeadingsCellsAndNotesInCapitalsOrNot() {
    assertThat(found("landed weight")).isEqualTo(1);
    assertThat(found("skua")).isEqualTo(1);
    assertThat(found("GUTTED")).isEqualTo(1);
    assertThat(found("o")).isEqualTo(2);
    assertThat(found("herring")).isZero();
  }

  @Test
  void allElseOfThePaperStays() {
    Table vessels = PAPER.tables().get(1);
    DocumentTables found = TextSearch.in(PAPER, " port ");
    assertThat(found.tables()).containsExactly(vessels);
    assertThat(found.path()).isEqualTo(PAPER.path());
    assertThat(found.pages()).isEqualTo(PAPER.pages());
  }
}
