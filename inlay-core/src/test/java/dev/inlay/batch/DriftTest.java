package dev.inlay.batch;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.ReadFiles;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.PrintedForm;
import dev.inlay.rows.RowLedger;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class DriftTest {

  private static FileRun run(String file, List<String> columns, String mark) {
    return run(file, columns, "b", PrintedForm.Aspect.DECIMAL_MARK, mark, mark);
  }

  private static FileRun run(
      String file,
      List<String> columns,
      String field,
      PrintedForm.Aspect aspect,
      String form,
      String example) {
    DataSetPart part =
        new DataSetPart(
            List.of(),
            List.of(),
            RowLedger.EMPTY,
            List.of(),
            List.of("p1t1"),
            columns,
            columns,
            Map.of(new PrintedForm(field, aspect), new PrintedForm.Seen(form, example)),
            List.of(),
            List.of(),
            List.of(),
            Map.of());
    return ReadFiles.of(file, part);
  }

  private static List<String> reported(FileRun... runs) {
    return Drift.reported(List.of(runs)).stream()
        .flatMap(r -> r.findings().stream())
        .map(f -> f.file() + " " + f.code())
        .toList();
  }

  @Test
  void whatDiffersFromMostFilesIsReported() {
    FileRun usual = run("1.pdf", List.of("a", "b"), ".");
    FileRun same = run("2.pdf", List.of("a", "b"), ".");
    assertThat(reported(usual, same, run("3.pdf", List.of("a", "b", "c"), ".")))
        .containsExactly("3.pdf new-column");
    assertThat(reported(usual, same, run("3.pdf", List.of("a"), ".")))
        .contains("3.pdf column-gone");
    assertThat(reported(usual, same, run("3.pdf", List.of("b", "a"), ".")))
        .containsExactly("3.pdf column-order");
    assertThat(reported(usual, same, run("3.pdf", List.of("a", "b"), ",")))
        .containsExactly("3.pdf number-format");
  }

  @Test
  void whereNoMostFilesAgreeNothingIsReported() {
    assertThat(reported(run("1.pdf", List.of("a"), "."), run("2.pdf", List.of("b"), ".")))
        .isEmpty();
    assertThat(reported(run("1.pdf", List.of("a"), "."))).isEmpty();
  }

  @Test
  void aFormThatNoMostFilesHaveIsHeldAgainstTheFirstFile() {
    List<String> columns = List.of("a", "b");
    assertThat(reported(run("1.pdf", columns, "."), run("2.pdf", columns, ",")))
        .containsExactly("2.pdf number-format");
  }

  private static FileRun listing(String file, String start) {
    return run(file, List.of(), "records", PrintedForm.Aspect.LISTING_START, start, start);
  }

  @Test
  void theLineAboveAListingCountsWhereMostFilesAgree() {
    FileRun usual = listing("1.pdf", "Day Catch");
    assertThat(reported(usual, listing("2.pdf", "Day Catch"), listing("3.pdf", "Day Weight")))
        .containsExactly("3.pdf heading-other");
    assertThat(reported(usual, listing("2.pdf", "Day of Oyle")))
        .as("a name in each file")
        .isEmpty();
  }

  @Test
  void datesAreShownAsTheyArePrinted() {
    PrintedForm.Aspect date = PrintedForm.Aspect.DATE;
    FileRun first = run("1.pdf", List.of(), "day", date, "9 a 9999", "3 Mar 2025");
    FileRun second = run("2.pdf", List.of(), "day", date, "9999-99-99", "2025-04-01");
    assertThat(Drift.reported(List.of(first, second)).get(1).findings())
        .singleElement()
        .satisfies(
            f ->
                assertThat(f.message())
                    .contains("dates are written like '2025-04-01', not '3 Mar 2025'"));
  }
}
