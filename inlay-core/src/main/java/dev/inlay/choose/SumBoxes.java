package dev.inlay.choose;

import dev.inlay.evidence.Frame;
import dev.inlay.geom.Box;
import dev.inlay.geom.Edges;
import dev.inlay.model.Warning;
import dev.inlay.page.Glyph;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Joins sums whose cells are boxed with the rows right above them: the labels reach over several
 * columns, the values stand in columns of the rows, and to a reader they are one table.
 */
final class SumBoxes {

  /** More boxed rows are a table of their own. */
  private static final int MOST_SUMS = 5;

  /** The sums begin at most this many times the height of their rows below the rows. */
  private static final double MOST_GAP_BELOW = 0.8;

  /** Edges of boxes and rows may lie this many times the height of a row apart. */
  private static final double SAME_EDGE = 0.6;

  /** Values of one column end at most this many times the height of a row apart. */
  private static final double SAME_END = 0.2;

  private SumBoxes() {}

  /** Replaces each table and the sums below it by the whole table. */
  static void join(List<Grid> grids) {
    for (Grid sums : List.copyOf(grids)) {
      if (!areSums(sums)) {
        continue;
      }
      for (Grid rows : List.copyOf(grids)) {
        Optional<Grid> joined = rows == sums ? Optional.empty() : joined(rows, sums);
        if (joined.isPresent()) {
          grids.set(grids.indexOf(rows), joined.get());
          grids.remove(sums);
          break;
        }
      }
    }
  }

  /** Whether each row of a boxed grid has a label before one value or more. */
  private static boolean areSums(Grid grid) {
    return grid.isClosed()
        && grid.rows().size() <= MOST_SUMS
        && grid.headerRows().orElse(0) == 0
        && grid.rows().stream().allMatch(SumBoxes::isSum);
  }

  private static boolean isSum(List<Cell> row) {
    List<Cell> texts = row.stream().filter(c -> !c.isEmpty()).toList();
    return texts.size() > 1
        && !TextShape.of(texts.get(0).text()).isValue()
        && texts.stream().skip(1).allMatch(c -> TextShape.of(c.text()).isValue());
  }

  private static Optional<Grid> joined(Grid rows, Grid sums) {
    Box above = rows.frame().box();
    Box below = sums.frame().box();
    double height = below.height() / sums.rows().size();
    Box lastRow = texts(rows.rows().get(rows.rows().size() - 1));
    Box firstSum = texts(sums.rows().get(0));
    double step = firstSum.top() - lastRow.bottom();
    double near = SAME_EDGE * height;
    boolean under =
        step > 0
            && step < MOST_GAP_BELOW * height
            && (Math.abs(above.right() - below.right()) < near
                || Math.abs(lastRow.right() - firstSum.right()) < SAME_END * height)
            && below.left() > above.left() - (rows.isClosed() ? near : height)
            && sums.columns() < rows.columns();
    int[] columns = under ? columns(rows, sums, rows.isClosed() ? near : height) : null;
    return columns == null ? Optional.empty() : Optional.of(joined(rows, sums, columns));
  }

  private static Box texts(List<Cell> row) {
    return Box.around(row.stream().flatMap(c -> c.glyphs().stream()).toList(), Glyph::box);
  }

  /**
   * For each edge of the sums the number of the edge of the rows at its place; null where one lies
   * at none, or cuts texts of the rows.
   */
  private static int[] columns(Grid rows, Grid sums, double near) {
    int[] columns = new int[sums.columnEdges().size()];
    int last = columns.length - 1;
    columns[last] = rows.columns();
    for (int i = 0; i < last; i++) {
      double at = sums.columnEdges().get(i);
      boolean leftmost = i == 0 && at < rows.columnEdges().get(0) + near;
      columns[i] = leftmost ? 0 : edgeAt(rows, at);
      if (columns[i] < 0 || i > 0 && columns[i] <= columns[i - 1]) {
        return null;
      }
    }
    return columns[last] > columns[last - 1] ? columns : null;
  }

  /**
   * The number of the edge of the rows in the white around a place; negative where none is, as
   * texts of one column stand on both sides or reach over it.
   */
  private static int edgeAt(Grid rows, double at) {
    int column = Edges.indexOf(rows.columnEdges(), at);
    List<Box> texts =
        rows.rows().stream()
            .skip(rows.headerRows().orElse(1))
            .flatMap(List::stream)
            .filter(c -> !c.isEmpty() && c.columnSpan() == 1)
            .map(c -> Box.around(c.glyphs(), Glyph::box))
            .toList();
    if (texts.stream().anyMatch(text -> text.left() < at && text.right() > at)) {
      return -1;
    }
    double from = rows.columnEdges().get(column);
    double to = rows.columnEdges().get(column + 1);
    boolean left = texts.stream().anyMatch(t -> t.left() >= from && t.right() <= at);
    boolean right = texts.stream().anyMatch(t -> t.left() >= at && t.right() <= to);
    if (left && right) {
      return -1;
    }
    boolean nearer = at - from < to - at;
    return right || !left && nearer ? column : column + 1;
  }

  private static Grid joined(Grid rows, Grid sums, int[] columns) {
    int count = rows.rows().size();
    List<List<Cell>> all = new ArrayList<>(rows.rows());
    for (List<Cell> row : sums.rows()) {
      List<Cell> moved = new ArrayList<>();
      for (Cell c : row) {
        int from = columns[c.column()];
        int span = columns[c.column() + c.columnSpan()] - from;
        moved.add(
            Cell.ofGlyphs(
                c.row() + count, from, c.rowSpan(), span, c.box(), c.glyphs(), c.shade()));
      }
      all.add(moved);
    }
    Frame above = rows.frame();
    Frame frame =
        new Frame(
            above.page(),
            above.box().union(sums.frame().box()),
            above.horizontals(),
            above.verticals());
    List<Double> rowEdges = new ArrayList<>(rows.rowEdges());
    rowEdges.addAll(sums.rowEdges().subList(1, sums.rowEdges().size()));
    List<Warning> warnings = new ArrayList<>(rows.warnings());
    warnings.addAll(sums.warnings());
    return new Grid(
        frame,
        rows.columnEdges(),
        rowEdges,
        all,
        rows.isClosed(),
        rows.headerRows(),
        rows.groupRows(),
        rows.certainty(),
        warnings);
  }
}
