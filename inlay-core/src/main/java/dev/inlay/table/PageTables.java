package dev.inlay.table;

import dev.inlay.find.PageMeasure;
import dev.inlay.grid.Grid;
import dev.inlay.page.GlyphIndex;
import dev.inlay.page.Page;
import java.util.ArrayList;
import java.util.List;

/**
 * All tables of one page, in reading order. Depends on nothing but the page, so that pages can be
 * worked on at the same time.
 */
public final class PageTables {

  private final int page;
  private final List<PageTable> tables;
  private final TextLedger ledger;

  private PageTables(int page, List<PageTable> tables, TextLedger ledger) {
    this.page = page;
    this.tables = tables;
    this.ledger = ledger;
  }

  /** Finds and rebuilds the tables of a page. */
  public static PageTables of(Page page) {
    GlyphIndex index = new GlyphIndex(page);
    PageGrids found = PageGrids.find(page, index, PageMeasure.of(page));
    List<Grid> grids = found.grids();
    LedgerKeeper keeper = new LedgerKeeper(page, index, grids);
    List<PageTable> tables = new ArrayList<>();
    for (int i = 0; i < grids.size(); i++) {
      Grid grid = grids.get(i);
      tables.add(
          PageTableBuilder.build(
              grid,
              keeper.warnings(i),
              TitleFinder.above(grid.frame().box(), found.outside()),
              i == 0,
              i == grids.size() - 1));
    }
    return new PageTables(page.number(), tables, keeper.ledger());
  }

  /** The page's number, from 1. */
  public int page() {
    return page;
  }

  /** Where the page's characters ended. */
  public TextLedger ledger() {
    return ledger;
  }

  /** The parts of tables on this page. */
  List<PageTable> tables() {
    return tables;
  }
}
