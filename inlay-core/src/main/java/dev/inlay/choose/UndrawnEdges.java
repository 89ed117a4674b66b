package dev.inlay.choose;

import dev.inlay.geom.Box;
import dev.inlay.geom.Edges;
import dev.inlay.page.Glyph;
import dev.inlay.page.LineComposer;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;

/**
 * Parts cells of a ruled grid along edges that are not drawn: where a ruling is missing between two
 * cells, the texts in it still stand in the columns, or on the lines, of the cells around.
 */
final class UndrawnEdges {

  /** Texts of two cells are at least this many type sizes apart. */
  private static final double LEAST_TEXT_GAP = 0.6;

  /** Baselines this near are one line, in type sizes. */
  private static final double SAME_LINE = 0.2;

  private final Grid grid;
  private final int header;

  private UndrawnEdges(Grid grid) {
    this.grid = grid;
    header = grid.headerRows().orElse(1);
  }

  /** The grid with such cells parted; of the header only those that hold values. */
  static Grid part(Grid grid) {
    UndrawnEdges parting = new UndrawnEdges(grid);
    List<List<Cell>> rows = new ArrayList<>();
    grid.rows().forEach(r -> rows.add(new ArrayList<>()));
    boolean changed = false;
    for (List<Cell> row : grid.rows()) {
      for (Cell cell : row) {
        List<Cell> parts = parting.partsOf(cell);
        changed |= parts.size() > 1;
        parts.forEach(p -> rows.get(p.row()).add(p));
      }
    }
    rows.forEach(r -> r.sort(Comparator.comparingInt(Cell::column)));
    return changed ? grid.withCells(rows) : grid;
  }

  private List<Cell> partsOf(Cell cell) {
    if (cell.isEmpty()) {
      return List.of(cell);
    }
    if (cell.row() < header) {
      return cell.rowSpan() > 1 && cell.columnSpan() == 1 && holdsValues(cell)
          ? alongRows(cell)
          : List.of(cell);
    }
    if (cell.columnSpan() > 1 && cell.columnSpan() < grid.columns()) {
      return alongColumns(cell);
    }
    return cell.rowSpan() > 1 && cell.columnSpan() == 1 ? alongRows(cell) : List.of(cell);
  }

  /** Whether each line of a cell is a value: no heading is several values one below the other. */
  private static boolean holdsValues(Cell cell) {
    return LineComposer.compose(cell.glyphs()).stream()
        .map(TextLine::text)
        .allMatch(t -> TextShape.of(t).isValue() && !TextShape.isYear(t));
  }

  private List<Cell> alongColumns(Cell cell) {
    TreeMap<Integer, List<Glyph>> columns = new TreeMap<>();
    for (TextLine line : LineComposer.compose(cell.glyphs())) {
      Word before = null;
      int last = -1;
      for (Word word : line.words()) {
        int column = Edges.indexOf(grid.columnEdges(), word.box().centreX());
        boolean crosses =
            Edges.indexOf(grid.columnEdges(), word.box().left() + 1)
                != Edges.indexOf(grid.columnEdges(), word.box().right() - 1);
        double gap = before == null ? 0 : word.box().left() - before.box().right();
        if (crosses || before != null && column != last && gap < LEAST_TEXT_GAP * line.size()) {
          return List.of(cell);
        }
        columns.computeIfAbsent(column, c -> new ArrayList<>()).addAll(word.glyphs());
        before = word;
        last = column;
      }
    }
    if (columns.size() < 2) {
      return List.of(cell);
    }
    List<Cell> parts = new ArrayList<>();
    columns.forEach((c, glyphs) -> parts.add(part(cell, cell.row(), cell.rowSpan(), c, glyphs)));
    return parts;
  }

  private List<Cell> alongRows(Cell cell) {
    List<TextLine> lines = LineComposer.compose(cell.glyphs());
    if (lines.size() != cell.rowSpan()) {
      return List.of(cell);
    }
    List<Cell> parts = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      TextLine line = lines.get(i);
      int row = Edges.indexOf(grid.rowEdges(), line.box().centreY());
      if (row != cell.row() + i || !hasOthersOnLine(row, cell, line)) {
        return List.of(cell);
      }
      List<Glyph> glyphs = new ArrayList<>();
      line.words().forEach(w -> glyphs.addAll(w.glyphs()));
      parts.add(part(cell, row, 1, cell.column(), glyphs));
    }
    return parts;
  }

  /** Whether another cell of a row alone has text on the same line. */
  private boolean hasOthersOnLine(int row, Cell own, TextLine line) {
    for (Cell other : grid.rows().get(row)) {
      if (other != own && other.rowSpan() == 1 && !other.isEmpty()) {
        double baseline = other.glyphs().get(0).baseline();
        if (Math.abs(baseline - line.baseline()) < SAME_LINE * line.size()) {
          return true;
        }
      }
    }
    return false;
  }

  private Cell part(Cell whole, int row, int rowSpan, int column, List<Glyph> glyphs) {
    Box box =
        new Box(
            grid.columnEdges().get(column),
            grid.rowEdges().get(row),
            grid.columnEdges().get(column + 1),
            grid.rowEdges().get(row + rowSpan));
    return Cell.ofGlyphs(row, column, rowSpan, 1, box, glyphs, whole.shade());
  }
}
