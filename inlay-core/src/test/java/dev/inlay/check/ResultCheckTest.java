package dev.inlay.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import dev.inlay.ReadFiles;
import dev.inlay.TableBuilder;
import dev.inlay.rows.CheckCount;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.Finding;
import dev.inlay.rows.RunResult;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.ReportSpec;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Checks of the rows that are written, after they were added up. */
class ResultCheckTest {

  private static final TableBuilder MARCH =
      new TableBuilder("Harbour", "Boxes").row("Oyle", "4").row("Vane", "5").row("Oyle", "3");

  private static final TableBuilder APRIL = new TableBuilder("Harbour", "Boxes").row("Oyle", "2");

  private static RunResult run(String check) throws SpecException {
    ReportSpec spec =
        SpecReader.read(
            """
            report: R
            columns:
              harbour: Harbour
              boxes: {from: Boxes, type: integer}
            sums: {by: harbour, add: boxes, count: days}
            sort: boxes
            checks:
            """
                + "  - "
                + check);
    DataSetSpec set = spec.dataSets().get(0);
    List<FileRun> runs = ReadFiles.checked(set, List.of(MARCH, APRIL));
    return RunResult.of(spec, BatchChecks.made(spec, runs));
  }

  private static List<String> found(String check) throws SpecException {
    return run(check).findings().stream().map(f -> f.file() + " " + f.message()).toList();
  }

  @Test
  void rowsAreAskedAfterTheyWereAddedUpOverAllFiles() throws SpecException {
    assertThat(found("{name: few, row: boxes < 9, over: result}"))
        .containsExactly("a.pdf few: Oyle: 'boxes < 9' does not hold: boxes is 9");
    assertThat(found("{name: few, row: boxes < 10, over: result}")).isEmpty();
    assertThat(found("{name: days, row: days <= 2, over: result}"))
        .containsExactly("a.pdf days: Oyle: 'days <= 2' does not hold: days is 3");
  }

  @Test
  void whatIsSaidOfAllRowsIsSaidOfAllFiles() throws SpecException {
    assertThat(found("{name: harbours, count: rows, is: 3, over: result}"))
        .containsExactly("all files harbours: there are 2 rows, expected: 3");
    assertThat(found("{name: order, rising: boxes, over: result}")).isEmpty();
  }

  @Test
  void theCheckIsCountedByTheRowsThatAreWritten() throws SpecException {
    RunResult result = run("{name: few, row: boxes < 10, over: result}");
    assertThat(result.checkResults())
        .singleElement()
        .satisfies(c -> assertThat(c.count()).isEqualTo(new CheckCount(2, 2)));
    assertThat(result.findings()).extracting(Finding::code).isEmpty();
  }

  @Test
  void fieldsThatWereNotAddedUpAreGone() {
    assertThat(
            catchThrowableOfType(
                    SpecException.class,
                    () ->
                        SpecReader.read(
                            """
                            report: R
                            columns: {harbour: Harbour, boxes: {from: Boxes, type: integer}}
                            sums: {by: harbour, count: days}
                            checks:
                              - {row: boxes > 1, over: result}
                            """))
                .messages())
        .singleElement()
        .satisfies(
            m ->
                assertThat(m.toString())
                    .contains("'checks' speaks of 'boxes', which is no field here")
                    .contains("the fields are harbour, days"));
  }
}
