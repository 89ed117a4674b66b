package dev.inlay.bench;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.util.Matrix;
import org.apache.pdfbox.util.Vector;

/** Walks the glyphs and paths of a page with the PDF library and does nothing with them. */
final class LibraryFloor extends PDFGraphicsStreamEngine {

  private final Point2D.Double current = new Point2D.Double();
  private long seen;

  private LibraryFloor(PDPage page) {
    super(page);
  }

  /**
   * Walks files, as a process of its own.
   *
   * @param args a file that names them, one on each line
   * @throws IOException if one cannot be read
   */
  public static void main(String[] args) throws IOException {
    long seen = 0;
    for (String file : Files.readAllLines(Path.of(args[0]))) {
      seen += walk(Path.of(file));
    }
    System.out.println(seen);
  }

  /** How many glyphs and points of paths a file has. */
  static long walk(Path file) throws IOException {
    long seen = 0;
    try (PDDocument document = Loader.loadPDF(file.toFile())) {
      for (PDPage page : document.getPages()) {
        LibraryFloor floor = new LibraryFloor(page);
        floor.processPage(page);
        seen += floor.seen;
      }
    }
    return seen;
  }

  @Override
  protected void showGlyph(Matrix toUser, PDFont font, int code, Vector displacement)
      throws IOException {
    String text = font.toUnicode(code);
    seen += text == null ? 1 : text.length();
  }

  @Override
  public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
    seen += 4;
  }

  @Override
  public void moveTo(float x, float y) {
    current.setLocation(x, y);
    seen++;
  }

  @Override
  public void lineTo(float x, float y) {
    current.setLocation(x, y);
    seen++;
  }

  @Override
  public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
    current.setLocation(x3, y3);
    seen++;
  }

  @Override
  public Point2D getCurrentPoint() {
    return current;
  }

  @Override
  public void drawImage(PDImage image) {
    seen++;
  }

  @Override
  public void clip(int windingRule) {
    // a floor does nothing
  }

  @Override
  public void closePath() {
    // a floor does nothing
  }

  @Override
  public void endPath() {
    // a floor does nothing
  }

  @Override
  public void strokePath() {
    // a floor does nothing
  }

  @Override
  public void fillPath(int windingRule) {
    // a floor does nothing
  }

  @Override
  public void fillAndStrokePath(int windingRule) {
    // a floor does nothing
  }

  @Override
  public void shadingFill(COSName name) {
    // a floor does nothing
  }
}
