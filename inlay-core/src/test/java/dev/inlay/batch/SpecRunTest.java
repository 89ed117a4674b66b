package dev.inlay.batch;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.check.BatchChecks;
import dev.inlay.model.TextLedger;
import dev.inlay.page.PageSelection;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.Finding;
import dev.inlay.rows.RunResult;
import dev.inlay.rows.Severity;
import dev.inlay.spec.ReportSpec;
import dev.inlay.spec.SpecReader;
import dev.inlay.write.RunFiles;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A spec run over the demo's statements of dues, and what is written of it. */
class SpecRunTest {

  private static final Path SAMPLES = Path.of("..", "samples");

  private static final List<Path> STATEMENTS =
      List.of(
          SAMPLES.resolve("dues-statement-brennick.pdf"),
          SAMPLES.resolve("dues-statement-oyle.pdf"));

  @TempDir private Path folder;

  private static ReportSpec dues() throws Exception {
    return SpecReader.read(Files.readString(SAMPLES.resolve("specs/dues.inlay.yaml")));
  }

  private static RunResult run(List<Path> files, int workers) throws Exception {
    List<FileRun> runs = new ArrayList<>();
    new SpecRun(dues(), "").over(files, workers, runs::add);
    return RunResult.of(dues(), BatchChecks.made(dues(), runs));
  }

  @Test
  void aFileIsWalkedOverOnceHoweverManyWaysItsTablesAreFound() throws Exception {
    String yaml =
        """
        report: Landings
        recognised by: Quarterly landings bulletin
        data:
          whole: {columns: {harbour: Harbour}, fields: [harbour]}
          upper: {table: {area: "0%, 0%, 100%, 60%"}, columns: {harbour: Harbour}, fields: [harbour]}
        """;
    List<Integer> seen = Collections.synchronizedList(new ArrayList<>());
    List<FileRun> runs = new ArrayList<>();
    new SpecRun(SpecReader.read(yaml), "")
        .onPages(PageSelection.parse("1"))
        .watchedBy(page -> seen.add(page.number()))
        .over(List.of(SAMPLES.resolve("landings-2025-q1.pdf")), 1, runs::add);
    assertThat(seen).containsExactly(1);
    assertThat(runs.get(0).status().isFailure()).isFalse();
    assertThat(runs.get(0).parts()).allSatisfy(p -> assertThat(p.tables()).isNotEmpty());
  }

  private Path written(String name, RunResult result) throws Exception {
    Path file = folder.resolve(name);
    assertThat(RunFiles.oneFile(dues(), folder, file).write(result, false)).containsExactly(file);
    return file;
  }

  @Test
  void aLedgerThatDoesNotBalanceIsAFindingOfItsFile() throws Exception {
    FileRun sound = run(STATEMENTS, 1).files().get(0);
    TextLedger lost = sound.characters().plus(new TextLedger(1, 0, 0, 0, 0, 0, 0));
    FileRun unsound =
        new FileRun(
            sound.path(),
            sound.sha256(),
            sound.pages(),
            sound.tables(),
            sound.status(),
            sound.reason(),
            sound.parts(),
            sound.findings(),
            lost);
    RunResult result = RunResult.of(dues(), List.of(sound, unsound));
    assertThat(result.findings()).hasSize(1);
    Finding finding = result.findings().get(0);
    assertThat(finding.severity()).isEqualTo(Severity.ERROR);
    assertThat(finding.code()).isEqualTo("unbalanced-ledger");
    assertThat(finding.message()).contains("please report it");
  }

  @Test
  void rowsAreReadAndProvedWhateverTheNumberOfWorkers() throws Exception {
    RunResult alone = run(STATEMENTS, 1);
    assertThat(alone.rows().accepted()).isEqualTo(89);
    assertThat(alone.files()).allMatch(FileRun::balances);
    assertThat(alone.findings()).isEmpty();
    assertThat(alone.asked()).isEqualTo(108);
    assertThat(alone.checkResults())
        .extracting(c -> c.name() + " " + c.state().word() + " " + c.count().rows())
        .containsExactly(
            "quantity times rate holds 89", "dues of a vessel holds 89", "total dues holds 205");
    assertThat(run(STATEMENTS, 3).dataSets()).isEqualTo(alone.dataSets());
  }

  @Test
  void aFileThatCannotBeReadEndsByItself() throws Exception {
    Path locked = SAMPLES.resolve("quay-prices-2025-w18.pdf");
    Path other = SAMPLES.resolve("landings-2025-q1.pdf");
    Path broken = Files.writeString(folder.resolve("broken.pdf"), "no report");
    List<Path> files = List.of(locked, other, broken, STATEMENTS.get(1));
    assertThat(run(files, 2).files())
        .extracting(FileRun::status)
        .containsExactly(
            FileRun.Status.LOCKED,
            FileRun.Status.SET_ASIDE,
            FileRun.Status.UNREADABLE,
            FileRun.Status.READ);
  }

  @Test
  void aDatabaseHoldsEveryRow() throws Exception {
    RunResult result = run(STATEMENTS, 1);
    Path file = written("dues.sqlite", result);
    String name = result.dataSets().get(0).name();
    try (Connection database = DriverManager.getConnection("jdbc:sqlite:" + file);
        Statement statement = database.createStatement();
        ResultSet rows =
            statement.executeQuery(
                "select count(*), round(sum(amount), 2) from \"" + name + "\"")) {
      assertThat(rows.next()).isTrue();
      assertThat(rows.getInt(1)).isEqualTo(89);
      assertThat(rows.getDouble(2)).isPositive();
    }
  }

  @Test
  void anOpenDocumentHoldsNumbersAsNumbers() throws Exception {
    Path file = written("dues.ods", run(STATEMENTS, 1));
    try (ZipFile zip = new ZipFile(file.toFile())) {
      byte[] content = zip.getInputStream(zip.getEntry("content.xml")).readAllBytes();
      String text = new String(content, StandardCharsets.UTF_8);
      assertThat(text).contains("office:value-type=\"float\"").contains("office:date-value=");
      assertThat(text.split("<table:table-row", -1).length).isGreaterThan(89);
    }
  }
}
