package dev.inlay.table;

import dev.inlay.find.Frame;
import dev.inlay.find.FrameFinder;
import dev.inlay.find.PageMeasure;
import dev.inlay.grid.Grid;
import dev.inlay.grid.GridBuilder;
import dev.inlay.page.Glyph;
import dev.inlay.page.GlyphIndex;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

/**
 * All tables of one page, in reading order. Depends on nothing but the page, so that pages can be
 * worked on at the same time.
 */
public final class PageTables {

  /** Fewer rows or columns make a box, not a table. */
  private static final int LEAST_ROWS = 2;

  private static final int LEAST_COLUMNS = 2;

  private final int page;
  private final List<PageTable> tables;

  private PageTables(int page, List<PageTable> tables) {
    this.page = page;
    this.tables = tables;
  }

  /** Finds and rebuilds the tables of a page. */
  public static PageTables of(Page page) {
    PageMeasure measure = PageMeasure.of(page);
    GlyphIndex index = new GlyphIndex(page);
    List<Grid> grids = new ArrayList<>();
    for (Frame frame : FrameFinder.find(page, measure)) {
      Grid grid = GridBuilder.build(frame, page, index, measure);
      if (isTable(grid)) {
        grids.add(grid);
      }
    }
    List<TextLine> outside = grids.isEmpty() ? List.of() : outside(page, index, grids);
    List<PageTable> tables = new ArrayList<>();
    for (int i = 0; i < grids.size(); i++) {
      Grid grid = grids.get(i);
      tables.add(
          PageTableBuilder.build(
              grid, TitleFinder.above(grid.frame().box(), outside), i == 0, i == grids.size() - 1));
    }
    return new PageTables(page.number(), tables);
  }

  private static boolean isTable(Grid grid) {
    long filled = grid.rows().stream().flatMap(List::stream).filter(c -> !c.isEmpty()).count();
    return grid.columns() >= LEAST_COLUMNS && grid.rows().size() >= LEAST_ROWS && filled >= 2;
  }

  private static List<TextLine> outside(Page page, GlyphIndex index, List<Grid> grids) {
    Set<Glyph> inside = Collections.newSetFromMap(new IdentityHashMap<>());
    grids.forEach(g -> inside.addAll(index.within(g.frame().box())));
    return LineComposer.compose(page.glyphs().stream().filter(g -> !inside.contains(g)).toList());
  }

  /** The page's number, from 1. */
  public int page() {
    return page;
  }

  /** The parts of tables on this page. */
  List<PageTable> tables() {
    return tables;
  }
}
