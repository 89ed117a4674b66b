package dev.inlay.choose;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
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

  /** White is no gutter where more than this share of the cell's other lines have words over it. */
  private static final double COVERED_SHARE = 0.5;

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

  /** How many lines of a cell hold wide white that parts texts. */
  private static int wideLines(Cell cell) {
    int wide = 0;
    List<TextLine> lines = LineComposer.compose(cell.glyphs());
    for (TextLine line : lines) {
      Interval white = wideWhite(line);
      wide += white != null && !isStretched(white, line, lines) ? 1 : 0;
    }
    return wide;
  }

  /** The first wide white in a line, null where there is none. */
  private static Interval wideWhite(TextLine line) {
    Box before = null;
    for (Word word : line.words()) {
      if (before != null && word.box().left() - before.right() > WIDE * line.size()) {
        return new Interval(before.right(), word.box().left());
      }
      before = word.box();
    }
    return null;
  }

  /**
   * Whether white is a space between words, stretched as in justified text: then most other lines
   * of the cell have words over it, while what parts columns runs through all of them.
   */
  private static boolean isStretched(Interval white, TextLine line, List<TextLine> lines) {
    int others = 0;
    int over = 0;
    for (TextLine other : lines) {
      if (other != line) {
        others++;
        over += other.words().stream().anyMatch(w -> covers(w, white.middle())) ? 1 : 0;
      }
    }
    return others > 0 && over > COVERED_SHARE * others;
  }

  private static boolean covers(Word word, double x) {
    return word.box().left() < x && word.box().right() > x;
  }
}
