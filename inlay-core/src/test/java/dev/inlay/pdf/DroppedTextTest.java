package dev.inlay.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.inlay.geom.Box;
import dev.inlay.page.DropReason;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import dev.inlay.page.Turn;
import dev.inlay.page.Typeface;
import java.nio.file.Path;
import java.util.Random;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;
import org.apache.pdfbox.util.Matrix;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DroppedTextTest {

  @TempDir private Path folder;

  @Test
  void textPrintedTwiceForBoldIsReadOnce() throws Exception {
    Page page =
        TestPdf.read(
            folder,
            TestPdf.page(200, 300),
            c -> {
              TestPdf.show(c, "All", 20, 250);
              TestPdf.show(c, "All", 20.3f, 250);
            });
    assertThat(TestPdf.text(page)).isEqualTo("All");
    assertThat(page.dropped(DropReason.PRINTED_TWICE)).isEqualTo(3);
  }

  @Test
  void textInTheColourOfItsGroundIsDropped() throws Exception {
    Page page =
        TestPdf.read(
            folder,
            TestPdf.page(200, 300),
            c -> {
              TestPdf.show(c, "seen", 20, 250);
              c.setNonStrokingColor(1f);
              TestPdf.show(c, "hidden", 20, 200);
              c.setNonStrokingColor(0f);
              c.addRect(10, 90, 150, 30);
              c.fill();
              c.setNonStrokingColor(1f);
              TestPdf.show(c, "banner", 20, 100);
              c.setNonStrokingColor(0f);
            });
    assertThat(TestPdf.text(page)).isEqualTo("seenbanner");
    assertThat(page.dropped(DropReason.GROUND_COLOUR)).isEqualTo(6);
  }

  @Test
  void aLargeSlantingTextIsAWatermark() throws Exception {
    Page page =
        TestPdf.read(
            folder,
            TestPdf.page(200, 300),
            c -> {
              TestPdf.show(c, "Cod", 20, 250);
              c.beginText();
              c.setFont(TestPdf.font(), 40);
              c.setTextMatrix(org.apache.pdfbox.util.Matrix.getRotateInstance(0.7, 40, 60));
              c.showText("DRAFT");
              c.endText();
            });
    assertThat(TestPdf.text(page)).isEqualTo("Cod");
    assertThat(page.dropped(DropReason.WATERMARK)).isEqualTo(5);
  }

  @Test
  void whatLiesOnALayerSwitchedOffIsDropped() throws Exception {
    Path file = folder.resolve("layers.pdf");
    try (PDDocument document = new PDDocument()) {
      PDOptionalContentProperties layers = new PDOptionalContentProperties();
      PDOptionalContentGroup off = new PDOptionalContentGroup("notes");
      PDOptionalContentGroup on = new PDOptionalContentGroup("figures");
      layers.addGroup(off);
      layers.addGroup(on);
      layers.setGroupEnabled(off, false);
      document.getDocumentCatalog().setOCProperties(layers);
      PDPage pdPage = TestPdf.page(200, 300);
      document.addPage(pdPage);
      try (PDPageContentStream c = new PDPageContentStream(document, pdPage)) {
        c.beginMarkedContent(COSName.OC, off);
        TestPdf.show(c, "hidden", 20, 200);
        c.addRect(10, 10, 100, 1);
        c.fill();
        c.endMarkedContent();
        c.beginMarkedContent(COSName.OC, on);
        TestPdf.show(c, "seen", 20, 250);
        c.endMarkedContent();
      }
      document.save(file.toFile());
    }
    try (PdfFile pdf = PdfFile.open(file, "")) {
      Page page = pdf.page(1);
      assertThat(TestPdf.text(page)).isEqualTo("seen");
      assertThat(page.dropped(DropReason.HIDDEN_LAYER)).isEqualTo(6);
      assertThat(page.fills()).isEmpty();
    }
  }

  /** Programs that print web pages paint a border as a box with a hole. */
  @Test
  void textInABorderOfItsColourIsSeen() throws Exception {
    Path file =
        TestPdf.save(
            folder.resolve("border.pdf"),
            TestPdf.page(200, 300),
            c -> {
              c.setNonStrokingColor(0f);
              c.addRect(10, 190, 100, 30);
              c.addRect(11, 191, 98, 28);
              c.fillEvenOdd();
              TestPdf.show(c, "12.50", 20, 200);
            });
    try (PdfFile pdf = PdfFile.open(file, "")) {
      assertThat(TestPdf.text(pdf.page(1))).isEqualTo("12.50");
      assertThat(pdf.page(1).fills())
          .hasSize(4)
          .allMatch(f -> Math.min(f.box().width(), f.box().height()) < 1.1);
    }
  }

  @Test
  void invisibleTextIsReadOnlyWhereThereIsNoOther() throws Exception {
    TestPdf.Drawing hidden =
        c -> {
          c.setRenderingMode(RenderingMode.NEITHER);
          TestPdf.show(c, "hidden", 20, 200);
        };
    assertThat(TestPdf.text(TestPdf.read(folder, TestPdf.page(200, 300), hidden)))
        .isEqualTo("hidden");
    Page mixed =
        TestPdf.read(
            folder,
            TestPdf.page(200, 300),
            c -> {
              TestPdf.show(c, "seen", 20, 250);
              hidden.on(c);
            });
    assertThat(TestPdf.text(mixed)).isEqualTo("seen");
    assertThat(mixed.dropped(DropReason.INVISIBLE)).isEqualTo(6);
  }

  @Test
  void whatIsClippedAwayIsNotSeen() throws Exception {
    Page page =
        TestPdf.read(
            folder,
            TestPdf.page(200, 300),
            c -> {
              c.saveGraphicsState();
              c.addRect(0, 0, 50, 300);
              c.clip();
              c.moveTo(10, 200);
              c.lineTo(110, 200);
              c.stroke();
              TestPdf.show(c, "gone", 100, 200);
              c.restoreGraphicsState();
              c.transform(Matrix.getTranslateInstance(0, 0));
              TestPdf.show(c, "here", 100, 100);
            });
    assertThat(page.strokes().get(0).extent().to()).isCloseTo(50, within(0.01));
    assertThat(TestPdf.text(page)).isEqualTo("here");
  }

  /** Wherever a character stands among the squares in which repeats are looked for. */
  @ParameterizedTest
  @MethodSource("dev.inlay.Seeds#some")
  void aRepeatIsFoundAtEveryPlace(long seed) {
    Random random = new Random(seed);
    double x = random.nextDouble(5, 150);
    double y = random.nextDouble(5, 250);
    double right = random.nextDouble(-0.9, 0.9);
    double down = random.nextDouble(-0.9, 0.9);
    GlyphSieve sieve = new GlyphSieve();
    Box sheet = new Box(0, 0, 200, 300);
    sieve.add(letter("a", x, y), null, sheet);
    sieve.add(letter("a", x + right, y + down), null, sheet);
    sieve.add(letter("b", x + right, y + down), null, sheet);
    sieve.add(letter("a", x + 1.1, y), null, sheet);
    assertThat(sieve.visible()).extracting(Glyph::text).containsExactly("a", "b", "a");
  }

  /** A letter of ten points. */
  private static Glyph letter(String text, double x, double y) {
    Box box = new Box(x, y, x + 5, y + 10);
    return new Glyph(text, box, y + 8, 10, Turn.UPRIGHT, new Typeface("Plain", false, false));
  }
}
