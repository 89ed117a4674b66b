package dev.inlay.propose;

import dev.inlay.geom.Groups;
import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Which squares of the grid make up one cell: those that no ruling parts. A square is what lies
 * between two neighbouring boundaries each way.
 */
final class CellAreas {

  /** Rows and columns that a cell covers; both ends count. */
  record Area(int firstRow, int firstColumn, int lastRow, int lastColumn) {

    Area with(int row, int column) {
      return new Area(
          Math.min(firstRow, row),
          Math.min(firstColumn, column),
          Math.max(lastRow, row),
          Math.max(lastColumn, column));
    }

    int squares() {
      return (lastRow - firstRow + 1) * (lastColumn - firstColumn + 1);
    }
  }

  private final List<Area> areas = new ArrayList<>();
  private final int columns;
  private final int[] areaOfSquare;
  private int odd;

  CellAreas(Boundaries betweenColumns, Boundaries betweenRows) {
    columns = betweenColumns.gaps();
    int rows = betweenRows.gaps();
    Groups groups = joinUnparted(betweenColumns, betweenRows);

    Map<Integer, Area> bounds = new HashMap<>();
    Map<Integer, Integer> squares = new HashMap<>();
    for (int s = 0; s < rows * columns; s++) {
      int row = s / columns;
      int column = s % columns;
      bounds.merge(
          groups.of(s),
          new Area(row, column, row, column),
          (old, added) -> old.with(added.firstRow(), added.firstColumn()));
      squares.merge(groups.of(s), 1, Integer::sum);
    }

    areaOfSquare = new int[rows * columns];
    Map<Integer, Integer> numbers = new HashMap<>();
    for (int s = 0; s < areaOfSquare.length; s++) {
      int group = groups.of(s);
      Area area = bounds.get(group);
      if (area.squares() == squares.get(group)) {
        areaOfSquare[s] = numbers.computeIfAbsent(group, g -> add(area));
      } else {
        // No box: its squares are kept apart, so that no text gets a neighbour it does not have.
        areaOfSquare[s] = add(new Area(s / columns, s % columns, s / columns, s % columns));
        odd += numbers.put(group, -1) == null ? 1 : 0;
      }
    }
  }

  private int add(Area area) {
    areas.add(area);
    return areas.size() - 1;
  }

  private Groups joinUnparted(Boundaries betweenColumns, Boundaries betweenRows) {
    List<Double> xs = betweenColumns.places();
    List<Double> ys = betweenRows.places();
    int rows = betweenRows.gaps();
    Groups groups = new Groups(rows * columns);
    for (int row = 0; row < rows; row++) {
      Interval height = new Interval(ys.get(row), ys.get(row + 1));
      for (int column = 0; column < columns; column++) {
        int square = row * columns + column;
        Interval width = new Interval(xs.get(column), xs.get(column + 1));
        if (column + 1 < columns && !betweenColumns.isDrawn(column + 1, height)) {
          groups.join(square, square + 1);
        }
        if (row + 1 < rows && !betweenRows.isDrawn(row + 1, width)) {
          groups.join(square, square + columns);
        }
      }
    }
    return groups;
  }

  /** The areas, row by row, from left to right. */
  List<Area> areas() {
    return areas;
  }

  /** The number of the area that holds a square. */
  int areaAt(int row, int column) {
    return areaOfSquare[row * columns + column];
  }

  /** How many connected areas are no boxes. */
  int odd() {
    return odd;
  }
}
