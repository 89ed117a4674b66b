package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import dev.inlay.page.PageSelection;
import dev.inlay.samples.Sample;
import dev.inlay.samples.SampleMaker;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class AccuracyTest {

  private static final String TRUTH =
      """
      {"tags": ["open"], "tables": [{"pages": [1], "header_rows": 1,
        "grid": [[["Length class", 0, 1, 1], ["Vessels", 1, 1, 1]],
                 [["under 10 m", 0, 1, 1], ["%s", 1, 1, 1]]],
        "kinds": ["header", "body"]}]}
      """;

  @TempDir Path folder;

  /** Every family of the demo papers, the one too large to ship among them, comes out right. */
  @Test
  void allSamplesAreRightInEveryCell() throws Exception {
    Sum sum = new Sum();
    for (Sample sample : SampleMaker.all()) {
      Files.write(folder.resolve(sample.name() + ".pdf"), sample.pdf());
      Files.write(folder.resolve(sample.name() + ".truth.json"), sample.truth());
    }
    LedgerCheck ledgers = new LedgerCheck();
    for (Path truth : CaseScore.casesIn(folder)) {
      CaseReading reading = CaseReading.of(truth);
      ledgers.add(reading.document());
      CaseScore score = reading.score();
      sum.add(score);
      assertThat(score.extra()).as(score.name()).isZero();
      assertThat(score.tables()).as(score.name()).allMatch(TableScore::perfect);
    }
    assertThat(sum.tables()).isGreaterThanOrEqualTo(15);
    assertThat(sum.perfect()).isEqualTo(1);
    assertThat(ledgers.balances()).as(ledgers.line()).isTrue();
  }

  @Test
  void aWrongFigureIsFoundAndAnUndueTableIsExtra() throws Exception {
    Path pdf = folder.resolve("landings.pdf");
    Sample bulletin =
        SampleMaker.shipped().stream()
            .filter(s -> s.name().equals("landings-2025-q1"))
            .findFirst()
            .orElseThrow();
    Files.write(pdf, bulletin.pdf());
    DocumentTables result = new Extractor(PageSelection.ALL, "").extract(pdf);
    JsonNode truth = JsonMapper.shared().readTree(TRUTH.formatted("48"));
    CaseScore score = CaseScore.of("landings", truth, CaseReading.asJson(result));
    assertThat(score.extra()).isEqualTo(1);
    assertThat(score.extraUnflagged()).isEqualTo(1);
    assertThat(score.tables()).hasSize(1);
    TableScore table = score.tables().get(0);
    assertThat(table.found()).isTrue();
    assertThat(table.perfect()).isFalse();
    assertThat(table.silent()).isTrue();
    assertThat(table.records().right()).isZero();
  }

  @Test
  void aMissingTableIsNotFound() throws Exception {
    Path pdf = folder.resolve("missing.pdf");
    DocumentTables result = new Extractor(PageSelection.ALL, "").extract(pdf);
    JsonNode truth = JsonMapper.shared().readTree(TRUTH.formatted("47"));
    TableScore table = CaseScore.of("missing", truth, CaseReading.asJson(result)).tables().get(0);
    assertThat(table.found()).isFalse();
    assertThat(table.flagged()).isTrue(); // the file's problem is reported
    assertThat(table.perfect()).isFalse();
    WarningWorth worth = new WarningWorth();
    worth.add(table);
    assertThat(worth.lines().get(1)).matches("no-such-file +1 +1 +1 +1");
  }

  @Test
  void textsAreComparedWithoutWhatPrintersChoose() {
    assertThat(ComparedText.of("Lan- dings \u2013 2025\u00AD")).isEqualTo("Landings-2025");
    assertThat(ComparedText.of("Ice ......... 12.50")).isEqualTo("Ice12.50");
    assertThat(ComparedText.of("\u201Cling\u201D")).isEqualTo("\"ling\"");
  }

  @Test
  void confidenceIsHeldAgainstWhatIsRight() throws Exception {
    Calibration calibration = new Calibration();
    Path pdf = folder.resolve("none.pdf");
    DocumentTables result = new Extractor(PageSelection.ALL, "").extract(pdf);
    JsonNode truth = JsonMapper.shared().readTree(TRUTH.formatted("47"));
    calibration.add(CaseScore.of("none", truth, CaseReading.asJson(result)));
    assertThat(calibration.lines()).hasSize(5).allMatch(l -> l.contains("0 tables"));
  }
}
