package dev.inlay.spec;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Which tables a data set has to itself. */
class ReportSpecTest {

  /** For each data set with one of these titles, whether its tables are its own. */
  private static List<Boolean> ownTables(String... titles) throws SpecException {
    StringBuilder yaml = new StringBuilder("report: R\ndata:\n");
    for (int i = 0; i < titles.length; i++) {
      yaml.append("  s").append(i).append(":\n    columns: {a: A}\n");
      yaml.append(titles[i].isEmpty() ? "" : "    table: " + titles[i] + "\n");
    }
    ReportSpec spec = SpecReader.read(yaml.toString());
    return spec.dataSets().stream().map(spec::hasTablesOfItsOwn).toList();
  }

  @Test
  void theOnlyDataSetHasAllTables() throws SpecException {
    assertThat(ownTables("")).containsExactly(true);
    assertThat(ownTables("", "")).containsExactly(false, false);
  }

  @Test
  void aTitleThatNoOtherDataSetNamesIsItsOwn() throws SpecException {
    assertThat(ownTables("Open dues", "Closed dues")).containsExactly(true, true);
    assertThat(ownTables("Open dues", "")).containsExactly(true, false);
    assertThat(ownTables("Dues", "Closed Dues")).containsExactly(false, false);
    assertThat(ownTables("Dues", "Dues", "Fees")).containsExactly(false, false, true);
  }
}
