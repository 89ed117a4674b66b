package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.bench.DamageTrial.Kind;
import dev.inlay.bench.DamageTrial.Outcome;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Damaged copies of the cases: rows never go without a word. */
class DamageTrialTest {

  private static final long SEED = 20;

  @TempDir private Path folder;

  private static List<Path> papers() throws Exception {
    List<Path> papers = new ArrayList<>();
    for (String set : List.of("set", "web")) {
      papers.addAll(CaseScore.papersIn(Path.of("..", "cases", set)).subList(0, 15));
    }
    return papers;
  }

  @Test
  void noDamagedCopyIsCalledWholeAndHasOtherRows() throws Exception {
    DamageTrial trial = new DamageTrial(SEED);
    Map<Outcome, Integer> counts = new EnumMap<>(Outcome.class);
    for (int round = 0; round < 4; round++) {
      for (Kind kind : Kind.values()) {
        for (Path paper : papers()) {
          Outcome outcome = trial.outcome(paper, kind, folder.resolve("copy.pdf"));
          counts.merge(outcome, 1, Integer::sum);
          assertThat(outcome).as(paper + ", " + kind).isNotEqualTo(Outcome.SILENT);
        }
      }
    }
    assertThat(counts.get(Outcome.REPORTED)).isGreaterThan(250);
    assertThat(counts.get(Outcome.SAME)).as("harmless damage is not reported").isPositive();
  }
}
