package dev.inlay.grid;

import dev.inlay.find.Frame;
import dev.inlay.find.Ruling;
import dev.inlay.geom.Interval;
import dev.inlay.grid.LineCells.Part;
import java.util.ArrayList;
import java.util.List;

/**
 * Joins the lines below the header into rows. A line goes on with the row above when it stands
 * close below it and adds only words to columns of words, none to those that hold figures or to the
 * first.
 */
final class RowJoiner {

  /** A line of the same row follows within this many of the block's closest steps. */
  private static final double SAME_ROW_STEP = 1.25;

  /** A column holds figures where this share of its texts does. */
  private static final double FIGURE_COLUMN = 0.5;

  /** Where this share of the steps is wider than the closest, rows are set apart by space. */
  private static final double WIDE_SHARE = 0.3;

  private final List<LineCells> lines;
  private final List<Interval> columns;
  private final Frame frame;
  private final boolean[] figures;
  private boolean wideRows;

  RowJoiner(List<LineCells> lines, List<Interval> columns, Frame frame) {
    this.lines = lines;
    this.columns = columns;
    this.frame = frame;
    figures = new boolean[columns.size()];
    for (int c = 0; c < figures.length; c++) {
      figures[c] = isFigureColumn(c);
    }
  }

  private boolean isFigureColumn(int column) {
    int count = 0;
    int all = 0;
    for (LineCells line : lines) {
      for (Part part : line.parts()) {
        if (LineCells.home(part, columns) == column) {
          all++;
          count += Figures.isFigure(part.text()) ? 1 : 0;
        }
      }
    }
    return count > 0 && count >= FIGURE_COLUMN * all;
  }

  List<List<LineCells>> rows() {
    double closest = closestStep();
    wideRows = stepsBeyond(closest) >= WIDE_SHARE * (lines.size() - 1);
    List<List<LineCells>> rows = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      if (i > 0 && goesOn(i, rows.get(rows.size() - 1), closest)) {
        rows.get(rows.size() - 1).add(lines.get(i));
      } else {
        rows.add(new ArrayList<>(List.of(lines.get(i))));
      }
    }
    return rows;
  }

  private long stepsBeyond(double closest) {
    long beyond = 0;
    for (int i = 1; i < lines.size(); i++) {
      beyond += step(i) > SAME_ROW_STEP * closest ? 1 : 0;
    }
    return beyond;
  }

  private double closestStep() {
    double closest = Double.POSITIVE_INFINITY;
    for (int i = 1; i < lines.size(); i++) {
      closest = Math.min(closest, step(i));
    }
    return closest;
  }

  private double step(int line) {
    return lines.get(line).line().line().baseline() - lines.get(line - 1).line().line().baseline();
  }

  private boolean goesOn(int i, List<LineCells> row, double closest) {
    LineCells line = lines.get(i);
    if (step(i) > SAME_ROW_STEP * closest || isRuledOff(i)) {
      return false;
    }
    boolean[] above = new boolean[columns.size()];
    int filledAbove = 0;
    for (LineCells part : row) {
      for (Part p : part.parts()) {
        int at = LineCells.home(p, columns);
        filledAbove += above[at] ? 0 : 1;
        above[at] = true;
      }
    }
    for (Part part : line.parts()) {
      int at = LineCells.home(part, columns);
      boolean startsRow = at == 0 && !wideRows && !isLowerCase(part.text());
      if (startsRow || figures[at] || !above[at]) {
        return false;
      }
    }
    return line.parts().size() < filledAbove;
  }

  private static boolean isLowerCase(String text) {
    return Character.isLowerCase(text.codePointAt(0));
  }

  private boolean isRuledOff(int line) {
    double above = lines.get(line - 1).line().line().baseline();
    double below = lines.get(line).line().line().baseline();
    for (Ruling ruling : frame.horizontals()) {
      if (ruling.at() > above && ruling.at() < below) {
        return true;
      }
    }
    return false;
  }
}
