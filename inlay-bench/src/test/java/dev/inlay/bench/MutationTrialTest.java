package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.bench.MutationTrial.Outcome;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Papers changed at random are read or refused: no defect, no character lost. */
class MutationTrialTest {

  private static final long SEED = 1;
  private static final int COPIES = 2_000;
  private static final int PAPERS = 40;

  @TempDir private Path folder;

  @Test
  void aChangedPaperIsReadOrRefused() throws Exception {
    List<byte[]> papers = new ArrayList<>();
    for (String set : List.of("set", "web")) {
      papers.addAll(MutationTrial.plainPapers(Path.of("..", "cases", set), PAPERS / 2));
    }
    Map<Outcome, Integer> counts = new EnumMap<>(Outcome.class);
    for (int i = 0; i < COPIES; i++) {
      byte[] changed = new MutationTrial(SEED + i).changed(papers.get(i % papers.size()));
      Outcome outcome = MutationTrial.outcome(changed, folder.resolve("copy.pdf"));
      assertThat(outcome.isFault()).as("seed %d: %s", SEED + i, outcome).isFalse();
      counts.merge(outcome, 1, Integer::sum);
    }
    assertThat(counts.get(Outcome.READ))
        .as("most changes leave a file readable")
        .isGreaterThan(1_000);
    assertThat(counts.get(Outcome.REFUSED)).as("some do not").isPositive();
  }

  @Test
  void whatExplainsAPageIsOpenToChange() throws Exception {
    byte[] plain = MutationTrial.plainPapers(Path.of("..", "cases", "set"), 1).get(0);
    assertThat(new String(plain, StandardCharsets.ISO_8859_1)).containsPattern("T[jJ]\\s");
    assertThat(new MutationTrial(7).changed(plain))
        .isEqualTo(new MutationTrial(7).changed(plain))
        .isNotEqualTo(new MutationTrial(8).changed(plain));
  }
}
