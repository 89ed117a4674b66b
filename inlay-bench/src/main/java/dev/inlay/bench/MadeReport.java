package dev.inlay.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;

/** Made-up reports of any length: one table of landings that goes on from page to page. */
final class MadeReport {

  /** Records on each page below its header. */
  static final int ROWS = 40;

  private static final String[] HEADINGS = {"No.", "Date", "Vessel", "Quay", "Boxes", "Crowns"};
  private static final float[] PLACES = {50, 100, 180, 290, 380, 450};
  private static final String[] QUAYS = {"North", "South", "Coal", "Long"};
  private static final float TOP = 780;
  private static final float STEP = 17;
  private static final float SIZE = 9;

  private final PDFont plain = new PDType1Font(Standard14Fonts.FontName.HELVETICA);
  private final PDFont bold = new PDType1Font(Standard14Fonts.FontName.HELVETICA_BOLD);

  private MadeReport() {}

  /**
   * Writes a report.
   *
   * @param pages how many, at least 1
   * @throws IOException if it cannot be written
   */
  static void write(Path file, int pages) throws IOException {
    try (PDDocument document = new PDDocument()) {
      MadeReport report = new MadeReport();
      for (int page = 0; page < pages; page++) {
        report.add(document, page);
      }
      document.save(file.toFile());
    }
  }

  private void add(PDDocument document, int number) throws IOException {
    PDPage page = new PDPage(PDRectangle.A4);
    document.addPage(page);
    try (PDPageContentStream content = new PDPageContentStream(document, page)) {
      line(content, bold, TOP, HEADINGS);
      content.moveTo(PLACES[0], TOP - 4);
      content.lineTo(520, TOP - 4);
      content.stroke();
      for (int r = 0; r < ROWS; r++) {
        line(content, plain, TOP - STEP * (r + 1), record(number * ROWS + r + 1));
      }
    }
  }

  private static String[] record(int number) {
    return new String[] {
      String.valueOf(number),
      String.format(Locale.ROOT, "%02d.%02d.2025", 1 + number % 28, 1 + number % 12),
      "Tern " + (char) ('A' + number % 26),
      QUAYS[number % QUAYS.length] + " quay",
      String.valueOf(10 + number * 7 % 90),
      String.format(Locale.ROOT, "%d.%02d", 100 + number * 37 % 900, number % 100)
    };
  }

  private static void line(PDPageContentStream content, PDFont font, float y, String[] texts)
      throws IOException {
    for (int c = 0; c < texts.length; c++) {
      content.beginText();
      content.setFont(font, SIZE);
      content.newLineAtOffset(PLACES[c], y);
      content.showText(texts[c]);
      content.endText();
    }
  }
}
