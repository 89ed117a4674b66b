package dev.inlay.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.page.ReadLimits;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.DeflaterOutputStream;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a damaged file shows of its damage. */
class DamageTest {

  @TempDir private Path folder;

  private static byte[] compressed(String text) throws Exception {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (DeflaterOutputStream out = new DeflaterOutputStream(bytes)) {
      out.write(text.getBytes(StandardCharsets.ISO_8859_1));
    }
    return bytes.toByteArray();
  }

  @Test
  void aCompressedStreamIsWholeWithItsChecksum() throws Exception {
    byte[] whole = compressed("12 boxes of cod, 7 of ling ".repeat(40));
    assertThat(FlateCheck.isWhole(whole, ReadLimits.USUAL)).isTrue();
    assertThat(FlateCheck.isWhole(Arrays.copyOf(whole, whole.length - 4), ReadLimits.USUAL))
        .as("nothing but the checksum is cut off")
        .isTrue();
    assertThat(FlateCheck.isWhole(Arrays.copyOf(whole, whole.length - 6), ReadLimits.USUAL))
        .isFalse();
    for (int at : new int[] {whole.length / 2, whole.length - 1}) {
      byte[] wrong = whole.clone();
      wrong[at] ^= 4;
      assertThat(FlateCheck.isWhole(wrong, ReadLimits.USUAL)).as("byte " + at).isFalse();
    }
  }

  /** Two pages of text, with a table of objects in plain text. */
  private byte[] paper() throws Exception {
    Path file = folder.resolve("a.pdf");
    try (PDDocument document = new PDDocument()) {
      for (String text : new String[] {"Cod 12", "Ling 7"}) {
        PDPage page = TestPdf.page(200, 200);
        document.addPage(page);
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
          TestPdf.show(content, text, 20, 100);
        }
      }
      document.save(file.toFile(), CompressParameters.NO_COMPRESSION);
    }
    return Files.readAllBytes(file);
  }

  private PdfFile open(byte[] bytes) throws Exception {
    return PdfFile.open(Files.write(folder.resolve("b.pdf"), bytes), "");
  }

  private static byte[] exchanged(byte[] bytes, String text, String by) {
    String all = new String(bytes, StandardCharsets.ISO_8859_1);
    assertThat(all).contains(text);
    assertThat(by).hasSameSizeAs(text);
    return all.replaceFirst(java.util.regex.Pattern.quote(text), by)
        .getBytes(StandardCharsets.ISO_8859_1);
  }

  @Test
  void aWholeFileSaysNothing() throws Exception {
    try (PdfFile file = open(paper())) {
      Set<String> damaged = new TreeSet<>();
      file.page(1, damaged);
      assertThat(damaged).isEmpty();
      assertThat(file.damage()).isEmpty();
      assertThat(file.repaired()).isEmpty();
    }
  }

  @Test
  void aFileWithoutItsEndMayHaveLostPages() throws Exception {
    byte[] whole = paper();
    int end = new String(whole, StandardCharsets.ISO_8859_1).lastIndexOf("startxref");
    try (PdfFile file = open(Arrays.copyOf(whole, end))) {
      assertThat(file.damage()).contains("its end is missing");
    }
  }

  @Test
  void aTableOfObjectsThatLeadsAstrayIsRepairedWhereAllAreFound() throws Exception {
    byte[] whole = paper();
    String all = new String(whole, StandardCharsets.ISO_8859_1);
    int table = all.lastIndexOf("xref\n", all.lastIndexOf("startxref") - 1);
    String start = all.substring(all.lastIndexOf("startxref"));
    byte[] shifted = exchanged(whole, String.valueOf(table) + "\n%%EOF", (table - 9) + "\n%%EOF");
    assertThat(start).contains(String.valueOf(table));
    try (PdfFile file = open(shifted)) {
      assertThat(file.damage()).isEmpty();
      assertThat(file.repaired())
          .contains("its table of objects is wrong; all that it names was found");
      assertThat(file.pageCount()).isEqualTo(2);
    }
  }

  @Test
  void anObjectThatIsNoLongerThereMayTakeRowsAlong() throws Exception {
    byte[] whole = paper();
    String all = new String(whole, StandardCharsets.ISO_8859_1);
    int contents = all.indexOf("/Contents ") + "/Contents ".length();
    String number = all.substring(contents, all.indexOf(" 0 R", contents));
    try (PdfFile file =
        open(exchanged(whole, "\n" + number + " 0 obj", "\n" + number + " 0 xxx"))) {
      assertThat(file.damage().orElseThrow()).startsWith("object " + number + " is not where");
    }
  }

  @Test
  void aNumberThatNoObjectHasMayStandAtPlaceZeroOrThatOfAnother() throws Exception {
    byte[] whole = paper();
    try (PdfFile file = open(exchanged(whole, "0000000000 65535 f", "0000000000 00000 n"))) {
      assertThat(file.damage()).isEmpty();
      assertThat(file.repaired()).isEmpty();
    }
    try (PdfFile file = open(exchanged(whole, "0000000000 65535 f", "0000000003 00000 n"))) {
      assertThat(file.damage()).isPresent();
    }
    int first = new String(whole, StandardCharsets.ISO_8859_1).indexOf("1 0 obj");
    String shared = String.format("%010d 00000 n", first);
    try (PdfFile file = open(exchanged(whole, "0000000000 65535 f", shared))) {
      assertThat(file.damage()).as("it shares the place of another").isEmpty();
    }
  }

  @Test
  void whatAPageRefersToAndTheFileLacksIsNamed() throws Exception {
    byte[] whole = paper();
    String all = new String(whole, StandardCharsets.ISO_8859_1);
    int contents = all.indexOf("/Contents ") + "/Contents ".length();
    String reference = all.substring(contents, all.indexOf(" 0 R", contents));
    byte[] bytes =
        exchanged(whole, "/Contents " + reference + " 0 R", "/Contents " + reference + " 9 R");
    try (PdfFile file = open(bytes)) {
      Set<String> damaged = new TreeSet<>();
      file.page(1, damaged);
      assertThat(damaged).containsExactly("its contents, missing");
      damaged.clear();
      file.page(2, damaged);
      assertThat(damaged).isEmpty();
    }
  }

  @Test
  void aPageTreeThatLacksABranchIsReported() throws Exception {
    try (PdfFile file = open(exchanged(paper(), "/Count 2", "/Count 3"))) {
      assertThat(file.damage()).contains("2 of its pages can be found, and it says that it has 3");
    }
  }
}
