package dev.inlay.choose;

import dev.inlay.evidence.PageEvidence;
import dev.inlay.geom.Box;
import dev.inlay.model.TextLedger;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

/** Follows every character of a page to where it ended. */
final class LedgerKeeper {

  /** What leader dots and rules made of characters consist of. */
  private static final String MARKS = ".·…_-=|+*~<>";

  private final PageEvidence evidence;
  private final Set<Glyph> placed = Collections.newSetFromMap(new IdentityHashMap<>());
  private final Set<Glyph> leaders = Collections.newSetFromMap(new IdentityHashMap<>());
  private final Set<Glyph> strays = Collections.newSetFromMap(new IdentityHashMap<>());
  private final List<List<Warning>> warnings = new ArrayList<>();
  private int inCells;
  private int doubled;

  LedgerKeeper(PageEvidence evidence, List<Grid> grids) {
    this.evidence = evidence;
    List<Integer> doubledBy = new ArrayList<>();
    for (Grid grid : grids) {
      int before = doubled;
      grid.rows().forEach(row -> row.forEach(this::place));
      doubledBy.add(doubled - before);
    }
    for (int i = 0; i < grids.size(); i++) {
      warnings.add(leftOver(grids.get(i), doubledBy.get(i)));
    }
  }

  private void place(Cell cell) {
    for (Glyph glyph : cell.glyphs()) {
      if (!glyph.isBlank()) {
        boolean fresh = placed.add(glyph);
        inCells += fresh ? 1 : 0;
        doubled += fresh ? 0 : 1;
      }
    }
  }

  /** Books what stands in a grid's frame and in no cell, and says what is doubtful about it. */
  private List<Warning> leftOver(Grid grid, int twice) {
    StringBuilder stray = new StringBuilder();
    Box place = null;
    for (Glyph glyph : evidence.glyphsIn(grid.frame().box())) {
      if (glyph.isBlank() || placed.contains(glyph)) {
        continue;
      }
      if (MARKS.contains(glyph.text())) {
        leaders.add(glyph);
      } else if (strays.add(glyph)) {
        stray.append(glyph.text());
        place = place == null ? glyph.box() : place.union(glyph.box());
      }
    }
    List<Warning> found = new ArrayList<>();
    int number = grid.frame().page();
    if (!stray.isEmpty()) {
      String text = "\"" + Warning.shortened(stray.toString()) + "\" fits no cell";
      found.add(new Warning(WarningCode.STRAY_TEXT, number, text).at(place));
    }
    if (twice > 0) {
      String text = twice + " character(s) stand in another table too";
      found.add(new Warning(WarningCode.DOUBLED_TEXT, number, text));
    }
    return found;
  }

  /** What is doubtful about the grid of the given number, in the order they were given. */
  List<Warning> warnings(int grid) {
    return warnings.get(grid);
  }

  TextLedger ledger() {
    Page page = evidence.page();
    int printed = (int) page.glyphs().stream().filter(g -> !g.isBlank()).count();
    int outside = printed - placed.size() - leaders.size() - strays.size();
    int furniture = (int) page.furniture().stream().filter(g -> !g.isBlank()).count();
    return new TextLedger(
        printed + furniture, inCells, leaders.size(), strays.size(), furniture, outside, doubled);
  }
}
