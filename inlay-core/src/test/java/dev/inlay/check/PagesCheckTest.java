package dev.inlay.check;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.TableBuilder;
import dev.inlay.geom.Box;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.DataSetReading;
import dev.inlay.rows.Finding;
import dev.inlay.rows.PageLine;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Printed page numbers, of files whose pages hold one line each. */
class PagesCheckTest {

  private static List<String> found(String pattern, String... pages) throws SpecException {
    DataSetSpec set =
        SpecReader.read(
                "report: R\ncolumns: {code: Code}\nchecks:\n  - {pages: '" + pattern + "'}\n")
            .dataSets()
            .get(0);
    List<PageLine> lines = new ArrayList<>();
    for (String text : pages) {
      lines.add(new PageLine(lines.size() + 1, text, new Box(50, 20, 150, 30), List.of()));
    }
    DataSetPart read =
        DataSetReading.read(
            set, "a.pdf", List.of(new TableBuilder("Code").row("1").build()), lines);
    DataSetPart checked = Checks.made(set.checks(), read, "a.pdf", lines);
    return checked.findings().stream()
        .map(f -> page(f) + ": " + f.message().replace("pages: ", ""))
        .toList();
  }

  private static int page(Finding finding) {
    return finding.origin().orElseThrow().page();
  }

  private static final String OF = "Page (\\d+) of (\\d+)";

  @Test
  void aFileWithAllPages() throws SpecException {
    assertThat(found(OF, "Page 1 of 3", "Page 2 of 3", "Page 3 of 3")).isEmpty();
    assertThat(found("Page (\\d+)", "Page 1", "no number here", "Page 2")).isEmpty();
  }

  @Test
  void aPageLostInTheMiddleAtTheBeginningAndAtTheEnd() throws SpecException {
    assertThat(found(OF, "Page 1 of 3", "Page 3 of 3"))
        .containsExactly("2: page 2 of the file is numbered 3 of 3; page 2 is missing");
    assertThat(found(OF, "Page 3 of 4", "Page 4 of 4"))
        .containsExactly("1: page 1 of the file is numbered 3 of 4; pages 1 to 2 are missing");
    assertThat(found(OF, "Page 1 of 2"))
        .containsExactly("1: page 1 of the file is numbered 1 of 2; page 2 is missing");
  }

  @Test
  void reportsOneAfterTheOtherBeginAnew() throws SpecException {
    assertThat(found(OF, "Page 1 of 2", "Page 2 of 2", "Page 1 of 1")).isEmpty();
    assertThat(found(OF, "Page 1 of 2", "Page 1 of 1"))
        .containsExactly("1: page 1 of the file is numbered 1 of 2; page 2 is missing");
  }

  @Test
  void pagesThatWentTheWrongWay() throws SpecException {
    assertThat(found("Page (\\d+)", "Page 1", "Page 2", "Page 2"))
        .containsExactly("3: page 3 of the file is numbered 2, after 2");
  }

  @Test
  void aPatternWithoutAGroupIsAMistake() {
    assertThat(
            org.assertj.core.api.Assertions.catchThrowableOfType(
                    SpecException.class, () -> found("Page \\d+", "Page 1"))
                .messages()
                .toString())
        .contains("'pages' needs a group for the number");
  }
}
