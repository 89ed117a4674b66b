package dev.inlay.pdf;

import dev.inlay.geom.Box;
import dev.inlay.page.DropReason;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import dev.inlay.page.ReadLimits;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.DataFormatException;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.MissingResourceException;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.pdmodel.graphics.state.PDGraphicsState;
import org.apache.pdfbox.pdmodel.graphics.state.PDTextState;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotation;
import org.apache.pdfbox.util.Matrix;
import org.apache.pdfbox.util.Vector;

/** Walks a page's description once and records glyphs, lines, boxes and pictures. */
final class PageReader extends PDFGraphicsStreamEngine {

  private final PageSpace space;
  private final LayerSwitches layers;
  private final PathRecorder path = new PathRecorder();
  private final GlyphSieve glyphs = new GlyphSieve();
  private final ActualText actualText = new ActualText();
  private final List<Box> pictures = new ArrayList<>();
  private final Map<PDFont, FontCodes> fonts;
  private final Set<String> damaged;
  private final PageLimits limits;

  /** The box around the clipping region, one for each saved graphics state. */
  private final Deque<Box> clips = new ArrayDeque<>();

  /** The colour of the text shown last, and what it comes to: most text is in one colour. */
  private PDColor inkColour;

  private int ink;
  private boolean clipPending;
  private Point2D.Double current = new Point2D.Double();

  private PageReader(
      PDPage page,
      LayerSwitches layers,
      Map<PDFont, FontCodes> fonts,
      Set<String> damaged,
      ReadLimits most) {
    super(page);
    limits = new PageLimits(most);
    this.damaged = damaged;
    this.layers = layers;
    this.fonts = fonts;
    space = new PageSpace(page);
    clips.push(space.sheet());
  }

  /**
   * Reads the page.
   *
   * @param page the library's page
   * @param number its number, from 1
   * @param groups the document's layers, or null where it has none
   * @param fonts the document's fonts met so far; those of this page are added
   * @param damaged gets what the description refers to that is not there
   * @param most what it may ask for
   * @throws IOException if its description cannot be followed
   */
  static Page read(
      PDPage page,
      int number,
      PDOptionalContentProperties groups,
      Map<PDFont, FontCodes> fonts,
      Set<String> damaged,
      ReadLimits most)
      throws IOException {
    PageReader reader = new PageReader(page, new LayerSwitches(groups), fonts, damaged, most);
    reader.processPage(new PageContents(page));
    reader.actualText.rest().forEach(reader::add);
    for (PDAnnotation annotation : page.getAnnotations()) {
      if (Annotations.holdsText(annotation)) {
        reader.showAnnotation(annotation);
      }
    }
    return new Page(
        number,
        reader.space.width(),
        reader.space.height(),
        reader.glyphs.visible(),
        reader.path.strokes(),
        reader.path.fills(),
        reader.pictures,
        reader.glyphs.dropped());
  }

  // Text

  /**
   * Shows a text as the library does, in the same arithmetic, but without several matrices for each
   * glyph: within a text only the place changes.
   */
  @Override
  protected void showText(byte[] string) throws IOException {
    PDGraphicsState state = getGraphicsState();
    PDTextState text = state.getTextState();
    PDFont font = text.getFont();
    if (font == null) {
      damaged.add("a font, missing");
    }
    if (font == null || font.isVertical()) {
      super.showText(string);
      return;
    }
    float size = text.getFontSize();
    float scaling = text.getHorizontalScaling() / 100f;
    float rise = text.getRise();
    Matrix line = state.getTextMatrix();
    Matrix toUser = state.getCurrentTransformationMatrix();
    Matrix own = new Matrix(size * scaling, 0, 0, size, 0, rise).multiply(line).multiply(toUser);
    FontCodes codes = codes(font);
    GlyphFrame frame = new GlyphFrame(space, own, codes.shape());
    ByteArrayInputStream in = new ByteArrayInputStream(string);
    for (int left = in.available(); left > 0; left = in.available()) {
      int code = font.readCode(in);
      FontCodes.Sign sign = codes.of(font, code);
      float x = rise * line.getShearX() + line.getTranslateX();
      float y = rise * line.getScaleY() + line.getTranslateY();
      show(frame.at(userX(toUser, x, y), userY(toUser, x, y), sign));
      boolean blank = code == ' ' && left - in.available() == 1;
      float gap = blank ? text.getWordSpacing() : 0;
      line.translate((sign.advance() * size + text.getCharacterSpacing() + gap) * scaling, 0);
    }
  }

