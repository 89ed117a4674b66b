package dev.inlay.batch;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.batch.ExtractStore.Done;
import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import dev.inlay.extract.TableChoice;
import dev.inlay.extract.TableHints;
import dev.inlay.page.PageSelection;
import dev.inlay.rows.FileRun;
import dev.inlay.spec.ReportSpec;
import dev.inlay.spec.SpecReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a run keeps in its output folder, over the demo papers. */
class RunStoreTest {

  private static final Path SAMPLES = Path.of("..", "samples");
  private static final Path PAPER = SAMPLES.resolve("cash-book-2025-05.pdf");
  private static final Path OTHER = SAMPLES.resolve("cash-book-2025-04.pdf");

  @TempDir private Path output;

  private static ReportSpec spec(String name) throws Exception {
    Path file = SAMPLES.resolve("specs").resolve(name + ".inlay.yaml");
    return SpecReader.read(Files.readString(file), file.getParent());
  }

  private interface Work {
    void with(OutputFolder folder, RunStore store) throws Exception;
  }

  private void open(String spec, String more, boolean fresh, Work work) throws Exception {
    try (OutputFolder folder = OutputFolder.open(output).orElseThrow()) {
      work.with(folder, new RunStore(folder, spec(spec), more, fresh));
    }
  }

  private void open(String more, Work work) throws Exception {
    open("cash-book", more, false, work);
  }

  private FileRun made() throws Exception {
    List<FileRun> runs = new ArrayList<>();
    open("1", (folder, store) -> runs.addAll(run(store, PAPER)));
    return runs.get(0);
  }

  private static List<FileRun> run(RunStore store, Path... papers) throws Exception {
    List<FileRun> runs = new ArrayList<>();
    new SpecRun(spec("cash-book"), "").keepingIn(store).over(List.of(papers), 2, runs::add);
    return runs;
  }

  /** With a finding that follows from another, a value of each type, and rows left out. */
  @Test
  void whatIsKeptOfAFileIsAllThatWasReadFromIt() throws Exception {
    FileRun made = made();
    assertThat(made.allFindings()).anyMatch(f -> f.cause().isPresent());
    open("1", (folder, store) -> assertThat(store.kept(PAPER, made.sha256())).contains(made));
  }

  @Test
  void whatIsKeptIsOfOneContentAndOneSetting() throws Exception {
    FileRun made = made();
    String digest = made.sha256();
    open(
        "1",
        (folder, store) -> {
          assertThat(store.kept(PAPER, "0" + digest.substring(1))).isEmpty();
          assertThat(store.kept(OTHER, digest)).as("another name").isEmpty();
        });
    open("2", (folder, store) -> assertThat(store.kept(PAPER, digest)).as("version").isEmpty());
    open("cash-book", "1", true, (f, store) -> assertThat(store.kept(PAPER, digest)).isEmpty());
    open("dues", "1", false, (f, store) -> assertThat(store.kept(PAPER, digest)).isEmpty());
  }

  @Test
  void whatIsTornIsReadAnew() throws Exception {
    FileRun made = made();
    Path kept = files(".json").get(0);
    String whole = Files.readString(kept);
    Files.writeString(kept, whole.substring(0, whole.length() / 2));
    open(
        "1",
        (folder, store) -> {
          assertThat(store.kept(PAPER, made.sha256())).isEmpty();
          assertThat(run(store, PAPER)).containsExactly(made);
        });
    assertThat(kept).hasContent(whole);
  }

  @Test
  void oneCommandAtATimeHasTheFolder() throws Exception {
    open("1", (folder, store) -> assertThat(OutputFolder.open(output)).isEmpty());
    assertThat(output.resolve(OutputFolder.STORE)).as("holds nothing").doesNotExist();
  }

  @Test
  void whatTheLastRunSaidCountsForTheSameFilesOnly() throws Exception {
    open(
        "1",
        (folder, store) -> {
          assertThat(store.last(List.of(PAPER))).isEmpty();
          store.finish(run(store, PAPER, OTHER), List.of("1", "a line"));
        });
    open(
        "1",
        (folder, store) -> {
          assertThat(store.last(List.of(PAPER, OTHER))).contains(List.of("1", "a line"));
          assertThat(store.last(List.of(OTHER, PAPER))).isEmpty();
          assertThat(store.last(List.of(PAPER))).isEmpty();
          store.finish(run(store, OTHER), List.of("0"));
        });
    assertThat(files(".json")).as("what no file needs is gone").hasSize(1);
  }

