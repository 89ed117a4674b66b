package dev.inlay.grid;

import dev.inlay.geom.Box;
import dev.inlay.page.Glyph;
import java.util.List;

/** Makes cells of one column from the characters in them. */
public final class CellTexts {

  private CellTexts() {}

  /**
   * A cell.
   *
   * @param row from 0
   * @param column from 0
   * @param rowSpan how many rows it covers
   * @param box in points
   * @param glyphs in any order
   * @param shade the colour of its ground
   */
  public static Cell cell(
      int row, int column, int rowSpan, Box box, List<Glyph> glyphs, int shade) {
    CellText text = CellText.ofGlyphs(glyphs);
    return new Cell(
        row,
        column,
        rowSpan,
        1,
        box,
        text.joined(),
        text.lineCount(),
        text.isBold(),
        shade,
        glyphs);
  }
}
