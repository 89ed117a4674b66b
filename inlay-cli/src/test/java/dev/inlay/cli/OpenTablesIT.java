package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The built program on tables without rulings, and on runs that are cut short. */
class OpenTablesIT {

  @TempDir private Path folder;

  private Path prices(String name, int pages, int rows) throws IOException {
    PDType1Font font = new PDType1Font(FontName.HELVETICA);
    try (PDDocument pdf = new PDDocument()) {
      for (int p = 0; p < pages; p++) {
        PDPage page = new PDPage();
        pdf.addPage(page);
        try (PDPageContentStream content = new PDPageContentStream(pdf, page)) {
          content.setFont(font, 10);
          show(content, 0, "Species", "Grade", "Price");
          for (int r = 1; r <= rows; r++) {
            show(content, r, "Fish " + (p * rows + r), "A" + r % 3, (10 + r) + ".50");
          }
        }
      }
      pdf.save(folder.resolve(name).toFile());
    }
    return folder.resolve(name);
  }

  private static void show(PDPageContentStream content, int row, String... texts)
      throws IOException {
    for (int c = 0; c < texts.length; c++) {
      content.beginText();
      content.newLineAtOffset(60 + c * 120, 700 - row * 14);
      content.showText(texts[c]);
      content.endText();
    }
  }

  @Test
  void aListWithoutLinesBecomesRows() throws Exception {
    prices("prices.pdf", 1, 5);
    Result result = Program.run(folder, "extract", "prices.pdf", "--to", "csv");
    assertThat(result.code()).as(result.err()).isZero();
    assertThat(result.out().lines())
        .containsExactly(
            "Species,Grade,Price",
            "Fish 1,A1,11.50",
            "Fish 2,A2,12.50",
            "Fish 3,A0,13.50",
            "Fish 4,A1,14.50",
            "Fish 5,A2,15.50");
  }

  @Test
  void aListOverManyPagesIsOneTable() throws Exception {
    prices("long.pdf", 12, 40);
    Result result = Program.run(folder, "extract", "long.pdf", "-o", "long.csv");
    assertThat(result.code()).as(result.err()).isZero();
    List<String> lines = Files.readAllLines(folder.resolve("long.csv"));
    assertThat(lines).hasSize(1 + 12 * 40);
    assertThat(lines.get(480)).isEqualTo("Fish 480,A1,50.50");
    assertThat(lines).filteredOn(l -> l.startsWith("Species")).hasSize(1);
  }

  @Test
  void theTerminalNamesAnOpenTableSo() throws Exception {
    prices("prices.pdf", 1, 5);
    Result result = Program.run(folder, "extract", "prices.pdf");
    assertThat(result.out()).containsPattern("5 rows and 3 columns, open, confidence 0\\.\\d\\d");
  }

  @Test
  void aRunThatIsCutShortLeavesNoFile() throws Exception {
    prices("huge.pdf", 300, 45);
    Process process =
        new ProcessBuilder(
                Program.DISTRIBUTION.resolve("bin/inlay").toString(),
                "extract",
                "huge.pdf",
                "-o",
                "huge.json")
            .directory(folder.toFile())
            .redirectErrorStream(true)
            .redirectOutput(folder.resolve("said").toFile())
            .start();
    process.waitFor(1, TimeUnit.SECONDS);
    process.destroy();
    boolean ended = process.waitFor() == 0;
    try (Stream<Path> files = Files.list(folder)) {
      List<String> names = files.map(f -> f.getFileName().toString()).toList();
      // On a fast machine the run may have ended by itself: then its file is there, whole.
      assertThat(names).contains("huge.pdf", "said").hasSize(ended ? 3 : 2);
      assertThat(names).noneMatch(n -> n.endsWith(".part"));
    }
    Result again = Program.run(folder, "extract", "huge.pdf", "--pages", "1-3", "-o", "again.json");
    assertThat(again.code()).isZero();
  }
}