  @Test
  void aFileIsOwnAsLongAsNobodyChangesIt() throws Exception {
    Path draft = Files.writeString(output.resolve(".a.csv.999999999.part"), "one\n");
    Path goal = output.resolve("a.csv");
    open(
        "1",
        (folder, store) -> {
          folder.places(goal, Files.writeString(output.resolve("draft"), "one\n"));
          assertThat(draft).as("left by a process that is no more").doesNotExist();
          assertThat(folder.isOwn(goal)).as("not there yet").isFalse();
          Files.writeString(goal, "one\n");
          assertThat(folder.isOwn(goal)).isTrue();
        });
    open(
        "2",
        (folder, store) -> {
          assertThat(folder.isOwn(goal)).as("of an earlier command").isTrue();
          Files.writeString(goal, "two\n");
          assertThat(folder.isOwn(goal)).isFalse();
        });
  }

  /** What is to come is noted first; a process killed then leaves what stood there before. */
  @Test
  void aFileThatWasAboutToBeReplacedIsStillOwn() throws Exception {
    Path goal = output.resolve("a.csv");
    open(
        "1",
        (folder, store) -> {
          folder.places(goal, Files.writeString(output.resolve("draft"), "one\n"));
          Files.writeString(goal, "one\n");
          folder.places(goal, Files.writeString(output.resolve("draft"), "two\n"));
          assertThat(folder.isOwn(goal)).isTrue();
        });
    open(
        "1",
        (folder, store) -> {
          assertThat(folder.isOwn(goal)).as("the old content").isTrue();
          Files.writeString(goal, "two\n");
          assertThat(folder.isOwn(goal)).as("the new content").isTrue();
          store.finish(run(store, PAPER), List.of("0"));
        });
    open(
        "1",
        (folder, store) -> {
          assertThat(folder.isOwn(goal)).isTrue();
          Files.writeString(goal, "one\n");
          assertThat(folder.isOwn(goal)).as("replaced long ago").isFalse();
        });
  }

  @Test
  void whatAnExtractionDidCountsWhileAllThatItGaveIsThere() throws Exception {
    DocumentTables document =
        new Extractor(PageSelection.ALL, "", TableHints.NONE, TableChoice.ALL).extract(PAPER);
    Done done = new Done(1, List.of("a.csv"), List.of("inlay: a line"));
    Path given = output.resolve("a.csv");
    open(
        "1",
        (folder, store) -> {
          ExtractStore extracted = new ExtractStore(folder, "csv", false);
          folder.places(given, Files.writeString(given, "one\n"));
          extracted.keep(document, done);
          extracted.finish();
        });
    open(
        "1",
        (folder, store) -> {
          assertThat(new ExtractStore(folder, "csv", false).done(PAPER)).contains(done);
          assertThat(new ExtractStore(folder, "json", false).done(PAPER)).isEmpty();
          assertThat(new ExtractStore(folder, "csv", true).done(PAPER)).isEmpty();
          assertThat(new ExtractStore(folder, "csv", false).done(OTHER)).isEmpty();
          Files.writeString(given, "two\n");
          assertThat(new ExtractStore(folder, "csv", false).done(PAPER)).isEmpty();
        });
  }

  private List<Path> files(String ending) throws Exception {
    try (var files = Files.list(output.resolve(OutputFolder.STORE))) {
      return files.filter(f -> f.toString().endsWith(ending)).toList();
    }
  }

  /** The key of what is kept holds the whole spec: nothing of it may be named by its identity. */
  @Test
  void aSpecReadsTheSameWhenItIsReadAgain() throws Exception {
    for (String name : List.of("cash-book", "dues", "landings", "quay-prices", "season")) {
      assertThat(spec(name).toString()).isEqualTo(spec(name).toString()).doesNotContain("$$Lambda");
    }
    String pages = "report: R\npages: 2-\ntable: {pages: 3-4}\nfields: [a]\n";
    assertThat(SpecReader.read(pages)).hasToString(SpecReader.read(pages).toString());
    assertThat(SpecReader.read(pages.replace("2-", "1-")).toString())
        .isNotEqualTo(SpecReader.read(pages).toString());
  }
}
