package dev.inlay.samples;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.graphics.image.CCITTFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** The later weeks of the price list, as a batch arrives: most as ever, some not. */
final class PriceListBatch {

  /** Opens the locked list. */
  static final String PASSWORD = "spring-tide";

  private static final float SCAN_DPI = 110;
  private static final int KEY_LENGTH = 128;

  private PriceListBatch() {}

  static List<Sample> all() throws IOException {
    return List.of(plain(16), drifted(17), locked(18), scanned(19), notice(), byTender(21));
  }

  private static Sample plain(int week) throws IOException {
    return QuayPriceList.print(new QuayPriceList.Issue(week, false, false, false));
  }

  private static Sample drifted(int week) throws IOException {
    return QuayPriceList.print(new QuayPriceList.Issue(week, false, true, false));
  }

  private static Sample byTender(int week) throws IOException {
    return QuayPriceList.print(new QuayPriceList.Issue(week, false, false, true));
  }

  private static Sample locked(int week) throws IOException {
    Sample open = plain(week);
    try (PDDocument document = Loader.loadPDF(open.pdf())) {
      StandardProtectionPolicy policy =
          new StandardProtectionPolicy(PASSWORD, PASSWORD, new AccessPermission());
      policy.setEncryptionKeyLength(KEY_LENGTH);
      // the newer kind of lock takes random numbers, and every run is to make the same bytes
      policy.setPreferAES(false);
      document.protect(policy);
      return bare(open.name(), document, (long) week);
    }
  }

  private static Sample scanned(int week) throws IOException {
    Sample printed = plain(week);
    try (PDDocument paper = Loader.loadPDF(printed.pdf());
        PDDocument document = new PDDocument()) {
      BufferedImage scan = new PDFRenderer(paper).renderImageWithDPI(0, SCAN_DPI, ImageType.BINARY);
      PDPage page = new PDPage(PDRectangle.A4);
      document.addPage(page);
      PDImageXObject picture = CCITTFactory.createFromImage(document, scan);
      try (PDPageContentStream content = new PDPageContentStream(document, page)) {
        content.drawImage(picture, 0, 0, PDRectangle.A4.getWidth(), PDRectangle.A4.getHeight());
      }
      return bare(printed.name(), document, (long) week);
    }
  }

  private static Sample notice() throws IOException {
    try (Paper paper = new Paper("Notice to masters", "No. 12")) {
      paper.masthead("No. 12", "Notice to masters", "14 May 2025");
      paper.paragraph(
          "No prices are printed for the week: the scales on the north quay at Brennick were under"
              + " repair, and fewer than three landings of any species were weighed elsewhere.");
      paper.paragraph(
          "Masters are asked to keep their landing declarations until the scales are tested again."
              + " The list will be printed as usual from the next week on.");
      return new Sample(QuayPriceList.name(20), paper.toPdf(), new byte[0], List.of());
    }
  }

  private static Sample bare(String name, PDDocument document, long id) throws IOException {
    document.setDocumentId(id);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    document.save(out, CompressParameters.NO_COMPRESSION);
    return new Sample(name, out.toByteArray(), new byte[0], List.of());
  }
}
