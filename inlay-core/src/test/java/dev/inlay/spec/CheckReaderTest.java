package dev.inlay.spec;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How checks are read, and what is said of wrong ones. */
class CheckReaderTest {

  private static final String SPEC =
      """
      report: R
      columns:
        code: Code
        a: {from: A, type: number}
        b: {from: B, type: number}
      checks:
      """;

  private static CheckSpec check(String check) throws SpecException {
    return SpecReader.read(SPEC + "  - " + check).dataSets().get(0).checks().get(0);
  }

  private static List<String> reported(String check) {
    SpecException e = catchThrowableOfType(SpecException.class, () -> check(check));
    assertThat(e).as("nothing was reported of: " + check).isNotNull();
    return e.messages().stream().map(m -> m.line() + ":" + m.column() + ": " + m.text()).toList();
  }

  @Test
  void anEquationHasATolerance() throws SpecException {
    CheckSpec check = check("{name: n, row: a * 2 == b, within: 0.5, severity: note}");
    assertThat(check.name()).isEqualTo("n");
    assertThat(check.severity()).isEqualTo("note");
    assertThat(check.effect()).isEqualTo(CheckSpec.Effect.REPORT);
    assertThat(check.rule())
        .isInstanceOfSatisfying(
            CheckRule.Equation.class,
            e -> assertThat(e.within()).isEqualByComparingTo(new BigDecimal("0.5")));
    assertThat(check.rule().fields()).containsExactlyInAnyOrder("a", "b");
    assertThat(check("{row: a == b}").rule()).isInstanceOf(CheckRule.Condition.class);
  }

  @Test
  void aKeyThatACheckPassesOverIsAMistake() {
    assertThat(reported("{unique: code, by: a}"))
        .containsExactly("7:24: 'by' means nothing with 'unique'");
    assertThat(reported("{serial: a, over: batch}"))
        .containsExactly("7:23: 'over' means nothing with 'serial'");
    assertThat(reported("{balance: a, plus: b, is: totals}"))
        .containsExactly("7:31: 'is' means nothing with 'balance'");
  }

  @Test
  void whatASumIsHeldAgainstTellsItsKind() throws SpecException {
    assertThat(check("{sum: a, by: code, is: subtotals}").rule())
        .isEqualTo(new CheckRule.PrintedSums("a", false, List.of("code"), false, BigDecimal.ZERO));
    assertThat(check("{sum: a, is: totals, on: page}").rule())
        .isEqualTo(new CheckRule.PrintedSums("a", true, List.of(), true, BigDecimal.ZERO));
    assertThat(check("{sum: a, of: subtotals, is: totals}").rule())
        .isEqualTo(new CheckRule.SubtotalSums("a", BigDecimal.ZERO));
    assertThat(check("{sum: a, by: code, is: b}").rule())
        .isEqualTo(new CheckRule.GroupSum("a", List.of("code"), "b", BigDecimal.ZERO));
  }

  @Test
  void aCheckWithoutANameIsCalledByWhatItAsks() throws SpecException {
    assertThat(check("{unique: [code, a]}").name()).isEqualTo("unique code, a");
    assertThat(check("{count: rows, is: b}").name()).isEqualTo("count rows");
    assertThat(check("{row: a > b}").name()).isEqualTo("row");
  }

  @Test
  void aChangeTakesAnAmountOrAShare() throws SpecException {
    assertThat(check("{change: a, along: b, within: 30 %}").rule())
        .isEqualTo(new CheckRule.Change("a", "b", List.of(), new BigDecimal("0.30"), true));
    assertThat(check("{change: a, along: b, within: 12}").rule())
        .isEqualTo(new CheckRule.Change("a", "b", List.of(), new BigDecimal("12"), false));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "{name: x}; 7:5: give one of row, sum, carried, count",
        "{sum: a, unique: b, is: totals}; 7:5: give one of row",
        "{sum: a}; 7:5: 'is' is missing here",
        "{sum: a, of: subtotals, is: subtotals}; 7:5: a sum 'of: subtotals' is held against",
        "{row: a > b, within: 1}; 7:5: 'within' needs an equation",
        "{row: a == b, within: 1 %}; 7:27: 'within' takes per cent with 'change' only",
        "{row: a == b, within: much}; 7:27: 'within' takes a number, not 'much'",
        "{lookup: code}; 7:5: give either 'values' or 'in'",
        "{unique: code, over: batch, effect: hold row}; 7:41: a check over all files holds no rows",
        "{row: a > b, over: batch}; 7:24: 'over' means nothing with 'row'",
        "{carried: a, over: result}; 7:24: 'over: result' asks the rows that are written",
        "{row: a > b, over: result, effect: hold row}; 7:40: a check over all files holds no rows",
        "{balance: a, plus: a *}; 7:24: 'a *' is no expression",
        "{balance: a, plus: c}; 7:5: 'checks' speaks of 'c'",
        "{serial: a, where: d > 1}; 7:5: 'checks' speaks of 'd'",
        "{row: a ==}; 7:11: 'a ==' is no expression",
        "{same: a, on: sheet}; 7:19: 'sheet' is no on; one of page, table, file",
        "{row: a > b, effect: hold}; 7:26: 'hold' is no effect; probably 'hold row'",
      })
  void aWrongCheckIsToldWithItsPlace(String check, String message) {
    assertThat(reported(check)).anySatisfy(m -> assertThat(m).startsWith(message.strip()));
  }

  @Test
  void codesAreReadFromAListBesideTheSpec(@TempDir Path folder) throws Exception {
    Files.writeString(
        folder.resolve("codes.csv"), "Code,Name\r\n0017,\"Cod, large\"\r\n0018,Hake\r\n");
    assertThat(listed(folder, "{lookup: code, in: codes.csv}")).containsExactly("0017", "0018");
    assertThat(listed(folder, "{lookup: code, in: codes.csv, column: Name}"))
        .containsExactly("Cod, large", "Hake");
  }

  private static List<String> listed(Path folder, String check) throws SpecException, IOException {
    CheckSpec read =
        SpecReader.read(SPEC + "  - " + check, folder).dataSets().get(0).checks().get(0);
    return ((CheckRule.Lookup) read.rule()).codes();
  }
}
