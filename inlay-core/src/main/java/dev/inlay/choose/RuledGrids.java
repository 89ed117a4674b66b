package dev.inlay.choose;

import dev.inlay.evidence.Frame;
import dev.inlay.evidence.FrameFinder;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Box;
import dev.inlay.model.WarningCode;
import dev.inlay.page.Glyph;
import dev.inlay.page.LineComposer;
import dev.inlay.page.TextLine;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import dev.inlay.propose.GridBuilder;
import java.util.ArrayList;
import java.util.List;

/**
 * The grids that rulings alone tell, because they box every cell; and the frames of which they box
 * only the whole, so that lines of text must tell what stands in them.
 *
 * @param grids those whose cells rulings box
 * @param boxed frames with rulings on all four sides and cells that no ruling parts
 * @param forms frames whose cells are fields with small labels: no tables
 */
record RuledGrids(List<Grid> grids, List<Frame> boxed, List<Box> forms) {

  /** Fewer rows or columns make a box, not a table. */
  private static final int LEAST_ROWS = 2;

  private static final int LEAST_COLUMNS = 2;

  /** Fewer rows of boxes may be the stripes of a table. */
  private static final int LEAST_BOX_ROWS = 3;

  /** Fewer boxes that stand alone are no cells. */
  private static final int LEAST_BOXES = 6;

  /** Boxes joined by lines leave odd areas, and most of them are empty: a diagram, not a table. */
  private static final double LEAST_FILLED = 0.5;

  /** In a form this share of the cells are fields. */
  private static final double FIELD_SHARE = 0.6;

  /** The type of a field's label is at most this share of what was filled in. */
  private static final double SMALL_LABEL = 0.85;

  /**
   * Finds the grids.
   *
   * @param evidence of the page
   * @param use whether a person says that rulings tell all
   */
  static RuledGrids find(PageEvidence evidence, RulingUse use) {
    RuledGrids found = new RuledGrids(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
    List<Ruling> drawn = evidence.rulings().stream().filter(Ruling::isDrawn).toList();
    int boxes = 0;
    for (Frame frame : FrameFinder.find(evidence.number(), drawn, evidence.measure())) {
      Grid grid = GridBuilder.build(frame, evidence);
      if (isTable(grid)) {
        found.add(grid, use);
      } else {
        boxes++;
        if (isForm(grid)) {
          found.forms.add(frame.box());
        }
      }
    }
    if (evidence.rulings().size() > drawn.size()) {
      addShaded(evidence, found.grids);
    }
    if (boxes >= LEAST_BOXES) {
      addSeparateBoxes(evidence.with(evidence.measure().forSeparateBoxes()), found.grids);
    }
    if (use != RulingUse.USE) {
      found.grids.addAll(RowRuledGrids.find(evidence, found.boxes()));
    }
    return found;
  }

  /** Where rulings box cells, or lines that are read on their own. */
  private List<Box> boxes() {
    List<Box> boxes = new ArrayList<>(grids.stream().map(g -> g.frame().box()).toList());
    boxed.forEach(f -> boxes.add(f.box()));
    boxes.addAll(forms);
    return boxes;
  }

  private void add(Grid grid, RulingUse use) {
    boolean crowded = grid.warnings().stream().anyMatch(w -> w.code() == WarningCode.CROWDED_ROW);
    if (use == RulingUse.USE || grid.isClosed() && !crowded && !HiddenCells.in(grid)) {
      grids.add(grid);
    } else if (grid.isClosed()) {
      boxed.add(grid.frame());
    }
  }

  /** Adds tables whose cells each have a shade of their own, or are drawn in lines of the paper. */
  private static void addShaded(PageEvidence evidence, List<Grid> grids) {
    for (Frame frame : frames(evidence)) {
      if (frame.verticals().stream().anyMatch(r -> !r.isDrawn())) {
        Grid grid = GridBuilder.build(frame, evidence);
        if (!RowsBeyond.exist(grid, evidence)) {
          addIfWhole(grid, grids);
        }
      }
    }
  }

  /** Adds tables whose cells each have a box of their own, with gaps between them. */
  private static void addSeparateBoxes(PageEvidence evidence, List<Grid> grids) {
    for (Frame frame : frames(evidence)) {
      addIfWhole(GridBuilder.build(frame, evidence), grids);
    }
  }

  private static List<Frame> frames(PageEvidence evidence) {
    return FrameFinder.find(evidence.number(), evidence.rulings(), evidence.measure());
  }

  private static void addIfWhole(Grid grid, List<Grid> grids) {
    boolean free = grids.stream().noneMatch(g -> g.frame().box().meets(grid.frame().box()));
    if (free
        && grid.isClosed()
        && grid.rows().size() >= LEAST_BOX_ROWS
        && isTable(grid)
        && grid.warnings().isEmpty()
        && !HiddenCells.in(grid)) {
      grids.add(grid);
    }
  }

  static boolean isTable(Grid grid) {
    if (grid.rows().stream().noneMatch(RuledGrids::relates) || isForm(grid)) {
      return false;
    }
    long filled = grid.rows().stream().flatMap(List::stream).filter(c -> !c.isEmpty()).count();
    long cells = grid.rows().stream().mapToLong(List::size).sum();
    boolean odd = grid.warnings().stream().anyMatch(w -> w.code() == WarningCode.ODD_CELL);
    long rowsWithText =
        grid.rows().stream().filter(r -> r.stream().anyMatch(c -> !c.isEmpty())).count();
    boolean sparse = rowsWithText <= LEAST_FILLED * grid.rows().size();
    if (sparse || odd && filled < LEAST_FILLED * cells) {
      return false;
    }
    return grid.columns() >= LEAST_COLUMNS && grid.rows().size() >= LEAST_ROWS && filled >= 2;
  }

  /** Whether a row holds several texts: boxes one below the other relate nothing. */
  private static boolean relates(List<Cell> row) {
    return row.stream().filter(c -> !c.isEmpty()).count() >= 2;
  }

  /** Whether most cells are fields of a form: a small label, and below it what was filled in. */
  private static boolean isForm(Grid grid) {
    int cells = 0;
    int fields = 0;
    for (List<Cell> row : grid.rows()) {
      for (Cell cell : row) {
        cells += cell.isEmpty() ? 0 : 1;
        fields += cell.isEmpty() || !isField(cell) ? 0 : 1;
      }
    }
    return fields > FIELD_SHARE * cells;
  }

  private static boolean isField(Cell cell) {
    if (!hasSmallType(cell)) {
      return false; // most cells, known without composing their lines
    }
    List<TextLine> lines = LineComposer.compose(cell.glyphs());
    return lines.size() > 1
        && lines.get(0).size() < SMALL_LABEL * lines.get(lines.size() - 1).size();
  }

  private static boolean hasSmallType(Cell cell) {
    double least = Double.MAX_VALUE;
    double most = 0;
    for (Glyph glyph : cell.glyphs()) {
      least = Math.min(least, glyph.size());
      most = Math.max(most, glyph.size());
    }
    return least < SMALL_LABEL * most;
  }
}
