package dev.inlay.pdf;

import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import java.io.IOException;
import java.nio.file.Path;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;

/** Makes small PDF files for tests. */
public final class TestPdf {

  /** Draws on a page. */
  public interface Drawing {
    void on(PDPageContentStream content) throws IOException;
  }

  private TestPdf() {}

  public static PDPage page(double width, double height) {
    return new PDPage(new PDRectangle((float) width, (float) height));
  }

  public static PDFont font() {
    return new PDType1Font(FontName.HELVETICA);
  }

  public static void show(PDPageContentStream content, String text, float x, float y)
      throws IOException {
    content.beginText();
    content.setFont(font(), 10);
    content.newLineAtOffset(x, y);
    content.showText(text);
    content.endText();
  }

  public static Path save(Path file, PDPage page, Drawing drawing) throws IOException {
    try (PDDocument document = new PDDocument()) {
      draw(document, page, drawing);
      document.save(file.toFile());
    }
    return file;
  }

  /** The page drawn, saved in a folder and read again. */
  static Page read(Path folder, PDPage page, Drawing drawing) throws Exception {
    Path file = save(folder.resolve("a.pdf"), page, drawing);
    try (PdfFile pdf = PdfFile.open(file, "")) {
      return pdf.page(1);
    }
  }

  /** What a page reads, in the order of its description. */
  static String text(Page page) {
    return page.glyphs().stream().map(Glyph::text).collect(Collectors.joining());
  }

  /** A file of pages of the size of A4, each drawn in turn. */
  public static Path savePages(Path file, Drawing... drawings) throws IOException {
    try (PDDocument document = new PDDocument()) {
      for (Drawing drawing : drawings) {
        draw(document, page(595, 842), drawing);
      }
      document.save(file.toFile());
    }
    return file;
  }

  public static Path saveLocked(Path file, String password) throws IOException {
    try (PDDocument document = new PDDocument()) {
      draw(document, page(200, 300), c -> show(c, "Oyle", 20, 250));
      AccessPermission allowed = new AccessPermission();
      StandardProtectionPolicy policy = new StandardProtectionPolicy("owner", password, allowed);
      policy.setEncryptionKeyLength(128);
      document.protect(policy);
      document.save(file.toFile());
    }
    return file;
  }

  private static void draw(PDDocument document, PDPage page, Drawing drawing) throws IOException {
    document.addPage(page);
    try (PDPageContentStream content = new PDPageContentStream(document, page)) {
      drawing.on(content);
    }
  }
}
