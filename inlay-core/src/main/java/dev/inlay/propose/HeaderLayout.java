package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Interval;
import dev.inlay.page.TextLine;
import java.util.List;

/**
 * What is known of a header before its headings are placed.
 *
 * @param lines those of the header, from top to bottom
 * @param turned headings turned by a quarter; each stands over one column
 * @param columns the stretches between boundaries, from left to right, in points
 * @param texts the stretches that the records' texts fill, by column
 * @param rulings the horizontal rulings that cross the table, and the edges of shades in it
 */
public record HeaderLayout(
    List<ChunkLine> lines,
    List<TextLine> turned,
    List<Interval> columns,
    List<Interval> texts,
    List<Ruling> rulings) {

  /** Keeps copies that cannot change. */
  public HeaderLayout {
    lines = List.copyOf(lines);
    turned = List.copyOf(turned);
    columns = List.copyOf(columns);
    texts = List.copyOf(texts);
    rulings = List.copyOf(rulings);
  }

  /** From the left edge of the first column to the right edge of the last, in points. */
  double width() {
    return columns.get(columns.size() - 1).to() - columns.get(0).from();
  }

  /** The column at a place, from 0. */
  int columnAt(double x) {
    return columnAt(columns, x);
  }

  /** The one of some columns, from left to right, at a place, from 0. */
  static int columnAt(List<Interval> columns, double x) {
    int column = 0;
    while (column < columns.size() - 1 && x > columns.get(column).to()) {
      column++;
    }
    return column;
  }
}
