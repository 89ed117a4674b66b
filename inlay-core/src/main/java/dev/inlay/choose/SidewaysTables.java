package dev.inlay.choose;

import dev.inlay.evidence.PageEvidence;
import dev.inlay.geom.Box;
import dev.inlay.model.TableNote;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import dev.inlay.page.QuarterTurn;
import dev.inlay.page.Turn;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Tables that lie sideways on an upright page: read on a page turned by a quarter, where they stand
 * upright, and put back at their places.
 */
final class SidewaysTables {

  /** Fewer characters are headings turned to save room, not a table. */
  private static final int LEAST_CHARACTERS = 24;

  /** A table lying sideways has at least this many full rows. */
  private static final int LEAST_ROWS = 4;

  /** In a full row this share of the columns has text. */
  private static final double FILLED_SHARE = 0.6;

  /**
   * A table that was lying sideways.
   *
   * @param grid upright, in the places of the turned page
   * @param title the caption above it, read the same way
   * @param notes those below it
   * @param turn how the page was turned
   * @param keeper follows its characters to where they ended
   */
  record Sideways(
      Grid grid,
      Optional<String> title,
      List<TableNote> notes,
      QuarterTurn turn,
      LedgerKeeper keeper) {

    /** Where it stands on the page as printed. */
    Box box() {
      return turn.asPrinted(grid.frame().box());
    }
  }

  private SidewaysTables() {}

  static List<Sideways> find(Page page) {
    List<Sideways> found = new ArrayList<>();
    int[] characters = new int[Turn.values().length];
    for (Glyph glyph : page.glyphs()) {
      if (glyph.turn() != Turn.UPRIGHT && !glyph.isBlank()) {
        characters[glyph.turn().ordinal()]++;
      }
    }
    for (Turn turn : List.of(Turn.UPWARDS, Turn.DOWNWARDS)) {
      if (characters[turn.ordinal()] >= LEAST_CHARACTERS) {
        addThoseOf(new QuarterTurn(page, turn), found);
      }
    }
    return found;
  }

  private static void addThoseOf(QuarterTurn turn, List<Sideways> found) {
    PageEvidence upright = PageEvidence.of(turn.upright());
    PageGrids grids = PageGrids.find(upright);
    double typeSize = upright.typeSize();
    for (Grid grid : grids.grids()) {
      if (fillsRows(grid) && standsAlone(turn, grid)) {
        Optional<String> title = TitleFinder.above(grid.frame().box(), grids.outside(), typeSize);
        List<TableNote> notes = NoteFinder.below(grid.frame().box(), grids.outside(), typeSize);
        LedgerKeeper keeper = new LedgerKeeper(upright, List.of(grid));
        found.add(new Sideways(grid, title, notes, turn, keeper));
      }
    }
  }

  /** Turned headings side by side fill one column, and a drawing's labels few rows. */
  private static boolean fillsRows(Grid grid) {
    int full = 0;
    for (List<Cell> row : grid.rows()) {
      long filled = row.stream().filter(c -> !c.isEmpty()).count();
      full += filled > 1 && filled >= FILLED_SHARE * grid.columns() ? 1 : 0;
    }
    return full >= LEAST_ROWS;
  }

  /** Whether hardly any text of another direction stands in the frame: it is a table of its own. */
  private static boolean standsAlone(QuarterTurn turn, Grid grid) {
    Box box = turn.asPrinted(grid.frame().box());
    int own = 0;
    int others = 0;
    for (Glyph glyph : turn.page().glyphs()) {
      if (!glyph.isBlank() && box.contains(glyph.box().centreX(), glyph.box().centreY())) {
        own += glyph.turn() == turn.turn() ? 1 : 0;
        others += glyph.turn() == turn.turn() ? 0 : 1;
      }
    }
    return others * 10 < own;
  }

  /** The page without what stands in such tables. */
  static Page without(Page page, List<Sideways> tables) {
    if (tables.isEmpty()) {
      return page;
    }
    List<Box> boxes = tables.stream().map(Sideways::box).toList();
    return new Page(
        page.number(),
        page.width(),
        page.height(),
        page.glyphs().stream().filter(g -> !isIn(g, tables)).toList(),
        page.strokes().stream().filter(s -> isFree(s.box(), boxes)).toList(),
        page.fills().stream().filter(f -> isFree(f.box(), boxes)).toList(),
        page.pictures(),
        page.dropped(),
        page.furniture());
  }

  private static boolean isIn(Glyph glyph, List<Sideways> tables) {
    return tables.stream()
        .filter(t -> t.turn().turn() == glyph.turn())
        .anyMatch(t -> t.box().contains(glyph.box().centreX(), glyph.box().centreY()));
  }

  private static boolean isFree(Box box, List<Box> boxes) {
    return boxes.stream().noneMatch(b -> b.contains(box.centreX(), box.centreY()));
  }
}