  @Override
  protected void processOperator(Operator operator, List<COSBase> operands) throws IOException {
    limits.command();
    super.processOperator(operator, operands);
  }

  /** What the library reports to its log alone: text that is drawn with it is lost. */
  @Override
  protected void operatorException(Operator operator, List<COSBase> operands, IOException e)
      throws IOException {
    if (e instanceof MissingResourceException || e.getCause() instanceof DataFormatException) {
      damaged.add("a font or form, missing or damaged");
    }
    super.operatorException(operator, operands, e);
  }

  private static float userX(Matrix toUser, float x, float y) {
    return x * toUser.getScaleX() + y * toUser.getShearX() + toUser.getTranslateX();
  }

  private static float userY(Matrix toUser, float x, float y) {
    return x * toUser.getShearY() + y * toUser.getScaleY() + toUser.getTranslateY();
  }

  @Override
  protected void showGlyph(Matrix toUser, PDFont font, int code, Vector displacement)
      throws IOException {
    FontCodes codes = codes(font);
    GlyphFrame frame = new GlyphFrame(space, toUser, codes.shape());
    show(frame.at(toUser.getTranslateX(), toUser.getTranslateY(), codes.of(font, code)));
  }

  private FontCodes codes(PDFont font) {
    return fonts.computeIfAbsent(font, FontCodes::new);
  }

  private void show(Glyph glyph) {
    limits.character();
    ActualText.Drawn drawn = new ActualText.Drawn(glyph, unseen(glyph), clips.element());
    if (!actualText.holds(drawn)) {
      add(drawn);
    }
  }

  private void add(ActualText.Drawn drawn) {
    glyphs.add(drawn.glyph(), drawn.unseen(), drawn.clip());
  }

  /** Why a reader does not see a glyph, as far as its drawing tells, or null. */
  private DropReason unseen(Glyph glyph) {
    if (layers.isHidden()) {
      return DropReason.HIDDEN_LAYER;
    }
    RenderingMode mode = getGraphicsState().getTextState().getRenderingMode();
    if (mode == RenderingMode.NEITHER) {
      return DropReason.INVISIBLE;
    }
    boolean filled = mode == RenderingMode.FILL || mode == RenderingMode.FILL_CLIP;
    if (filled && isInGroundColour(glyph)) {
      return DropReason.GROUND_COLOUR;
    }
    return null;
  }

  private boolean isInGroundColour(Glyph glyph) {
    double x = glyph.box().centreX();
    double y = glyph.box().centreY();
    PDColor colour = getGraphicsState().getNonStrokingColor();
    if (colour != inkColour) {
      inkColour = colour;
      ink = InkColour.of(colour);
    }
    return path.mayHide(ink)
        && path.hides(ink, x, y)
        && pictures.stream().noneMatch(p -> p.contains(x, y));
  }

  private Point2D.Double toPage(Matrix toUser, double x, double y) {
    double userX = toUser.getScaleX() * x + toUser.getShearX() * y + toUser.getTranslateX();
    double userY = toUser.getShearY() * x + toUser.getScaleY() * y + toUser.getTranslateY();
    return space.point(userX, userY);
  }

  // Layers and texts given for marked content

  @Override
  public void beginMarkedContentSequence(COSName tag, COSDictionary properties) {
    layers.begin(tag, properties);
    actualText.begin(properties);
    super.beginMarkedContentSequence(tag, properties);
  }

