package dev.inlay.choose;

import dev.inlay.evidence.Frame;
import dev.inlay.evidence.PageMeasure;
import dev.inlay.geom.Interval;
import dev.inlay.model.Certainty;
import dev.inlay.model.Warning;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Joins a header whose cells are boxed, by rulings or by their shade, with the open rows below it:
 * to a reader they are one table.
 */
final class HeaderBoxes {

  /** More boxed rows are a table of their own. */
  static final int MOST_HEADER_ROWS = 3;

  /** The rows begin at most this far below the boxes, in type sizes. */
  private static final double MOST_GAP_BELOW = 1.2;

  private HeaderBoxes() {}

  /** Replaces each header and the rows below it by the whole table. */
  static void join(List<Grid> grids, PageMeasure measure) {
    for (Grid header : List.copyOf(grids)) {
      if (!header.isClosed() || header.rows().size() > MOST_HEADER_ROWS) {
        continue;
      }
      grids.stream()
          .filter(g -> isBodyOf(header, g, measure))
          .findFirst()
          .ifPresent(
              body -> {
                grids.set(grids.indexOf(header), joined(header, body));
                grids.remove(body);
              });
    }
  }

  private static boolean isBodyOf(Grid header, Grid body, PageMeasure measure) {
    boolean open = !body.isClosed() && body.headerRows().orElse(0) == 0;
    double step = firstTop(body) - header.frame().box().bottom();
    return open
        && body.columns() == header.columns()
        && Math.abs(step) <= MOST_GAP_BELOW * measure.typeSize()
        && keepsToColumns(header, body);
  }

  private static double firstTop(Grid grid) {
    return grid.rows().get(0).stream().mapToDouble(c -> c.box().top()).min().orElse(0);
  }

  /** Whether every text of the body stands below the box of its column. */
  private static boolean keepsToColumns(Grid header, Grid body) {
    for (List<Cell> row : body.rows()) {
      for (Cell cell : row) {
        Interval column =
            new Interval(
                header.columnEdges().get(cell.column()),
                header.columnEdges().get(cell.column() + cell.columnSpan()));
        double middle = cell.box().centreX();
        if (!cell.isEmpty() && (middle < column.from() || middle > column.to())) {
          return false;
        }
      }
    }
    return true;
  }

  private static Grid joined(Grid header, Grid body) {
    Frame above = header.frame();
    Frame below = body.frame();
    Frame frame =
        new Frame(
            above.page(), above.box().union(below.box()), above.horizontals(), above.verticals());
    int headerRows = header.rows().size();
    List<List<Cell>> rows = new ArrayList<>(header.rows());
    for (List<Cell> row : body.rows()) {
      rows.add(row.stream().map(c -> c.movedDown(headerRows)).toList());
    }
    List<Double> rowEdges = new ArrayList<>(header.rowEdges());
    rowEdges.addAll(body.rowEdges().subList(1, body.rowEdges().size()));
    List<Warning> warnings = new ArrayList<>(header.warnings());
    warnings.addAll(body.warnings());
    Set<Integer> groups =
        body.groupRows().stream().map(r -> r + headerRows).collect(Collectors.toSet());
    return new Grid(
        frame,
        header.columnEdges(),
        rowEdges,
        rows,
        false,
        OptionalInt.of(headerRows),
        groups,
        Certainty.FULL,
        warnings);
  }
}
