package dev.inlay.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dev.inlay.geom.Box;
import dev.inlay.page.DropReason;
import dev.inlay.page.Fill;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import dev.inlay.page.Stroke;
import dev.inlay.page.Turn;
import dev.inlay.pdf.OpenFailure.Reason;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationWidget;
import org.apache.pdfbox.pdmodel.interactive.form.PDAcroForm;
import org.apache.pdfbox.pdmodel.interactive.form.PDTextField;
import org.apache.pdfbox.util.Matrix;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PdfFileTest {

  @TempDir private Path folder;

  private Page read(PDPage page, TestPdf.Drawing drawing) throws Exception {
    Path file = TestPdf.save(folder.resolve("a.pdf"), page, drawing);
    try (PdfFile pdf = PdfFile.open(file, "")) {
      return pdf.page(1);
    }
  }

  private static String text(Page page) {
    return page.glyphs().stream().map(Glyph::text).collect(Collectors.joining());
  }

  @Test
  void glyphsHaveTheirPlaceFromTheUpperLeft() throws Exception {
    Page page = read(TestPdf.page(200, 300), c -> TestPdf.show(c, "Cod", 20, 250));
    assertThat(text(page)).isEqualTo("Cod");
    Glyph first = page.glyphs().get(0);
    assertThat(first.baseline()).isCloseTo(50, within(0.01));
    assertThat(first.size()).isCloseTo(10, within(0.01));
    assertThat(first.box().left()).isCloseTo(20, within(0.01));
    // Helvetica's C is 722 thousandths wide.
    assertThat(first.box().right()).isCloseTo(27.22, within(0.01));
    assertThat(first.turn()).isEqualTo(Turn.UPRIGHT);
  }

  /** Where the text that stands at (20, 250) of a 200 by 300 page begins, as the reader sees it. */
  @ParameterizedTest
  @CsvSource({
    "0, 200, 300, UPRIGHT, 20, 50",
    "90, 300, 200, DOWNWARDS, 250, 20",
    "180, 200, 300, UPSIDE_DOWN, 180, 250",
    "270, 300, 200, UPWARDS, 50, 180"
  })
  void aRotatedPageIsSeenRotated(
      int rotation, double width, double height, Turn turn, double x, double y) throws Exception {
    PDPage pdPage = TestPdf.page(200, 300);
    pdPage.setRotation(rotation);
    Page page = read(pdPage, c -> TestPdf.show(c, "Cod", 20, 250));
    assertThat(page.width()).isEqualTo(width);
    assertThat(page.height()).isEqualTo(height);
    Box box = page.glyphs().get(0).box();
    assertThat(page.glyphs().get(0).turn()).isEqualTo(turn);
    assertThat(x).isBetween(box.left() - 0.01, box.right() + 0.01);
    assertThat(y).isBetween(box.top() - 0.01, box.bottom() + 0.01);
  }

  @Test
  void cropAndUserUnitAreApplied() throws Exception {
    PDPage pdPage = TestPdf.page(200, 300);
    pdPage.setCropBox(new PDRectangle(10, 100, 150, 180));
    pdPage.setUserUnit(2);
    Page page =
        read(
            pdPage,
            c -> {
              TestPdf.show(c, "Cod", 20, 250);
              TestPdf.show(c, "cut away", 20, 50);
            });
    assertThat(page.width()).isEqualTo(300);
    assertThat(page.glyphs().get(0).box().left()).isCloseTo(20, within(0.01));
    assertThat(page.glyphs().get(0).baseline()).isCloseTo(60, within(0.01));
    assertThat(page.glyphs().get(0).size()).isCloseTo(20, within(0.01));
    assertThat(text(page)).isEqualTo("Cod");
    assertThat(page.dropped(DropReason.OUTSIDE_PAGE)).isEqualTo(7);
  }

  @Test
  void textPrintedTwiceForBoldIsReadOnce() throws Exception {
    Page page =
        read(
            TestPdf.page(200, 300),
            c -> {
              TestPdf.show(c, "All", 20, 250);
              TestPdf.show(c, "All", 20.3f, 250);
            });
    assertThat(text(page)).isEqualTo("All");
    assertThat(page.dropped(DropReason.PRINTED_TWICE)).isEqualTo(3);
  }

  @Test
  void textInTheColourOfItsGroundIsDropped() throws Exception {
    Page page =
        read(
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
    assertThat(text(page)).isEqualTo("seenbanner");
    assertThat(page.dropped(DropReason.GROUND_COLOUR)).isEqualTo(6);
  }

  @Test
  void aLargeSlantingTextIsAWatermark() throws Exception {
    Page page =
        read(
            TestPdf.page(200, 300),
            c -> {
              TestPdf.show(c, "Cod", 20, 250);
              c.beginText();
              c.setFont(TestPdf.font(), 40);
              c.setTextMatrix(org.apache.pdfbox.util.Matrix.getRotateInstance(0.7, 40, 60));
              c.showText("DRAFT");
              c.endText();
            });
    assertThat(text(page)).isEqualTo("Cod");
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
      assertThat(text(page)).isEqualTo("seen");
      assertThat(page.dropped(DropReason.HIDDEN_LAYER)).isEqualTo(6);
      assertThat(page.fills()).isEmpty();
    }
  }

  @Test
  void whatWasFilledIntoAFormIsRead() throws Exception {
    Path file = folder.resolve("form.pdf");
    try (PDDocument document = new PDDocument()) {
      PDPage pdPage = TestPdf.page(200, 300);
      document.addPage(pdPage);
      PDAcroForm form = new PDAcroForm(document);
      document.getDocumentCatalog().setAcroForm(form);
      PDResources resources = new PDResources();
      resources.put(COSName.getPDFName("Helv"), TestPdf.font());
      form.setDefaultResources(resources);
      form.setDefaultAppearance("/Helv 10 Tf 0 g");
      PDTextField field = new PDTextField(form);
      field.setPartialName("vessel");
      form.getFields().add(field);
      PDAnnotationWidget widget = field.getWidgets().get(0);
      widget.setRectangle(new PDRectangle(20, 240, 100, 20));
      widget.setPage(pdPage);
      pdPage.getAnnotations().add(widget);
      field.setValue("Skua");
      document.save(file.toFile());
    }
    try (PdfFile pdf = PdfFile.open(file, "")) {
      assertThat(text(pdf.page(1))).isEqualTo("Skua");
    }
  }

  @Test
  void invisibleTextIsReadOnlyWhereThereIsNoOther() throws Exception {
    TestPdf.Drawing hidden =
        c -> {
          c.setRenderingMode(RenderingMode.NEITHER);
          TestPdf.show(c, "hidden", 20, 200);
        };
    assertThat(text(read(TestPdf.page(200, 300), hidden))).isEqualTo("hidden");
    Page mixed =
        read(
            TestPdf.page(200, 300),
            c -> {
              TestPdf.show(c, "seen", 20, 250);
              hidden.on(c);
            });
    assertThat(text(mixed)).isEqualTo("seen");
    assertThat(mixed.dropped(DropReason.INVISIBLE)).isEqualTo(6);
  }

  @Test
  void linesAndBoxesComeInPageSpace() throws Exception {
    Page page =
        read(
            TestPdf.page(200, 300),
            c -> {
              c.setLineWidth(2);
              c.moveTo(10, 200);
              c.lineTo(110, 200);
              c.stroke();
              c.setNonStrokingColor(0.5f);
              c.addRect(10, 100, 50, 20);
              c.fill();
              c.moveTo(10, 10);
              c.lineTo(60, 60);
              c.stroke();
            });
    assertThat(page.strokes()).hasSize(1);
    Stroke stroke = page.strokes().get(0);
    assertThat(stroke.horizontal()).isTrue();
    assertThat(stroke.at()).isCloseTo(100, within(0.01));
    assertThat(stroke.extent().length()).isCloseTo(100, within(0.01));
    assertThat(stroke.thickness()).isCloseTo(2, within(0.01));
    assertThat(page.fills()).containsExactly(new Fill(new Box(10, 180, 60, 200), 0x808080));
  }

  @Test
  void whatIsClippedAwayIsNotSeen() throws Exception {
    Page page =
        read(
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
    assertThat(text(page)).isEqualTo("here");
  }

  @Test
  void aLockedFileOpensWithItsPassword() throws Exception {
    Path file = TestPdf.saveLocked(folder.resolve("locked.pdf"), "cod");
    try (PdfFile pdf = PdfFile.open(file, "cod")) {
      assertThat(text(pdf.page(1))).isEqualTo("Oyle");
    }
    assertFails(file, Reason.LOCKED, "give its password");
    assertThatThrownBy(() -> PdfFile.open(file, "ling")).hasMessageContaining("does not open");
  }

  @Test
  void aFileLockedByACertificateIsToldSo() throws IOException {
    Path file = folder.resolve("certificate.pdf");
    StringBuilder pdf = new StringBuilder("%PDF-1.6\n");
    StringBuilder offsets = new StringBuilder("xref\n0 5\n0000000000 65535 f \n");
    for (String object :
        List.of(
            "<< /Type /Catalog /Pages 2 0 R >>",
            "<< /Type /Pages /Count 1 /Kids [4 0 R] >>",
            "<< /Filter /Adobe.PubSec /SubFilter /adbe.pkcs7.s4 /V 1 /Recipients [<00>] >>",
            "<< /Type /Page /Parent 2 0 R /MediaBox [0 0 9 9] >>")) {
      offsets.append(String.format("%010d 00000 n \n", pdf.length()));
      long number = offsets.chars().filter(c -> c == 'n').count();
      pdf.append(number + " 0 obj " + object + " endobj\n");
    }
    int start = pdf.length();
    pdf.append(offsets);
    pdf.append("trailer << /Size 5 /Root 1 0 R /Encrypt 3 0 R /ID [<00> <00>] >>\n");
    Files.writeString(file, pdf.append("startxref\n" + start + "\n%%EOF\n"));
    assertThatThrownBy(() -> PdfFile.open(file, ""))
        .isInstanceOfSatisfying(
            OpenFailure.class, e -> assertThat(e.reason()).isEqualTo(Reason.LOCKED));
  }

  @Test
  void whatCannotBeOpenedSaysWhy() throws IOException {
    Path empty = Files.createFile(folder.resolve("empty.pdf"));
    Path text = Files.writeString(folder.resolve("text.pdf"), "Dear harbour master,");
    Path broken = Files.writeString(folder.resolve("broken.pdf"), "%PDF-1.7\nnothing more");
    assertFails(folder.resolve("none.pdf"), Reason.MISSING, "does not exist");
    assertFails(folder, Reason.FOLDER, "is a folder");
    assertFails(empty, Reason.EMPTY, "is empty");
    assertFails(text, Reason.NOT_PDF, "is not a PDF");
    assertFails(broken, Reason.BROKEN, "broken");
  }

  private static void assertFails(Path file, Reason reason, String message) {
    assertThatThrownBy(() -> PdfFile.open(file, ""))
        .isInstanceOfSatisfying(OpenFailure.class, e -> assertThat(e.reason()).isEqualTo(reason))
        .hasMessageContaining(message);
  }
}
