package dev.inlay.rows;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.TableBuilder;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.List;
import org.junit.jupiter.api.Test;

class UnpivotingTest {

  private static DataSetPart quarters(String fields, TableBuilder table) throws SpecException {
    DataSetSpec set =
        SpecReader.read(
                "report: R\nunpivot: {columns: 'Q(?<quarter>[1-4])', value: tons}\ncolumns: {"
                    + fields
                    + "tons: {type: number}}\n")
            .dataSets()
            .get(0);
    return DataSetReading.read(set, "a.pdf", List.of(table.build()), List.of());
  }

  private static TableBuilder landings() {
    return new TableBuilder("Vessel", "Q1", "2nd quarter", "Berth", "Remark")
        .row("Skua", "12", "13", "N1", "")
        .row("Tern", "7", "8", "N2", "");
  }

  @Test
  void aHeadingThatNoRuleTakesIsReportedWithItsTable() throws SpecException {
    DataSetPart part = quarters("vessel: Vessel, berth: Berth, ", landings());
    assertThat(part.records()).hasSize(2);
    assertThat(part.findings()).singleElement();
    Finding finding = part.findings().get(0);
    assertThat(finding.code()).isEqualTo("column-not-taken");
    assertThat(finding.severity()).isEqualTo(Severity.NOTE);
    assertThat(finding.message())
        .contains("takes '2nd quarter'; what stands below is in no row") // "Remark" is empty
        .doesNotContain("Remark", "Berth");
  }

  @Test
  void whereEachHeadingIsTakenNothingIsReported() throws SpecException {
    TableBuilder table = new TableBuilder("Vessel", "Q1", "Q2").row("Skua", "12", "13");
    assertThat(quarters("vessel: Vessel, ", table).findings()).isEmpty();
  }

  @Test
  void headingsInSeveralWordingsAreTakenByAListOfPatterns() {
    DataSetPart part =
        ReadRows.read(
            """
            unpivot: {columns: ['Q(?<quarter>[1-4])', '(?<quarter>[1-4])(st|nd) quarter'], value: tons}
            columns: {vessel: Vessel, tons: {type: number}}
            """,
            new TableBuilder("Vessel", "Q1", "2nd quarter").row("Skua", "12", "13").build());
    assertThat(ReadRows.texts(part, "quarter")).containsExactly("1", "2");
    assertThat(ReadRows.texts(part, "tons")).containsExactly("12", "13");
  }
}
