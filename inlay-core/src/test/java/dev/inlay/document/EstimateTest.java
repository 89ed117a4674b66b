package dev.inlay.document;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.ReadTables;
import dev.inlay.model.Table;
import dev.inlay.model.WarningCode;
import org.junit.jupiter.api.Test;

/** Which tables are said to need a look. */
class EstimateTest {

  @Test
  void lessProbableTablesThanTheLimitAreDoubtful() {
    assertThat(Estimate.isDoubtful(0.779)).isTrue();
    assertThat(Estimate.isDoubtful(0.78)).isFalse();
  }

  @Test
  void aPlainTableIsNeitherDoubtfulNorReportedAsUnsure() {
    PageBuilder page = new PageBuilder().lattice(50, 100, 80, 20, 5, 3);
    page.bold().cells(50, 100, 80, 20, 3, "Vessel", "Trips", "Value").plain();
    page.cells(
        50, 120, 80, 20, 3, "Kestrel", "12", "310", "Ann", "7", "205", "Hope", "30", "96", "Tern",
        "9", "118");
    Table table = ReadTables.tables(page).get(0);
    assertThat(Estimate.isDoubtful(table.confidence())).isFalse();
    assertThat(table.warnings()).extracting(w -> w.code()).doesNotContain(WarningCode.UNSURE);
  }
}
