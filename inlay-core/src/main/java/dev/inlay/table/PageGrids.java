package dev.inlay.table;

import dev.inlay.find.Frame;
import dev.inlay.find.FrameFinder;
import dev.inlay.find.OpenFrame;
import dev.inlay.find.OpenFrameFinder;
import dev.inlay.find.PageColumns;
import dev.inlay.find.PageMeasure;
import dev.inlay.find.PieceLine;
import dev.inlay.find.Ruling;
import dev.inlay.find.RulingFinder;
import dev.inlay.geom.Box;
import dev.inlay.grid.Cell;
import dev.inlay.grid.Grid;
import dev.inlay.grid.GridBuilder;
import dev.inlay.grid.OpenGridBuilder;
import dev.inlay.grid.WarningCode;
import dev.inlay.page.Glyph;
import dev.inlay.page.GlyphIndex;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import dev.inlay.page.Turn;
import dev.inlay.propose.RoleRegions;
import dev.inlay.score.RoleReading;
import dev.inlay.score.Zone;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The grids of one page: those of ruled frames first, because rulings are drawn on purpose, then
 * those of open frames among the lines that are left.
 *
 * @param grids from top to bottom, those that begin at the same height from left to right
 * @param outside the lines that stand in none of them
 */
record PageGrids(List<Grid> grids, List<TextLine> outside) {

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

  /** Finds the grids of a page. */
  static PageGrids find(Page page, GlyphIndex index, PageMeasure measure) {
    return find(page, index, measure, RulingUse.WEIGH);
  }

  /** Finds the grids of a page; rulings that are to be ignored are not on it any more. */
  static PageGrids find(Page page, GlyphIndex index, PageMeasure measure, RulingUse use) {
    List<Ruling> rulings = RulingFinder.find(page, measure);
    List<Box> forms = new ArrayList<>();
    List<Grid> grids = ruled(page, index, rulings, measure, forms, use);
    grids.replaceAll(g -> withRows(g, page, index, rulings, measure));
    List<TextLine> outside = outside(page, index, grids);
    if (use == RulingUse.USE) {
      return new PageGrids(grids, outside);
    }
    List<TextLine> loose = outside.stream().filter(l -> isOutside(l, forms)).toList();
    List<TextLine> turned =
        loose.stream()
            .filter(l -> l.turn() == Turn.UPWARDS || l.turn() == Turn.DOWNWARDS)
            .toList();
    for (Zone zone : zones(page, loose, rulings, measure)) {
      for (OpenFrame open : RoleRegions.of(page.number(), zone, turned)) {
        grids.add(OpenGridBuilder.build(open));
      }
    }
    HeaderBoxes.join(grids, measure);
    grids.sort(
        Comparator.comparingDouble((Grid g) -> g.frame().box().top())
            .thenComparingDouble(g -> g.frame().box().left()));
    return new PageGrids(grids, outsideOf(grids, outside));
  }

  /** The zones of a page, column by column, without its ruled tables. */
  static List<Zone> zones(Page page, GlyphIndex index, PageMeasure measure) {
    List<Ruling> rulings = RulingFinder.find(page, measure);
    List<Box> forms = new ArrayList<>();
    List<Grid> grids = ruled(page, index, rulings, measure, forms, RulingUse.WEIGH);
    List<TextLine> loose =
        outside(page, index, grids).stream().filter(l -> isOutside(l, forms)).toList();
    List<Zone> zones = new ArrayList<>(zones(page, loose, rulings, measure));
    Zone drawn = zoneOf(List.of(), page, rulings, measure);
    grids.forEach(g -> RuledRows.zone(g, index, drawn).ifPresent(zones::add));
    return zones;
  }

  private static Grid withRows(
      Grid grid, Page page, GlyphIndex index, List<Ruling> rulings, PageMeasure measure) {
    return RuledRows.zone(grid, index, zoneOf(List.of(), page, rulings, measure))
        .map(zone -> UndrawnEdges.part(RuledRows.tell(grid, zone)))
        .orElse(grid);
  }

  /** A frame whose lines all belong to one table, with their roles. */
  static OpenFrame withRoles(OpenFrame open, Page page, PageMeasure measure) {
    Zone zone = zoneOf(open.lines(), page, RulingFinder.find(page, measure), measure);
    return open.withRoles(RoleReading.of(zone).inside());
  }

  private static Zone zoneOf(
      List<PieceLine> lines, Page page, List<Ruling> rulings, PageMeasure measure) {
    List<Ruling> horizontals = rulings.stream().filter(Ruling::horizontal).toList();
    List<Ruling> verticals = rulings.stream().filter(r -> !r.horizontal()).toList();
    return new Zone(
        lines, horizontals, verticals, page.fills(), page.height(), measure.typeSize());
  }

