package dev.inlay.choose;

import dev.inlay.geom.Box;
import dev.inlay.page.LineComposer;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import java.util.List;

/**
 * Says whether the rulings of a frame leave cells unparted: texts that stand far apart in one line
 * of a cell are several cells to a reader. The rulings then part some of the columns only.
 */
final class HiddenCells {

  /** Words this many type sizes apart are no phrase: four times an ordinary space. */
  private static final double WIDE = 1.1;

  /** For this share of the cells a line may hold wide white: a tabulator, a sign set apart. */
  private static final double SHARE = 0.06;

  private HiddenCells() {}

  /** Whether rulings do not part all columns: too many lines in the cells hold wide white. */
  static boolean in(Grid grid) {
    int cells = 0;
    int wide = 0;
    for (List<Cell> row : grid.rows()) {
      for (Cell cell : row) {
        if (!cell.isEmpty()) {
          cells++;
          wide += wideLines(cell);
        }
      }
    }
    return wide > 1 && wide > SHARE * cells;
  }

  /** How many lines of a cell hold wide white. */
  private static int wideLines(Cell cell) {
    int wide = 0;
    for (TextLine line : LineComposer.compose(cell.glyphs())) {
      wide += hasWideWhite(line) ? 1 : 0;
    }
    return wide;
  }

  private static boolean hasWideWhite(TextLine line) {
    Box before = null;
    for (Word word : line.words()) {
      if (before != null && word.box().left() - before.right() > WIDE * line.size()) {
        return true;
      }
      before = word.box();
    }
    return false;
  }
}
