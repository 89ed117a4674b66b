package dev.inlay.write;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.inlay.TableBuilder;
import dev.inlay.extract.DocumentTables;
import dev.inlay.model.Table;
import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FilesTest {

  private static final Table TABLE = new TableBuilder("Name").row("Cod").build();

  @TempDir private Path folder;

  private List<String> names() throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.map(f -> f.getFileName().toString()).sorted().toList();
    }
  }

  @Test
  void aFileAppearsWhenItIsWhole() throws IOException {
    Path goal = folder.resolve("a.csv");
    try (PlacedFile file = PlacedFile.begin(goal, false)) {
      file.stream().write('x');
      assertThat(goal).doesNotExist();
      file.place();
    }
    assertThat(goal).hasContent("x");
    assertThat(names()).containsExactly("a.csv");
  }

  @Test
  void aFileGivenUpLeavesNothing() throws IOException {
    PlacedFile.begin(folder.resolve("a.csv"), false).close();
    assertThat(names()).isEmpty();
  }

  @Test
  void anExistingFileIsReplacedOnlyOnDemand() throws IOException {
    Path goal = Files.writeString(folder.resolve("a.csv"), "old");
    assertThatThrownBy(() -> PlacedFile.begin(goal, false))
        .isInstanceOf(FileAlreadyExistsException.class);
    try (PlacedFile file = PlacedFile.begin(goal, true)) {
      assertThat(goal).hasContent("old");
      file.place();
    }
    assertThat(goal).isEmptyFile();
  }

  @Test
  void aFileThatCameMeanwhileIsNotReplaced() throws IOException {
    Path goal = folder.resolve("a.csv");
    try (PlacedFile file = PlacedFile.begin(goal, false)) {
      Files.writeString(goal, "theirs");
      assertThatThrownBy(file::place).isInstanceOf(FileAlreadyExistsException.class);
    }
    assertThat(goal).hasContent("theirs");
    assertThat(names()).containsExactly("a.csv");
  }

  @Test
  void aCsvFileHoldsOneTableUnderTheNameThatItWasGiven() throws Exception {
    TableFiles files = new TableFiles(TableFormat.CSV, false);
    DocumentTables one = TableBuilder.document("q1.pdf", TABLE);
    DocumentTables two = TableBuilder.document("q2.pdf", TABLE);
    assertThat(files.write(List.of(one), folder.resolve("one.csv"))).hasSize(1);
    assertThatThrownBy(() -> files.write(List.of(one, two), folder.resolve("all.csv")))
        .isInstanceOf(TooLargeException.class)
        .hasMessage("holds one table as CSV, and 2 were found; name a folder for them");
    assertThat(names()).containsExactly("one.csv");
  }

  @Test
  void inAFolderTheNameOfACsvFileHoldsTheIdOfItsTable() throws Exception {
    DocumentTables one = TableBuilder.document("q1.pdf", TABLE);
    new TableFiles(TableFormat.CSV, false).writeInto(folder, one);
    new TableFiles(TableFormat.JSON, false).writeInto(folder, one);
    assertThat(names()).containsExactly("q1-p1t1.csv", "q1.json");
  }

  @Test
  void withoutATableOnlyJsonIsWritten() throws Exception {
    DocumentTables none = TableBuilder.document("q1.pdf");
    for (TableFormat form : TableFormat.values()) {
      new TableFiles(form, false).write(List.of(none), folder.resolve("none." + form.ending()));
    }
    assertThat(names()).containsExactly("none.json");
  }

  @Test
  void endingsTellForms() {
    assertThat(TableFormat.ofEnding(Path.of("dir/A.XLSX"))).contains(TableFormat.XLSX);
    assertThat(TableFormat.ofEnding(Path.of("a.txt"))).contains(TableFormat.TEXT);
    assertThat(TableFormat.ofEnding(Path.of("csv"))).isEmpty();
  }
}