  /** The zones of a page: its lines that stand in no ruled table, column by column. */
  static List<Zone> zones(Page page, List<TextLine> lines, List<Ruling> rulings, PageMeasure measure) {
    List<Ruling> horizontals = rulings.stream().filter(Ruling::horizontal).toList();
    List<TextLine> upright =
        lines.stream()
            .filter(l -> l.turn() == Turn.UPRIGHT)
            .sorted(Comparator.comparingDouble(TextLine::baseline))
            .toList();
    List<Zone> zones = new ArrayList<>();
    for (List<TextLine> part : PageColumns.part(upright, horizontals)) {
      List<PieceLine> pieces = PieceLine.of(part);
      if (!pieces.isEmpty()) {
        zones.add(zoneOf(pieces, page, rulings, measure));
      }
    }
    return zones;
  }

  private static List<Grid> ruled(
      Page page,
      GlyphIndex index,
      List<Ruling> rulings,
      PageMeasure measure,
      List<Box> forms,
      RulingUse use) {
    List<Grid> grids = new ArrayList<>();
    int boxes = 0;
    List<Ruling> drawn = rulings.stream().filter(Ruling::isDrawn).toList();
    for (Frame frame : FrameFinder.find(page.number(), drawn, measure)) {
      Grid grid = GridBuilder.build(frame, page, index, measure);
      if (isTable(grid)) {
        if (use == RulingUse.USE || grid.isClosed() && !HiddenCells.in(grid)) {
          grids.add(use == RulingUse.USE ? grid : betterOf(grid, index, measure));
        }
      } else {
        boxes++;
        if (isForm(grid)) {
          forms.add(frame.box());
        }
      }
    }
    if (rulings.size() > drawn.size()) {
      addShaded(page, index, rulings, measure, grids);
    }
    if (boxes >= LEAST_BOXES) {
      addSeparateBoxes(page, index, measure.forSeparateBoxes(), grids);
    }
    return grids;
  }

  /** Adds tables whose cells each have a shade of their own, or are drawn in lines of the paper. */
  private static void addShaded(
      Page page, GlyphIndex index, List<Ruling> rulings, PageMeasure measure, List<Grid> grids) {
    for (Frame frame : FrameFinder.find(page.number(), rulings, measure)) {
      boolean free = grids.stream().noneMatch(g -> g.frame().box().meets(frame.box()));
      if (free && frame.verticals().stream().anyMatch(r -> !r.isDrawn())) {
        Grid grid = GridBuilder.build(frame, page, index, measure);
        if (grid.isClosed() && grid.rows().size() >= LEAST_BOX_ROWS && isTable(grid) && grid.warnings().isEmpty() && !HiddenCells.in(grid)) {
          grids.add(grid);
        }
      }
    }
  }

  /**
   * A grid whose rulings part only some of its rows or columns is explained better by its lines.
   */
  private static Grid betterOf(Grid grid, GlyphIndex index, PageMeasure measure) {
    boolean crowded = grid.warnings().stream().anyMatch(w -> w.code() == WarningCode.CROWDED_ROW);
    if (grid.isClosed() && !crowded) {
      return grid;
    }
    return fromLines(grid.frame(), index, measure)
        .filter(lines -> crowded || lines.columns() > grid.columns())
        .orElse(grid);
  }

  /** The grid of a frame whose rows no ruling parts: rows from lines, columns from both. */
  private static Optional<Grid> fromLines(Frame frame, GlyphIndex index, PageMeasure measure) {
    List<TextLine> lines = LineComposer.compose(index.within(frame.box()));
    return OpenFrameFinder.within(frame, lines, measure).map(OpenGridBuilder::build);
  }

  /** Adds tables whose cells each have a box of their own, with gaps between them. */
  private static void addSeparateBoxes(
      Page page, GlyphIndex index, PageMeasure measure, List<Grid> grids) {
    List<Ruling> rulings = RulingFinder.find(page, measure);
    for (Frame frame : FrameFinder.find(page.number(), rulings, measure)) {
      boolean free = grids.stream().noneMatch(g -> g.frame().box().meets(frame.box()));
      Grid grid = GridBuilder.build(frame, page, index, measure);
      if (free
          && grid.isClosed()
          && grid.rows().size() >= LEAST_BOX_ROWS
          && isTable(grid)
          && grid.warnings().isEmpty()
          && !HiddenCells.in(grid)) {
        grids.add(grid);
      }
    }
  }

  private static boolean isTable(Grid grid) {
    if (grid.rows().stream().noneMatch(PageGrids::relates) || isForm(grid)) {
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
      return false; // most cells, told without composing their lines
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

  /** The lines that stand in none of the grids' frames. */
  private static List<TextLine> outsideOf(List<Grid> grids, List<TextLine> lines) {
    return lines.stream()
        .filter(l -> isOutside(l, grids.stream().map(g -> g.frame().box()).toList()))
        .toList();
  }

  private static boolean isOutside(TextLine line, List<Box> boxes) {
    Box box = line.box();
    return boxes.stream().noneMatch(b -> b.contains(box.centreX(), box.centreY()));
  }

  private static List<TextLine> outside(Page page, GlyphIndex index, List<Grid> grids) {
    Set<Glyph> inside = Collections.newSetFromMap(new IdentityHashMap<>());
    grids.forEach(g -> inside.addAll(index.within(g.frame().box())));
    return LineComposer.compose(page.glyphs().stream().filter(g -> !inside.contains(g)).toList());
  }
}
