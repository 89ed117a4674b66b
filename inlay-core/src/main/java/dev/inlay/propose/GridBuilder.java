package dev.inlay.propose;

import dev.inlay.evidence.Frame;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.evidence.PageMeasure;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import dev.inlay.page.Fill;
import dev.inlay.page.Glyph;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import dev.inlay.propose.CellAreas.Area;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/** Builds the grid of a ruled frame: boundaries from rulings, cells from what parts them, text. */
public final class GridBuilder {

  /** A boundary in the middle half of a character cuts it; farther out it touches its margin. */
  private static final double CUT_MARGIN = 0.25;

  /** This many lines side by side in several cells of a row look like rows that nothing parts. */
  private static final int CROWDED_LINES = 3;

  /** So few lines do where no cell of the row has more or fewer. */
  private static final int PAIRED_LINES = 2;

  /** Of the lines in such a row the first cell has text on this share, as each row has a label. */
  private static final double FULL_SHARE = 0.6;

  /** What a line ends with that goes on below. */
  private static final String GOES_ON = "/,;(";

  /** So few characters stand for a figure that is not there. */
  private static final int LONGEST_MARK = 2;

  /** A table that the page cuts off has at least this many rows, the cut one included. */
  private static final int LEAST_ROWS_CUT_OFF = 3;

  private final Frame frame;
  private final Boundaries betweenColumns;
  private final Boundaries betweenRows;
  private final List<Warning> warnings = new ArrayList<>();

  private GridBuilder(Frame frame, PageMeasure measure) {
    this.frame = frame;
    betweenColumns = Boundaries.betweenColumns(frame, measure);
    betweenRows = Boundaries.betweenRows(frame, measure);
  }

  /**
   * Builds the grid.
   *
   * @param frame a frame of the page
   * @param evidence of the page
   */
  public static Grid build(Frame frame, PageEvidence evidence) {
    GridBuilder builder = new GridBuilder(frame, evidence.measure());
    List<Glyph> glyphs = evidence.glyphsIn(frame.box());
    builder.closeGaps(glyphs, evidence.measure().widestLineGap());
    return builder.build(evidence.page(), glyphs);
  }

  /**
   * Whether the page ends within a row, so that the lines between all columns run on beyond the
   * last ruling, or begin before the first.
   */
  private boolean isCutOff() {
    int rows = betweenRows.gaps();
    boolean first = betweenRows.isOuterEdgeDrawn(0);
    boolean last = betweenRows.isOuterEdgeDrawn(rows);
    if (rows < LEAST_ROWS_CUT_OFF || first == last || isCrowded()) {
      return false;
    }
    List<Double> places = betweenRows.places();
    int open = first ? rows - 1 : 0;
    Interval height = new Interval(places.get(open), places.get(open + 1));
    return IntStream.rangeClosed(0, betweenColumns.gaps())
        .allMatch(c -> betweenColumns.isDrawn(c, height));
  }

  private boolean isCrowded() {
    return warnings.stream().anyMatch(w -> w.code() == WarningCode.CROWDED_ROW);
  }

  private void closeGaps(List<Glyph> glyphs, double widest) {
    betweenColumns.closeGaps(widest, () -> centres(glyphs, Box::centreX));
    betweenRows.closeGaps(widest, () -> centres(glyphs, Box::centreY));
  }

  private static double[] centres(List<Glyph> glyphs, ToDoubleFunction<Box> axis) {
    return glyphs.stream()
        .filter(g -> !g.isBlank())
        .mapToDouble(g -> axis.applyAsDouble(g.box()))
        .sorted()
        .toArray();
  }

  private Grid build(Page page, List<Glyph> inside) {
    CellAreas areas = new CellAreas(betweenColumns, betweenRows);
    if (areas.odd() > 0) {
      warn(WarningCode.ODD_CELL, areas.odd() + " area(s) between the rulings are no boxes");
    }
    List<List<Glyph>> glyphs = shareOut(inside, areas);
    List<Fill> shades = shades(page);
    List<List<Cell>> rows = new ArrayList<>();
    for (int r = 0; r < betweenRows.gaps(); r++) {
      rows.add(new ArrayList<>());
    }
    for (int a = 0; a < areas.areas().size(); a++) {
      Cell cell = cell(areas.areas().get(a), glyphs.get(a), shades);
      rows.get(cell.row()).add(cell);
    }
    rows.forEach(row -> row.sort(Comparator.comparingInt(Cell::column)));
    rows.forEach(this::warnIfCrowded);
    boolean isClosed =
        betweenColumns.outerEdgesDrawn() && (betweenRows.outerEdgesDrawn() || isCutOff());
    return new Grid(
        frame,
        betweenColumns.places(),
        betweenRows.places(),
        rows,
        isClosed,
        OptionalInt.empty(),
        warnings);
  }

