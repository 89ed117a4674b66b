package dev.inlay.check;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.ReadFiles;
import dev.inlay.TableBuilder;
import dev.inlay.model.RowKind;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.Finding;
import dev.inlay.spec.ReportSpec;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Checks that find nothing to compare prove nothing, and say so. */
class NotAskedTest {

  private static ReportSpec spec(String check) {
    try {
      return SpecReader.read(
          """
          report: R
          numbers: {decimal: "."}
          columns:
            code: {from: Code}
            a: {from: A, type: number}
            b: {from: B, type: number, optional: yes}
          checks:
          """
              + "  - "
              + check);
    } catch (SpecException e) {
      throw new AssertionError(e.messages().toString(), e);
    }
  }

  /** The findings of a batch, a file for each table. */
  private static List<String> found(String check, TableBuilder... tables) {
    ReportSpec spec = spec(check);
    List<FileRun> runs = ReadFiles.checked(spec.dataSets().get(0), List.of(tables));
    return BatchChecks.made(spec, runs).stream()
        .flatMap(r -> r.allFindings().stream())
        .filter(f -> f.code().equals(NotAsked.CODE))
        .map(Finding::message)
        .toList();
  }

  private static TableBuilder rows() {
    return new TableBuilder("Code", "A", "B").row("X", "4", "").row("Y", "5", "");
  }

  private static TableBuilder withTotal() {
    return rows().row(RowKind.TOTAL, "Total", "9", "");
  }

  @Test
  void aTotalThatNoFilePrintsDoesNotHold() {
    assertThat(found("{sum: a, is: totals}", rows(), rows()))
        .containsExactly(
            "sum a: was asked of nothing, in no file: no total with a value of 'a' was read");
  }

  @Test
  void aTotalThatOneFileLostIsMissedThere() {
    assertThat(found("{sum: a, is: totals}", withTotal(), rows(), withTotal()))
        .singleElement()
        .asString()
        .contains("was asked of nothing in this file");
  }

  @Test
  void aTotalThatIsThereIsAsked() {
    assertThat(found("{sum: a, is: totals}", withTotal(), withTotal())).isEmpty();
  }

  @Test
  void anEquationWithoutValuesInAnyRowProvesNothing() {
    assertThat(found("{row: a == b}", rows())).hasSize(1);
    assertThat(found("{row: a == b}", rows().row("Z", "3", "3")))
        .containsExactly(
            "row: could not be asked of 2 of 3 rows, the first here: 'b' is empty; if that is"
                + " right, say so with 'where' or 'default'");
    assertThat(
            found("{row: a == b}", rows(), new TableBuilder("Code", "A", "B").row("Z", "3", "3")))
        .singleElement()
        .asString()
        .contains("was asked of nothing in this file");
  }

  @Test
  void aCheckOverAllFilesWithoutValuesProvesNothing() {
    assertThat(found("{one file each: b}", rows(), rows())).hasSize(1);
    assertThat(found("{one file each: code}", rows(), rows())).isEmpty();
    assertThat(found("{expected: b, values: [x], over: batch}", rows())).hasSize(1);
  }

  @Test
  void aConditionThatNoRowMeetsLeavesItsCheckUnasked() {
    assertThat(found("{unique: code, where: a > 100}", rows())).hasSize(1);
    assertThat(found("{unique: code, where: a > 4}", rows())).isEmpty();
  }

  @Test
  void aFileWithoutRowsIsNotAskedForItsTotal() {
    assertThat(found("{sum: a, is: totals}", withTotal(), new TableBuilder("Code", "A", "B")))
        .isEmpty();
  }
}
