package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.geom.Box;
import dev.inlay.page.Fill;
import dev.inlay.page.Glyph;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.List;

/**
 * A cell of a grid, at the row and column where it starts.
 *
 * @param row from 0
 * @param column from 0
 * @param rowSpan how many rows it covers, at least 1
 * @param columnSpan how many columns it covers, at least 1
 * @param box in points
 * @param text its lines joined; empty where nothing is printed
 * @param lineStarts where in the text each printed line but the first begins, in characters
 * @param bold whether all of its text is bold, and there is some
 * @param shade the colour of its ground as 0xRRGGBB
 * @param glyphs the characters that its text was composed of, blank ones too
 */
public record Cell(
    int row,
    int column,
    int rowSpan,
    int columnSpan,
    Box box,
    String text,
    List<Integer> lineStarts,
    boolean bold,
    int shade,
    List<Glyph> glyphs) {

  /** Keeps copies that cannot change. */
  public Cell {
    lineStarts = List.copyOf(lineStarts);
    glyphs = List.copyOf(glyphs);
  }

  /** A cell whose text is composed of characters in any order. */
  public static Cell ofGlyphs(
      int row, int column, int rowSpan, int columnSpan, Box box, List<Glyph> glyphs, int shade) {
    CellText text = CellText.ofGlyphs(glyphs);
    return ofText(row, column, rowSpan, columnSpan, box, text, glyphs, shade);
  }

  /** A cell whose text is composed already. */
  static Cell ofText(
      int row,
      int column,
      int rowSpan,
      int columnSpan,
      Box box,
      CellText text,
      List<Glyph> glyphs,
      int shade) {
    return new Cell(
        row,
        column,
        rowSpan,
        columnSpan,
        box,
        text.joined(),
        text.lineStarts(),
        text.isBold(),
        shade,
        glyphs);
  }

  /** A cell of words in the order of reading, on white. */
  static Cell ofWords(int row, int column, int rowSpan, int columnSpan, List<Word> words) {
    List<Glyph> glyphs = new ArrayList<>();
    words.forEach(w -> glyphs.addAll(w.glyphs()));
    return ofText(
        row,
        column,
        rowSpan,
        columnSpan,
        Chunk.around(words),
        CellText.ofWords(words),
        glyphs,
        Fill.WHITE);
  }

  /** The same cell this many rows further down. */
  public Cell movedDown(int rows) {
    return new Cell(
        row + rows, column, rowSpan, columnSpan, box, text, lineStarts, bold, shade, glyphs);
  }

  /** The same cell, from another row on and over this many rows. */
  public Cell over(int firstRow, int rows) {
    return new Cell(firstRow, column, rows, columnSpan, box, text, lineStarts, bold, shade, glyphs);
  }

  /** How many lines its text has. */
  public int lines() {
    return isEmpty() ? 0 : lineStarts.size() + 1;
  }

  /** Whether nothing is printed in it. */
  public boolean isEmpty() {
    return text.isEmpty();
  }
}
