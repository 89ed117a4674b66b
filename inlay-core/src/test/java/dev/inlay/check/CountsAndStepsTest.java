package dev.inlay.check;

import static dev.inlay.check.CheckedTables.check;
import static dev.inlay.check.CheckedTables.reported;
import static dev.inlay.check.CheckedTables.table;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.inlay.TableBuilder;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CountsAndStepsTest {

  @ParameterizedTest
  @CsvSource({
    "3, ''",
    "2, 'there are 3 rows, expected: 2'",
    "3 to 5, ''",
    "1 to 3, ''",
    "4 to 9, 'there are 3 rows, expected: 4 to 9'",
    "0, 'there are 3 rows, expected: 0'"
  })
  void rowsAreHeldAgainstANumberOfTheSpec(String is, String due) {
    List<String> reported =
        reported(check("{name: rows, count: rows, is: " + is + "}", table("1", "2", "3")));
    assertThat(reported).isEqualTo(due.isEmpty() ? List.of() : List.of("rows: " + due));
  }

  @Test
  void differentValuesAreCountedOncePerGroup() {
    TableBuilder table =
        new TableBuilder("Code", "A", "B")
            .row("X", "1", "2")
            .row("X", "1.0", "2")
            .row("Y", "3", "");
    assertThat(reported(check("{count: a, by: code, is: 1}", table))).isEmpty();
    assertThat(reported(check("{count: a, is: 3}", table)))
        .containsExactly("count a: there are 2 different values of a, expected: 3");
    assertThat(reported(check("{count: a, by: code, is: 2}", table)))
        .containsExactly(
            "count a: X: there is 1 different value of a, expected: 2",
            "count a: Y: there is 1 different value of a, expected: 2");
    assertThat(reported(check("{count: a, by: code, is: b}", table)))
        .containsExactly("count a: there is 1 different value of a, printed is 2");
  }

  @Test
  void aFileWithoutRowsIsAskedForThemAsWell() {
    assertThat(reported(check("{count: rows, is: 1 to 9}", table())))
        .containsExactly("count rows: there are 0 rows, expected: 1 to 9");
  }

  @Test
  void numbersRiseByTheStepThatTheSpecSays() {
    assertThat(reported(check("{serial: a, step: 10}", table("10", "20", "30")))).isEmpty();
    assertThat(reported(check("{serial: a, step: 10}", table("10", "40", "45", "35"))))
        .containsExactly(
            "serial a: 40 follows 10; 2 missing",
            "serial a: 45 follows 40",
            "serial a: 35 follows 45");
    assertThat(reported(check("{serial: a, step: -1}", table("3", "2", "0"))))
        .containsExactly("serial a: 0 follows 2; 1 missing");
  }

  @Test
  void valuesThatFallAreReportedAndEqualOnesAreNot() {
    assertThat(reported(check("{rising: a}", table("1", "1", "7")))).isEmpty();
    assertThat(reported(check("{rising: a}", table("1", "7", "3", "3"))))
        .containsExactly("rising a: 3 follows 7");
  }

  @ParameterizedTest
  @CsvSource({
    "'{count: rows, is: 9 to 2}', ends before it begins",
    "'{serial: code, step: 0}', and not 0",
    "'{count: rows, is: code, over: batch}', is held against a number",
    "'{count: cod, is: 3}', speaks of 'cod'"
  })
  void whatCannotBeAskedIsSaidWhenTheSpecIsRead(String check, String message) {
    String spec = "report: R\ncolumns: {code: Code}\nchecks:\n  - " + check + "\n";
    assertThatThrownBy(() -> SpecReader.read(spec))
        .isInstanceOfSatisfying(
            SpecException.class, e -> assertThat(e.messages().toString()).contains(message));
  }
}
