package dev.inlay.batch;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.rows.FileRun;
import dev.inlay.spec.ReportSpec;
import dev.inlay.spec.SpecReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

  private RunStore store(String more, boolean fresh) throws Exception {
    return RunStore.open(output, spec("cash-book"), more, fresh).orElseThrow();
  }

  private static List<FileRun> run(RunStore store, Path... papers) throws Exception {
    List<FileRun> runs = new ArrayList<>();
    new SpecRun(spec("cash-book"), "").keepingIn(store).over(List.of(papers), 2, runs::add);
    return runs;
  }

  /** With a finding that follows from another, a value of each type, and rows left out. */
  @Test
  void whatIsKeptOfAFileIsAllThatWasReadFromIt() throws Exception {
    FileRun made;
    try (RunStore store = store("1", false)) {
      made = run(store, PAPER).get(0);
    }
    assertThat(made.allFindings()).anyMatch(f -> f.cause().isPresent());
    try (RunStore store = store("1", false)) {
      assertThat(store.kept(PAPER, made.sha256())).contains(made);
    }
  }

  @Test
  void whatIsKeptIsOfOneContentAndOneSetting() throws Exception {
    FileRun made;
    try (RunStore store = store("1", false)) {
      made = run(store, PAPER).get(0);
      assertThat(store.kept(PAPER, "0" + made.sha256().substring(1))).isEmpty();
      assertThat(store.kept(OTHER, made.sha256())).as("another name").isEmpty();
    }
    try (RunStore store = store("2", false)) {
      assertThat(store.kept(PAPER, made.sha256())).as("another version").isEmpty();
    }
    try (RunStore store = store("1", true)) {
      assertThat(store.kept(PAPER, made.sha256())).as("fresh").isEmpty();
    }
    ReportSpec dues = spec("dues");
    try (RunStore store = RunStore.open(output, dues, "1", false).orElseThrow()) {
      assertThat(store.kept(PAPER, made.sha256())).as("another spec").isEmpty();
    }
  }

  @Test
  void whatIsTornIsReadAnew() throws Exception {
    FileRun made;
    try (RunStore store = store("1", false)) {
      made = run(store, PAPER).get(0);
    }
    Path kept = files(".json").get(0);
    String whole = Files.readString(kept);
    Files.writeString(kept, whole.substring(0, whole.length() / 2));
    try (RunStore store = store("1", false)) {
      assertThat(store.kept(PAPER, made.sha256())).isEmpty();
      assertThat(run(store, PAPER)).containsExactly(made);
    }
    assertThat(kept).hasContent(whole);
  }

  @Test
  void oneRunAtATimeHasTheFolder() throws Exception {
    try (RunStore store = store("1", false)) {
      assertThat(RunStore.open(output, spec("cash-book"), "1", false)).isEmpty();
      assertThat(store.last(List.of(PAPER))).isEmpty();
    }
    assertThat(output.resolve(RunStore.FOLDER)).as("holds nothing").doesNotExist();
  }

  @Test
  void whatTheLastRunSaidCountsForTheSameFilesOnly() throws Exception {
    try (RunStore store = store("1", false)) {
      store.finish(run(store, PAPER, OTHER), List.of("1", "a line"));
    }
    try (RunStore store = store("1", false)) {
      assertThat(store.last(List.of(PAPER, OTHER))).contains(List.of("1", "a line"));
      assertThat(store.last(List.of(OTHER, PAPER))).isEmpty();
      assertThat(store.last(List.of(PAPER))).isEmpty();
      store.finish(run(store, OTHER), List.of("0"));
    }
    assertThat(files(".json")).as("what no file needs is gone").hasSize(1);
  }

  @Test
  void aFileIsOwnAsLongAsNobodyChangesIt() throws Exception {
    Path draft = Files.writeString(output.resolve(".a.csv.999999999.part"), "one\n");
    Path goal = output.resolve("a.csv");
    try (RunStore store = store("1", false)) {
      store.places(goal, Files.writeString(output.resolve("draft"), "one\n"));
      assertThat(draft).as("left by a process that is no more").doesNotExist();
      assertThat(store.isOwn(goal)).as("not there yet").isFalse();
      Files.writeString(goal, "one\n");
      assertThat(store.isOwn(goal)).isTrue();
    }
    try (RunStore store = store("2", false)) {
      assertThat(store.isOwn(goal)).as("of an earlier run").isTrue();
      Files.writeString(goal, "two\n");
      assertThat(store.isOwn(goal)).isFalse();
    }
  }

  private List<Path> files(String ending) throws Exception {
    try (var files = Files.list(output.resolve(RunStore.FOLDER))) {
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
    Optional<RunStore> other =
        RunStore.open(output, SpecReader.read(pages.replace("2-", "1-")), "1", false);
    assertThat(other).isPresent();
    other.get().close();
  }
}
