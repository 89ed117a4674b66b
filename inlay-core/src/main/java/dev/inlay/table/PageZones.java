package dev.inlay.table;

import dev.inlay.find.CharacterBoxes;
import dev.inlay.find.PageMeasure;
import dev.inlay.page.GlyphIndex;
import dev.inlay.page.Page;
import dev.inlay.score.Zone;
import java.util.List;

/** The zones of a page as its open and part-ruled tables are read from them: for training. */
public final class PageZones {

  private PageZones() {}

  /** The lines of a page that stand in no closed ruled table, column by column. */
  public static List<Zone> of(Page page) {
    Page drawn = CharacterBoxes.redraw(page).page();
    Page rest = SidewaysTables.without(drawn, SidewaysTables.find(drawn));
    return PageGrids.zones(rest, new GlyphIndex(rest), PageMeasure.of(rest));
  }
}
