package dev.inlay.batch;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.model.TextLedger;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.PrintedForm;
import dev.inlay.rows.RowLedger;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class DriftTest {

  private static FileRun run(String file, List<String> columns, String mark) {
    DataSetPart part =
        new DataSetPart(
            List.of(),
            List.of(),
            RowLedger.EMPTY,
            List.of(),
            List.of("p1t1"),
            columns,
            columns,
            Map.of(new PrintedForm("b", PrintedForm.Aspect.DECIMAL_MARK), mark),
            List.of(),
            List.of(),
            List.of(),
            Map.of());
    return new FileRun(
        Path.of(file),
        "",
        1,
        1,
        FileRun.Status.READ,
        "",
        List.of(part),
        List.of(),
        TextLedger.EMPTY);
  }

  private static List<String> told(FileRun... runs) {
    return Drift.reported(List.of(runs)).stream()
        .flatMap(r -> r.findings().stream())
        .map(f -> f.file() + " " + f.code())
        .toList();
  }

  @Test
  void whatDiffersFromMostFilesIsTold() {
    FileRun usual = run("1.pdf", List.of("a", "b"), ".");
    FileRun same = run("2.pdf", List.of("a", "b"), ".");
    assertThat(told(usual, same, run("3.pdf", List.of("a", "b", "c"), ".")))
        .containsExactly("3.pdf new-column");
    assertThat(told(usual, same, run("3.pdf", List.of("a"), "."))).contains("3.pdf column-gone");
    assertThat(told(usual, same, run("3.pdf", List.of("b", "a"), ".")))
        .containsExactly("3.pdf column-order");
    assertThat(told(usual, same, run("3.pdf", List.of("a", "b"), ",")))
        .containsExactly("3.pdf number-format");
  }

  @Test
  void whereNoMostFilesAgreeNothingIsTold() {
    assertThat(told(run("1.pdf", List.of("a"), "."), run("2.pdf", List.of("b"), "."))).isEmpty();
    assertThat(told(run("1.pdf", List.of("a"), "."))).isEmpty();
  }

  @Test
  void aFormThatNoMostFilesHaveIsHeldAgainstTheFirstFile() {
    List<String> columns = List.of("a", "b");
    assertThat(told(run("1.pdf", columns, "."), run("2.pdf", columns, ",")))
        .containsExactly("2.pdf number-format");
  }
}
