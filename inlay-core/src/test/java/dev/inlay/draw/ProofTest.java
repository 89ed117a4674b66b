package dev.inlay.draw;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.choose.RulingUse;
import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Explanation;
import dev.inlay.extract.Extractor;
import dev.inlay.extract.PageWalk;
import dev.inlay.extract.TableChoice;
import dev.inlay.extract.TableHints;
import dev.inlay.geom.Box;
import dev.inlay.model.Decision;
import dev.inlay.page.Page;
import dev.inlay.page.PageSelection;
import dev.inlay.page.ReadLimits;
import dev.inlay.pdf.TestPdf;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ProofTest {

  @TempDir private Path folder;

  private Path landings() throws Exception {
    return landings(false);
  }

  private Path landings(boolean ruled) throws Exception {
    return TestPdf.save(
        folder.resolve("a.pdf"),
        TestPdf.page(300, 200),
        c -> {
          if (ruled) {
            c.moveTo(45, 147);
            c.lineTo(200, 147);
            c.stroke();
          }
          for (int row = 0; row < 4; row++) {
            TestPdf.show(c, row == 0 ? "Species" : "Cod " + row, 50, 150 - row * 14);
            TestPdf.show(c, row == 0 ? "Boxed" : row + "2.5", 150, 150 - row * 14);
          }
        });
  }

  private static Page page(Path file) throws Exception {
    List<Page> pages = new ArrayList<>();
    PageWalk.over(file, "", PageSelection.ALL, pages::add, ReadLimits.USUAL);
    return pages.get(0);
  }

  @Test
  void theFrameIsDrawnWhereTheTableStands() throws Exception {
    Path file = landings();
    DocumentTables document = new Extractor(PageSelection.ALL, "").extract(file);
    assertThat(document.tables()).hasSize(1);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (Proof proof = new Proof(new Explanation(document, List.of()), "", RulingUse.WEIGH)) {
      proof.add(page(file));
      proof.writePng(0, 72, out);
    }
    BufferedImage image = ImageIO.read(new ByteArrayInputStream(out.toByteArray()));
    double left = document.tables().get(0).frames().get(0).box().left();
    double middle = document.tables().get(0).frames().get(0).box().centreY();
    int blue = ProofColour.FRAME.colour().getRGB();
    boolean drawn = false;
    for (int x = -2; x <= 2; x++) {
      int at = image.getRGB((int) (Rulers.STRIP + left + x), (int) (Rulers.STRIP + middle));
      drawn |= isNear(at, blue);
    }
    assertThat(drawn).isTrue();
    int paper = image.getRGB((int) Rulers.STRIP + 290, (int) Rulers.STRIP + 190);
    assertThat(isNear(paper, 0xFFFFFF)).isTrue();
  }

  private static boolean isNear(int a, int b) {
    int far = 0;
    for (int shift = 0; shift <= 16; shift += 8) {
      far = Math.max(far, Math.abs((a >> shift & 0xFF) - (b >> shift & 0xFF)));
    }
    return far < 60;
  }

  private long rulingInk(RulingUse use) throws Exception {
    Path file = landings(true);
    TableHints tools =
        new TableHints(
            Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), List.of(), use);
    DocumentTables document =
        new Extractor(PageSelection.ALL, "", tools, TableChoice.ALL).extract(file);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (Proof proof = new Proof(new Explanation(document, List.of()), "", use)) {
      proof.add(page(file));
      proof.writePng(0, 72, out);
    }
    BufferedImage image = ImageIO.read(new ByteArrayInputStream(out.toByteArray()));
    int colour = ProofColour.RULING.colour().getRGB();
    int[] pixels =
        image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
    return Arrays.stream(pixels).filter(p -> isNear(p, colour)).count();
  }

  @Test
  void rulingsThatAreIgnoredAreNotMarked() throws Exception {
    assertThat(rulingInk(RulingUse.IGNORE)).isLessThan(rulingInk(RulingUse.WEIGH));
  }

  /** The text of a proof that has one decision about a line, with so much for the answer taken. */
  private String textWith(double probability) throws Exception {
    Path file = landings();
    DocumentTables document = new Extractor(PageSelection.ALL, "").extract(file);
    Decision decision =
        new Decision(
            Decision.Question.LINE,
            1,
            Optional.of(new Box(50, 40, 180, 52)),
            "Species | Boxed",
            "row",
            probability,
            "header",
            1 - probability,
            List.of());
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (Proof proof =
        new Proof(new Explanation(document, List.of(decision)), "", RulingUse.WEIGH)) {
      proof.add(page(file));
      proof.writePdf(out);
    }
    try (PDDocument pdf = Loader.loadPDF(out.toByteArray())) {
      return new PDFTextStripper().getText(pdf);
    }
  }

  @Test
  void whatComesCloseIsNamedBesideItsLine() throws Exception {
    assertThat(textWith(0.74)).contains("or header 26 %");
    assertThat(textWith(0.76)).doesNotContain("or header");
  }

  @Test
  void thePdfHoldsThePageAndTheMarksOnLayersOfTheirOwn() throws Exception {
    Path file = landings();
    DocumentTables document = new Extractor(PageSelection.ALL, "").extract(file);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (Proof proof = new Proof(new Explanation(document, List.of()), "", RulingUse.WEIGH)) {
      proof.add(page(file));
      proof.writePdf(out);
    }
    try (PDDocument pdf = Loader.loadPDF(out.toByteArray())) {
      assertThat(pdf.getDocumentCatalog().getOCProperties().getGroupNames())
          .containsExactlyInAnyOrder("Page", "Proof");
      assertThat(new PDFTextStripper().getText(pdf))
          .contains("Species", "p1t1", "gutter, row edge", "100%");
    }
  }
}
