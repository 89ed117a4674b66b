package dev.inlay.samples;

import java.io.Closeable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDPageContentStream.AppendMode;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;

/**
 * One A4 page to print on; y is measured from its upper edge downwards, in points. Content streams
 * are not compressed, so that the same page gives the same bytes with every Java version.
 */
final class Sheet implements Closeable {

  static final float WIDTH = PDRectangle.A4.getWidth();
  static final float HEIGHT = PDRectangle.A4.getHeight();

  /** Raised figures, as a share of the size of their line, and how far they are raised. */
  private static final float RAISED_SIZE = 0.65f;

  private static final float RAISE = 0.35f;

  private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";

  private final PDPageContentStream content;
  private final float height;

  Sheet(PDDocument document) throws IOException {
    this(document, WIDTH, HEIGHT);
  }

  /** A page of another size, such as one laid across. */
  Sheet(PDDocument document, float width, float height) throws IOException {
    this.height = height;
    PDPage page = new PDPage(new PDRectangle(width, height));
    document.addPage(page);
    content = new PDPageContentStream(document, page, AppendMode.OVERWRITE, false);
  }

  void text(String text, float x, float baseline, PDFont font, float size) throws IOException {
    float at = x;
    StringBuilder run = new StringBuilder();
    for (char c : text.toCharArray()) {
      int figure = RAISED.indexOf(c);
      if (figure < 0) {
        run.append(c);
        continue;
      }
      at = show(run.toString(), at, baseline, font, size);
      run.setLength(0);
      at = show(Integer.toString(figure), at, baseline - RAISE * size, font, RAISED_SIZE * size);
    }
    show(run.toString(), at, baseline, font, size);
  }

  private float show(String run, float x, float baseline, PDFont font, float size)
      throws IOException {
    if (run.isEmpty()) {
      return x;
    }
    content.beginText();
    content.setFont(font, size);
    content.newLineAtOffset(x, height - baseline);
    content.showText(run);
    content.endText();
    return x + width(run, font, size);
  }

  void textEndingAt(String text, float right, float baseline, PDFont font, float size)
      throws IOException {
    text(text, right - width(text, font, size), baseline, font, size);
  }

  void textAround(String text, float centre, float baseline, PDFont font, float size)
      throws IOException {
    text(text, centre - width(text, font, size) / 2, baseline, font, size);
  }

  void line(float x1, float y1, float x2, float y2, float thickness) throws IOException {
    content.setLineWidth(thickness);
    content.moveTo(x1, height - y1);
    content.lineTo(x2, height - y2);
    content.stroke();
  }

  void box(float left, float top, float right, float bottom, float thickness) throws IOException {
    content.setLineWidth(thickness);
    content.addRect(left, height - bottom, right - left, bottom - top);
    content.stroke();
  }

  void fill(float left, float top, float right, float bottom, float grey) throws IOException {
    content.setNonStrokingColor(grey);
    content.addRect(left, height - bottom, right - left, bottom - top);
    content.fill();
    content.setNonStrokingColor(0f);
  }

  static float width(String text, PDFont font, float size) {
    float width = 0;
    try {
      for (char c : text.toCharArray()) {
        int figure = RAISED.indexOf(c);
        String shown = figure < 0 ? String.valueOf(c) : Integer.toString(figure);
        width += font.getStringWidth(shown) / 1000 * size * (figure < 0 ? 1 : RAISED_SIZE);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return width;
  }

  /** Breaks a text into lines that fit the width. */
  static List<String> wrapped(String text, float width, PDFont font, float size) {
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : text.split(" ")) {
      String longer = line.isEmpty() ? word : line + " " + word;
      if (width(longer, font, size) > width && !line.isEmpty()) {
        lines.add(line.toString());
        line = new StringBuilder(word);
      } else {
        line = new StringBuilder(longer);
      }
    }
    lines.add(line.toString());
    return lines;
  }

  @Override
  public void close() throws IOException {
    content.close();
  }
}