  @Override
  public void endMarkedContentSequence() {
    layers.end();
    actualText.end().forEach(this::add);
    super.endMarkedContentSequence();
  }

  @Override
  public void showForm(PDFormXObject form) throws IOException {
    limits.beginForm();
    layers.begin(COSName.OC, form.getCOSObject().getCOSDictionary(COSName.OC));
    super.showForm(form);
    layers.end();
    limits.endForm();
  }

  // Lines and boxes

  @Override
  public void moveTo(float x, float y) {
    current = new Point2D.Double(x, y);
    path.moveTo(space.point(x, y));
  }

  @Override
  public void lineTo(float x, float y) {
    current = new Point2D.Double(x, y);
    path.lineTo(space.point(x, y));
  }

  @Override
  public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
    current = new Point2D.Double(x3, y3);
    path.curveTo(space.point(x3, y3));
  }

  @Override
  public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
    current = new Point2D.Double(p0.getX(), p0.getY());
    path.rectangle(toPage(p0), toPage(p1), toPage(p2), toPage(p3));
  }

  private Point2D.Double toPage(Point2D p) {
    return space.point(p.getX(), p.getY());
  }

  @Override
  public Point2D getCurrentPoint() {
    return current;
  }

  @Override
  public void closePath() {
    path.closePath();
  }

  @Override
  public void clip(int windingRule) {
    clipPending = true;
  }

  @Override
  public void endPath() {
    if (clipPending) {
      narrowClip();
      clipPending = false;
    }
    path.clear();
  }

  private void narrowClip() {
    Box old = clips.pop();
    Box region = path.bounds().orElse(old);
    // Nothing shows through an empty region; a point off the page stands for it.
    clips.push(old.meets(region) ? old.intersection(region) : new Box(-1, -1, -1, -1));
  }

  @Override
  public void strokePath() {
    recordStroke();
    endPath();
  }

  @Override
  public void fillPath(int windingRule) {
    recordFill(windingRule);
    endPath();
  }

  @Override
  public void fillAndStrokePath(int windingRule) {
    recordFill(windingRule);
    recordStroke();
    endPath();
  }

  private void recordStroke() {
    if (layers.isHidden()) {
      return;
    }
    Matrix toUser = getGraphicsState().getCurrentTransformationMatrix();
    double scale = Math.sqrt(Math.abs(determinant(toUser))) * space.scale();
    path.stroke(getGraphicsState().getLineWidth() * scale, clips.element());
  }

  private static double determinant(Matrix m) {
    return (double) m.getScaleX() * m.getScaleY() - (double) m.getShearX() * m.getShearY();
  }

  private void recordFill(int windingRule) {
    if (layers.isHidden()) {
      return;
    }
    boolean evenOdd = windingRule == Path2D.WIND_EVEN_ODD;
    path.fill(InkColour.of(getGraphicsState().getNonStrokingColor()), clips.element(), evenOdd);
  }

  @Override
  public void saveGraphicsState() {
    super.saveGraphicsState();
    clips.push(clips.element());
    limits.saved(clips.size());
  }

  @Override
  public void restoreGraphicsState() {
    super.restoreGraphicsState();
    if (clips.size() > 1) {
      clips.pop();
    }
  }

  // Pictures and shadings

  @Override
  public void drawImage(PDImage image) {
    Matrix toUser = getGraphicsState().getCurrentTransformationMatrix();
    Point2D.Double a = toPage(toUser, 0, 0);
    Point2D.Double b = toPage(toUser, 1, 1);
    Box box = Box.ofCorners(a.x, a.y, b.x, b.y);
    if (!layers.isHidden() && box.meets(clips.element())) {
      pictures.add(box.intersection(clips.element()));
    }
  }

  @Override
  public void shadingFill(COSName name) {
    // A gradient bounds no cell, but text may stand on it.
    path.ground(InkColour.UNKNOWN, clips.element());
  }
}
