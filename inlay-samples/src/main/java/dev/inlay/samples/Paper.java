package dev.inlay.samples;

import java.io.ByteArrayOutputStream;
import java.io.Closeable;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;

/** A paper of the board in the making: pages with running heads, text that flows down them. */
final class Paper implements Closeable {

  static final float LEFT = 62;
  static final float RIGHT = Sheet.WIDTH - 62;

  private static final float TOP = 84;
  private static final float BOTTOM = Sheet.HEIGHT - 78;

  private static final float TEXT_SIZE = 10;
  private static final float LINE_STEP = 13.5f;
  private static final float SMALL_SIZE = 8;
  private static final float SMALL_STEP = 10;

  final PDFont serif = new PDType1Font(FontName.TIMES_ROMAN);
  final PDFont serifBold = new PDType1Font(FontName.TIMES_BOLD);
  final PDFont serifItalic = new PDType1Font(FontName.TIMES_ITALIC);
  final PDFont sans = new PDType1Font(FontName.HELVETICA);
  final PDFont sansBold = new PDType1Font(FontName.HELVETICA_BOLD);

  private final PDDocument document = new PDDocument();
  private final List<Sheet> sheets = new ArrayList<>();
  private final String runningHead;
  private final String issue;
  private final boolean across;
  private float y;

  /**
   * Begins a paper.
   *
   * @param title for the file's properties and the running heads
   * @param issue what tells this paper from its sisters
   */
  Paper(String title, String issue) throws IOException {
    this(title, issue, false);
  }

  /** Begins a paper whose pages may lie across. */
  Paper(String title, String issue, boolean across) throws IOException {
    runningHead = title;
    this.issue = issue;
    this.across = across;
    document.getDocumentInformation().setTitle(title + ", " + issue);
    document.getDocumentInformation().setAuthor("Tarn Sound Harbour Board");
    document.getDocumentInformation().setProducer("inlay-samples");
    newPage();
  }

  void newPage() throws IOException {
    sheets.add(across ? new Sheet(document, Sheet.HEIGHT, Sheet.WIDTH) : new Sheet(document));
    y = TOP;
    if (sheets.size() > 1) {
      sheet().text("Tarn Sound Harbour Board", LEFT, 52, serifItalic, 9);
      sheet().textEndingAt(runningHead + ", " + issue, right(), 52, serifItalic, 9);
      sheet().line(LEFT, 57, right(), 57, 0.4f);
    }
  }

  Sheet sheet() {
    return sheets.get(sheets.size() - 1);
  }

  int pageNumber() {
    return sheets.size();
  }

  float y() {
    return y;
  }

  void moveTo(float newY) {
    y = newY;
  }

  /** Where lines end at the latest. */
  float right() {
    return across ? Sheet.HEIGHT - LEFT : RIGHT;
  }

  /** How much of the page is left, in points. */
  float room() {
    return (across ? BOTTOM - Sheet.HEIGHT + Sheet.WIDTH : BOTTOM) - y;
  }

  /** The letterhead and the title of the first page. */
  void masthead(String kicker, String title, String dateline) throws IOException {
    sheet().text("TARN SOUND HARBOUR BOARD", LEFT, 62, sansBold, 11);
    sheet().textEndingAt(kicker, right(), 62, sans, 9);
    sheet().line(LEFT, 69, right(), 69, 1.6f);
    sheet().line(LEFT, 72.2f, right(), 72.2f, 0.4f);
    sheet().text(title, LEFT, 104, serifBold, 20);
    sheet().text(dateline, LEFT, 122, serifItalic, 11);
    y = 144;
  }

  void heading(String text) throws IOException {
    y += 12;
    sheet().text(text, LEFT, y + 12, serifBold, 12);
    y += 22;
  }

  void paragraph(String text) throws IOException {
    for (String line : Sheet.wrapped(text, right() - LEFT, serif, TEXT_SIZE)) {
      if (room() < LINE_STEP) {
        newPage();
      }
      sheet().text(line, LEFT, y + TEXT_SIZE, serif, TEXT_SIZE);
      y += LINE_STEP;
    }
    y += 6;
  }

  /** A note in small type, right below a table. */
  void note(String text) throws IOException {
    for (String line : Sheet.wrapped(text, right() - LEFT, serif, SMALL_SIZE)) {
      sheet().text(line, LEFT, y + SMALL_SIZE, serif, SMALL_SIZE);
      y += SMALL_STEP;
    }
  }

  /** The finished file; the same paper gives the same bytes. */
  byte[] toPdf() throws IOException {
    for (int i = 0; i < sheets.size(); i++) {
      String number = "Page " + (i + 1) + " of " + sheets.size();
      float width = across ? Sheet.HEIGHT : Sheet.WIDTH;
      float height = across ? Sheet.WIDTH : Sheet.HEIGHT;
      sheets.get(i).textAround(number, width / 2, height - 46, sans, 8);
      sheets.get(i).close();
    }
    document.setDocumentId((long) (runningHead + issue).hashCode());
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    document.save(out, CompressParameters.NO_COMPRESSION);
    return out.toByteArray();
  }

  @Override
  public void close() throws IOException {
    document.close();
  }
}