  private List<List<Glyph>> shareOut(List<Glyph> glyphs, CellAreas areas) {
    List<List<Glyph>> shares = new ArrayList<>();
    List<Box> boxes = new ArrayList<>();
    for (Area area : areas.areas()) {
      shares.add(new ArrayList<>());
      boxes.add(box(area));
    }
    StringBuilder cut = new StringBuilder();
    int unknown = 0;
    WordsOverRulings words = WordsOverRulings.of(glyphs, betweenColumns);
    for (Glyph glyph : glyphs) {
      int row = betweenRows.gapAt(glyph.box().centreY());
      int column = betweenColumns.gapAt(glyph.box().centreX());
      if (row < 0 || column < 0) {
        continue; // reported by the ledger of the page
      }
      int area = areas.areaAt(row, words.home(glyph, column));
      shares.get(area).add(glyph);
      unknown += glyph.text().equals(Glyph.UNKNOWN) ? 1 : 0;
      boolean cutOff = isCut(glyph.box(), boxes.get(area)) && !words.isAtHome(glyph);
      if (!glyph.isBlank() && cutOff) {
        cut.append(glyph.text());
      }
    }
    if (!cut.isEmpty()) {
      warn(WarningCode.CUT_WORD, "a boundary cuts through \"" + cut + "\"");
    }
    if (unknown > 0) {
      warn(WarningCode.UNKNOWN_CHARACTER, Warning.unknownCharacters(unknown));
    }
    return shares;
  }

  private static boolean isCut(Box glyph, Box cell) {
    double margin = CUT_MARGIN * glyph.width();
    return cell.left() > glyph.left() + margin || cell.right() < glyph.right() - margin;
  }

  private Cell cell(Area area, List<Glyph> glyphs, List<Fill> shades) {
    Box box = box(area);
    return Cell.ofGlyphs(
        area.firstRow(),
        area.firstColumn(),
        area.lastRow() - area.firstRow() + 1,
        area.lastColumn() - area.firstColumn() + 1,
        box,
        glyphs,
        shade(box, shades));
  }

  private Box box(Area area) {
    List<Double> xs = betweenColumns.places();
    List<Double> ys = betweenRows.places();
    return new Box(
        xs.get(area.firstColumn()),
        ys.get(area.firstRow()),
        xs.get(area.lastColumn() + 1),
        ys.get(area.lastRow() + 1));
  }

  /** The fills that can lie under cells of this frame, the last drawn first. */
  private List<Fill> shades(Page page) {
    List<Fill> shades = new ArrayList<>();
    for (Fill fill : page.fills()) {
      if (fill.box().meets(frame.box())) {
        shades.add(0, fill);
      }
    }
    return shades;
  }

  private static int shade(Box cell, List<Fill> shades) {
    for (Fill fill : shades) {
      if (fill.box().contains(cell.centreX(), cell.centreY())) {
        return fill.colour();
      }
    }
    return Fill.WHITE;
  }

  private void warnIfCrowded(List<Cell> row) {
    if (row.isEmpty()) {
      return; // every cell over it begins further up
    }
    int most = row.stream().mapToInt(Cell::lines).max().orElse(0);
    List<Cell> lists = row.stream().filter(GridBuilder::isListOfFigures).toList();
    boolean figures = !lists.isEmpty();
    int first = row.get(0).lines();
    // Each figure has its label, however many lines the texts between them take.
    boolean labels = first >= FULL_SHARE * most || lists.stream().anyMatch(c -> c.lines() == first);
    // Figures beside figures, line by line, are rows whatever their labels do.
    boolean beside =
        lists.stream()
            .anyMatch(a -> lists.stream().anyMatch(b -> a != b && a.lines() == b.lines()));
    boolean paired = most == PAIRED_LINES && row.stream().allMatch(c -> c.lines() == most);
    boolean crowded = (most >= CROWDED_LINES || paired) && figures && (labels || beside);
    if (crowded || RowsInCells.areIn(row)) {
      warn(
          WarningCode.CROWDED_ROW,
          "the row that begins with \"" + shortened(row) + "\" looks like several rows in one");
    }
  }

  /** Whether a cell holds figures one below the other, as no record does. */
  private static boolean isListOfFigures(Cell cell) {
    if (cell.lines() < PAIRED_LINES) {
      return false;
    }
    List<TextLine> lines = LineComposer.compose(cell.glyphs());
    long figures = lines.stream().map(TextLine::text).filter(GridBuilder::isFigure).count();
    return lines.size() == cell.lines() && figures >= FULL_SHARE * lines.size();
  }

  /** Whether a line is one figure, or stands for one that is not there. */
  private static boolean isFigure(String line) {
    boolean word = line.indexOf(' ') < 0;
    boolean goesOn = GOES_ON.indexOf(line.charAt(line.length() - 1)) >= 0;
    boolean figure = word ? NumericTexts.isFigure(line) : TextShape.of(line).isValue();
    return !goesOn && (figure || line.length() <= LONGEST_MARK);
  }

  private static String shortened(List<Cell> row) {
    String text = row.stream().map(Cell::text).filter(t -> !t.isEmpty()).findFirst().orElse("");
    return Warning.shortened(text);
  }

  private void warn(WarningCode code, String message) {
    warnings.add(new Warning(code, frame.page(), message));
  }
}
