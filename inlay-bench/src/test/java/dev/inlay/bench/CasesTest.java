package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/**
 * Every case of the repository is in its expected state. To add a case, drop its PDF and truth into
 * a folder below {@code cases/}; without a state beside them it is expected to be perfect.
 */
class CasesTest {

  private static final Path CASES = Path.of("..", "cases");

  @TestFactory
  Stream<DynamicTest> everyCaseIsInItsExpectedState() throws Exception {
    return Cases.truthsIn(CASES).stream()
        .map(truth -> DynamicTest.dynamicTest(truth.toString(), () -> hold(truth)));
  }

  private static void hold(Path truth) throws Exception {
    CaseState now = CaseState.of(CaseReading.of(truth).score());
    CaseState expected = CaseState.expected(truth, Cases.tablesOf(truth));
    String change = expected.isBetterThan(now) ? "what was right is wrong" : "not as written down";
    assertThat(now.lines())
        .as(change + "; once it is right so: inlay-bench cases --record")
        .isEqualTo(expected.lines());
  }

  @Test
  void aPerfectTableThatTurnsWrongMakesAStateWorse() {
    CaseState perfect = new CaseState(List.of("table 1: perfect", "table 2: rows wrong, silent"));
    CaseState flagged =
        new CaseState(List.of("table 1: perfect, flagged", "table 2: rows wrong, silent"));
    CaseState wrong = new CaseState(List.of("table 1: header wrong, silent", "table 2: perfect"));
    assertThat(perfect.isBetterThan(wrong)).isTrue();
    assertThat(wrong.isBetterThan(perfect)).isTrue(); // each has a table that the other lacks
    assertThat(perfect.isBetterThan(flagged)).isFalse();
    assertThat(flagged.isBetterThan(perfect)).isFalse();
  }
}
