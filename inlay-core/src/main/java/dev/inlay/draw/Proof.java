package dev.inlay.draw;

import dev.inlay.choose.RulingUse;
import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Explanation;
import dev.inlay.geom.Box;
import dev.inlay.model.Decision;
import dev.inlay.model.Table;
import dev.inlay.model.TableFrame;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import dev.inlay.page.Turn;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.multipdf.LayerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.pdmodel.interactive.form.PDAcroForm;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.util.Matrix;

/**
 * The proof of a document: its pages with what was found drawn over them, on a layer of its own,
 * rulers along the edges and a legend below. For one thread; close it after use.
 */
public final class Proof implements Closeable {

  private static final double GAP = 6;

  private final PDDocument source;
  private final PDDocument sheets = new PDDocument();
  private final LayerUtility importer = new LayerUtility(sheets);
  private final PDOptionalContentGroup paperLayer = new PDOptionalContentGroup("Page");
  private final PDOptionalContentGroup proofLayer = new PDOptionalContentGroup("Proof");
  private final DocumentTables document;
  private final List<Decision> decisions;
  private final RulingUse rulings;

  /**
   * Begins a proof.
   *
   * @param explained what was found in the file, and the decisions of which the close ones are
   *     marked
   * @param password for a locked file, or an empty text
   * @param rulings what they meant when the tables were found; ignored ones are not marked
   * @throws IOException if the file cannot be read
   */
  public Proof(Explanation explained, String password, RulingUse rulings) throws IOException {
    document = explained.document();
    decisions = explained.decisions();
    this.rulings = rulings;
    source = Loader.loadPDF(document.path().toFile(), password);
    source.setAllSecurityToBeRemoved(true);
    PDAcroForm form = source.getDocumentCatalog().getAcroForm();
    if (form != null) {
      form.flatten(); // what was filled in is imported with the page
    }
    PDOptionalContentProperties layers = new PDOptionalContentProperties();
    layers.addGroup(paperLayer);
    layers.addGroup(proofLayer);
    sheets.getDocumentCatalog().setOCProperties(layers);
    sheets.getDocumentCatalog().setVersion("1.7");
  }

  /**
   * Adds the sheet of a page.
   *
   * @return the number of the sheet, from 0
   * @throws IOException if the page cannot be drawn
   */
  public int add(Page page) throws IOException {
    double legend = Legend.height(page.width(), warningsOn(page));
    double width = page.width() + 2 * Rulers.STRIP;
    double height = page.height() + 2 * Rulers.STRIP + GAP + legend;
    PDPage sheet = new PDPage(new PDRectangle((float) width, (float) height));
    sheets.addPage(sheet);
    double top = height - Rulers.STRIP;
    try (PDPageContentStream out = new PDPageContentStream(sheets, sheet)) {
      Canvas canvas = new Canvas(out, Rulers.STRIP, top);
      canvas.tint(
          new Box(-Rulers.STRIP, -Rulers.STRIP, width, height - Rulers.STRIP),
          ProofColour.MARGIN,
          1);
      canvas.tint(new Box(0, 0, page.width(), page.height()), ProofColour.PAPER, 1);
      out.beginMarkedContent(COSName.OC, paperLayer);
      paper(page, out, top);
      out.endMarkedContent();
      out.beginMarkedContent(COSName.OC, proofLayer);
      marks(page, canvas);
      out.endMarkedContent();
    }
    return sheets.getNumberOfPages() - 1;
  }

  private long warnings(Table table, Page page) {
    return table.warnings().stream().filter(w -> w.page() == page.number()).count();
  }

  private int warningsOn(Page page) {
    return (int) document.tables().stream().mapToLong(t -> warnings(t, page)).sum();
  }

  private void paper(Page page, PDPageContentStream out, double top) throws IOException {
    PDFormXObject form = importer.importPageAsForm(source, page.number() - 1);
    Rectangle2D bounds = form.getBBox().transform(form.getMatrix()).getBounds2D();
    out.saveGraphicsState();
    double scaleX = page.width() / bounds.getWidth();
    double scaleY = page.height() / bounds.getHeight();
    out.transform(Matrix.getTranslateInstance((float) Rulers.STRIP, (float) (top - page.height())));
    out.transform(Matrix.getScaleInstance((float) scaleX, (float) scaleY));
    out.transform(
        Matrix.getTranslateInstance((float) -bounds.getMinX(), (float) -bounds.getMinY()));
    out.drawForm(form);
    out.restoreGraphicsState();
  }

  private void marks(Page page, Canvas canvas) throws IOException {
    Rulers.draw(canvas, page);
    Page seen = rulings == RulingUse.IGNORE ? page.textOnly() : page;
    PageMarks marks = new PageMarks(canvas, seen);
    marks.dropped(page.dropped());
    marks.outside(outside(page), document.furnitureOn(page.number()));
    for (Table table : document.tables()) {
      for (TableFrame frame : framesOn(table, page)) {
        marks.table(table, frame);
      }
    }
    marks.runnersUp(decisions.stream().filter(d -> d.page() == page.number()).toList());
    for (Table table : document.tables()) {
      for (TableFrame frame : framesOn(table, page)) {
        marks.warnings(table, frame);
      }
    }
    double below = page.height() + Rulers.STRIP + GAP;
    Legend.draw(canvas, page.width(), below, marks.warningTexts());
  }

  private static List<TableFrame> framesOn(Table table, Page page) {
    return table.frames().stream().filter(f -> f.page() == page.number()).toList();
  }

  /** The lines that stand in no table, from top to bottom. */
  private List<TextLine> outside(Page page) {
    List<Box> frames =
        document.tables().stream()
            .flatMap(t -> framesOn(t, page).stream())
            .map(TableFrame::box)
            .toList();
    return LineComposer.compose(
            page.glyphs().stream()
                .filter(
                    g ->
                        frames.stream()
                            .noneMatch(f -> f.contains(g.box().centreX(), g.box().centreY())))
                .toList())
        .stream()
        .filter(l -> l.turn() != Turn.SLANTED)
        .sorted(Comparator.comparingDouble(TextLine::baseline))
        .toList();
  }

  /**
   * Writes all sheets as one PDF and leaves the stream open.
   *
   * @throws IOException if the stream fails
   */
  public void writePdf(OutputStream out) throws IOException {
    sheets.save(out);
  }

  /**
   * Writes one sheet as a PNG picture and leaves the stream open.
   *
   * @param sheet its number, as {@link #add} gave it
   * @param dpi dots per inch
   * @throws IOException if the stream fails
   */
  public void writePng(int sheet, int dpi, OutputStream out) throws IOException {
    BufferedImage image = new PDFRenderer(sheets).renderImageWithDPI(sheet, dpi, ImageType.RGB);
    ImageIO.write(image, "png", out);
  }

  /** The file that the sheets show. */
  public Path path() {
    return document.path();
  }

  @Override
  public void close() throws IOException {
    try (source) {
      sheets.close();
    }
  }
}
