package dev.inlay.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dev.inlay.geom.Box;
import dev.inlay.page.Fill;
import dev.inlay.page.Page;
import dev.inlay.page.Stroke;
import dev.inlay.pdf.OpenFailure.Reason;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationWidget;
import org.apache.pdfbox.pdmodel.interactive.form.PDAcroForm;
import org.apache.pdfbox.pdmodel.interactive.form.PDTextField;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PdfFileTest {

  @TempDir private Path folder;

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
      assertThat(TestPdf.text(pdf.page(1))).isEqualTo("Skua");
    }
  }

  @Test
  void linesAndBoxesComeInPageSpace() throws Exception {
    Page page =
        TestPdf.read(
            folder,
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
  void aLockedFileOpensWithItsPassword() throws Exception {
    Path file = TestPdf.saveLocked(folder.resolve("locked.pdf"), "cod");
    try (PdfFile pdf = PdfFile.open(file, "cod")) {
      assertThat(TestPdf.text(pdf.page(1))).isEqualTo("Oyle");
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
