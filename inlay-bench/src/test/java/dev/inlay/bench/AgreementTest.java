package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.bench.TableScore.Counts;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The scorer gives the figures of the corpus's own scorer: those of {@code figures.txt}, which that
 * one gave for 20 results, right and wrong ones, extra and missing tables, sums and groups.
 */
class AgreementTest {

  private static final Path FOLDER = Path.of("src", "test", "resources", "agreement");

  @Test
  void theFiguresOfTwentyCasesAreThoseOfTheCorpusScorer() throws Exception {
    List<String> lines = new ArrayList<>();
    for (Path truth : CaseScore.casesIn(FOLDER)) {
      String name = CaseScore.nameOf(truth);
      JsonNode due = JsonMapper.shared().readTree(truth.toFile());
      JsonNode result =
          JsonMapper.shared().readTree(FOLDER.resolve(name + ".result.json").toFile());
      CaseScore score = CaseScore.of(name, due, result);
      lines.add(name + " extra " + score.extra() + " " + score.extraUnflagged());
      score.tables().forEach(t -> lines.add(name + " table " + figures(t)));
    }
    assertThat(lines).isEqualTo(Files.readAllLines(FOLDER.resolve("figures.txt")));
    assertThat(lines.stream().filter(l -> l.contains(" extra ")).count()).isEqualTo(20);
  }

  private static String figures(TableScore table) {
    return String.join(
        " ",
        "found=" + table.found(),
        "relations=" + counts(table.relations()),
        "records=" + counts(table.records()),
        "headings=" + table.headings(),
        "groups=" + table.groups(),
        "sums=" + counts(table.sums()),
        "flagged=" + table.flagged(),
        "perfect=" + table.perfect());
  }

  private static String counts(Counts counts) {
    return counts.right() + "/" + counts.due() + "/" + counts.given();
  }
}
