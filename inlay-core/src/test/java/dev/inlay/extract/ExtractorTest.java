package dev.inlay.extract;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.inlay.batch.FileBatch;
import dev.inlay.page.PageSelection;
import dev.inlay.pdf.TestPdf;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ExtractorTest {

  @TempDir private Path folder;

  private static DocumentTables extract(Path file) throws InterruptedException {
    return new Extractor(PageSelection.ALL, "").extract(file);
  }

  private Path table(String name) throws IOException {
    return TestPdf.save(
        folder.resolve(name),
        TestPdf.page(300, 300),
        c -> {
          for (int i = 0; i <= 2; i++) {
            c.moveTo(20, 250 - i * 20);
            c.lineTo(220, 250 - i * 20);
            c.moveTo(20 + i * 100, 250);
            c.lineTo(20 + i * 100, 210);
          }
          c.stroke();
          TestPdf.show(c, "Species", 25, 237);
          TestPdf.show(c, "Boxed", 125, 237);
          TestPdf.show(c, name.replace(".pdf", ""), 25, 217);
          TestPdf.show(c, "12.5", 125, 217);
        });
  }

  private Path withWhiteText(String white) throws IOException {
    return TestPdf.save(
        folder.resolve("white.pdf"),
        TestPdf.page(300, 300),
        c -> {
          TestPdf.show(c, "Oyle", 25, 250);
          c.setNonStrokingColor(1f);
          TestPdf.show(c, white, 25, 200);
        });
  }

  @Test
  void muchTextThatNoReaderSeesIsReported() throws Exception {
    DocumentTables document = extract(withWhiteText("slip and paint"));
    assertThat(document.problems()).extracting(Problem::code).contains("unseen-text");
    assertThat(document.problems().get(0).message()).startsWith("page 1: 12 characters");
    DocumentTables few = extract(withWhiteText("slip paint"));
    assertThat(few.problems()).extracting(Problem::code).doesNotContain("unseen-text");
  }

  @Test
  void aFileGivesItsTablesAndItsDigest() throws Exception {
    DocumentTables document = extract(table("cod.pdf"));
    assertThat(document.status()).isEqualTo(DocumentStatus.OK);
    assertThat(document.tables()).hasSize(1);
    assertThat(document.sha256()).hasSize(64);
    assertThat(document.problems()).isEmpty();
  }

  @Test
  void aPageWithoutTextHasTheStatusNoText() throws Exception {
    Path file = TestPdf.save(folder.resolve("a.pdf"), TestPdf.page(100, 100), c -> c.fill());
    assertThat(extract(file).status()).isEqualTo(DocumentStatus.NO_TEXT);
  }

  @Test
  void failuresAreToldInTheResult() throws Exception {
    DocumentTables locked = extract(TestPdf.saveLocked(folder.resolve("locked.pdf"), "cod"));
    assertThat(locked.status()).isEqualTo(DocumentStatus.LOCKED);
    assertThat(locked.problems()).extracting(Problem::code).containsExactly("locked");
    DocumentTables missing = extract(folder.resolve("none.pdf"));
    assertThat(missing.status()).isEqualTo(DocumentStatus.UNREADABLE);
    assertThat(missing.problems()).extracting(Problem::code).containsExactly("no-such-file");
    assertThat(missing.sha256()).isEmpty();
  }

  @Test
  void damagedFilesNeverStopABatch() throws Exception {
    byte[] good = Files.readAllBytes(table("cod.pdf"));
    Random random = new Random(7);
    for (int i = 0; i < 60; i++) {
      byte[] bad = good.clone();
      for (int k = 0; k < 20; k++) {
        bad[random.nextInt(bad.length)] = (byte) random.nextInt(256);
      }
      DocumentTables document = extract(Files.write(folder.resolve("bad.pdf"), bad));
      boolean reported = document.status() != DocumentStatus.OK;
      assertThat(reported == document.problems().isEmpty() && document.pages() == 0).isFalse();
    }
  }

  @Test
  void pagesThatDoNotExistAreReported() throws Exception {
    DocumentTables document =
        new Extractor(PageSelection.parse("1,9"), "").extract(table("cod.pdf"));
    assertThat(document.problems()).extracting(Problem::code).containsExactly("no-such-page");
    assertThat(document.tables()).hasSize(1);
  }

  @Test
  void anInterruptedExtractionStops() throws Exception {
    Path file = table("cod.pdf");
    AtomicReference<Throwable> thrown = new AtomicReference<>();
    Thread thread =
        new Thread(
            () -> {
              Thread.currentThread().interrupt();
              try {
                extract(file);
              } catch (InterruptedException e) {
                thrown.set(e);
              }
            });
    thread.start();
    thread.join();
    assertThat(thrown.get()).isInstanceOf(InterruptedException.class);
  }

  @Test
  void aBatchKeepsTheOrderOfItsFiles() throws Exception {
    List<Path> files = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      files.add(table("file" + i + ".pdf"));
    }
    List<DocumentTables> parallel = new ArrayList<>();
    List<DocumentTables> single = new ArrayList<>();
    Extractor extractor = new Extractor(PageSelection.ALL, "");
    FileBatch.extract(files, extractor, 4, page -> {}, parallel::add);
    FileBatch.extract(files, extractor, 1, page -> {}, single::add);
    assertThat(parallel).extracting(DocumentTables::path).containsExactlyElementsOf(files);
    assertThat(parallel).isEqualTo(single);
  }

  @ParameterizedTest
  @CsvSource({
    "'2-5,7', '2,3,5,7', '1,6,8'",
    "'3-', '3,4000', '1,2'",
    "' 1 , 2 - 3 ', '1,2,3', '4'"
  })
  void pagesAreSelected(String text, String in, String out) {
    PageSelection pages = PageSelection.parse(text);
    assertThat(in.split(",")).allMatch(p -> pages.holds(Integer.parseInt(p)));
    assertThat(out.split(",")).noneMatch(p -> pages.holds(Integer.parseInt(p)));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "0", "5-2", "a", "1,,2", "-3", "1-2-3", "9999999999"})
  void whatIsNoSelectionSaysSo(String text) {
    assertThatThrownBy(() -> PageSelection.parse(text))
        .isInstanceOf(IllegalArgumentException.class)
        .message()
        .isNotBlank();
  }

  @Test
  void whatWasMeantNeverToHappenBecomesAProblemOfTheFile() throws Exception {
    Path file = table("Saithe.pdf");
    PageWalk.Visitor deep =
        page -> {
          throw new StackOverflowError("too deep");
        };
    DocumentTables read = new Extractor(PageSelection.ALL, "").extract(file, deep);
    assertThat(read.status()).isEqualTo(DocumentStatus.UNREADABLE);
    assertThat(read.problems()).extracting(Problem::code).containsExactly("defect");
    assertThat(read.problems().get(0).message()).contains("too deep").contains("please report it");
    assertThat(read.sha256()).hasSize(64);
  }
}
