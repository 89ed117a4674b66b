package dev.inlay.choose;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.geom.Box;
import dev.inlay.geom.Edges;
import dev.inlay.propose.Grid;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Rows that stand right above or below a grid, in its columns: then the grid is only part of a
 * table, as a few shaded rows among others are. A few rows with rows right below them alone may be
 * its header, boxed by its shade; where a heading of rows parts the two, only their lines tell.
 */
final class RowsBeyond {

  /** A row follows within this many times the usual height of the grid's rows. */
  private static final double MOST_ROW_DISTANCE = 1.2;

  private RowsBeyond() {}

  /** Whether a row of at least two texts, each within a column of the grid, stands next to it. */
  static boolean exist(Grid grid, PageEvidence evidence) {
    Box box = grid.frame().box();
    double step = MOST_ROW_DISTANCE * box.height() / Math.max(1, grid.rows().size());
    Box above = new Box(box.left(), box.top() - step, box.right(), box.top());
    Box below = new Box(box.left(), box.bottom(), box.right(), box.bottom() + step);
    Box belowHeading = new Box(box.left(), box.bottom(), box.right(), box.bottom() + 2 * step);
    boolean mayBeHeader = grid.rows().size() <= HeaderBoxes.MOST_HEADER_ROWS;
    boolean rowsBelow = isRow(grid, below, evidence);
    return isRow(grid, above, evidence)
        || (mayBeHeader ? !rowsBelow && isRow(grid, belowHeading, evidence) : rowsBelow);
  }

  private static boolean isRow(Grid grid, Box strip, PageEvidence evidence) {
    return ChunkLine.of(evidence.linesIn(strip)).stream()
        .anyMatch(line -> keepsToColumns(line.chunks(), grid.columnEdges()));
  }

  private static boolean keepsToColumns(List<Chunk> chunks, List<Double> edges) {
    Set<Integer> columns = new HashSet<>();
    for (Chunk chunk : chunks) {
      int column = Edges.indexOf(edges, chunk.box().centreX());
      boolean inside =
          chunk.box().left() >= edges.get(column) && chunk.box().right() <= edges.get(column + 1);
      if (!inside || !columns.add(column)) {
        return false;
      }
    }
    return columns.size() > 1;
  }
}
