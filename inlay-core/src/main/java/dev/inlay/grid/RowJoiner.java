package dev.inlay.grid;

import dev.inlay.find.Frame;
import dev.inlay.geom.Interval;
import dev.inlay.grid.LineCells.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

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

  /** Lines of one text stand further apart than this, in type sizes. */
  private static final double BESIDE = 0.75;

  /** A line is nearer to another where the step is so many times smaller. */
  private static final double NEARER = 1.05;

  private final List<LineCells> lines;
  private final List<Interval> columns;
  private final RulingPlaces rulings;
  private final boolean[] figures;
  private boolean wideRows;
  private boolean spacedRows;
  private double usualStep;

  RowJoiner(List<LineCells> lines, List<Interval> columns, Frame frame) {
    this.lines = lines;
    this.columns = columns;
    rulings = new RulingPlaces(frame.horizontals());
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
    usualStep =
        IntStream.range(1, lines.size())
            .mapToDouble(this::step)
            .sorted()
            .skip((lines.size() - 1) / 2)
            .findFirst()
            .orElse(0);
    wideRows = stepsBeyond(closest) >= WIDE_SHARE * (lines.size() - 1);
    spacedRows = wideRows && areSpaced(closest);
    List<List<LineCells>> ruled = new RuledBands(lines, columns, figures, rulings).rows();
    if (!ruled.isEmpty()) {
      return ruled;
    }
    List<List<LineCells>> rows = new ArrayList<>();
    int begun = 0;
    for (int i = 0; i < lines.size(); i++) {
      List<LineCells> above = rows.isEmpty() ? List.of() : rows.get(rows.size() - 1);
      if (i < begun) {
        above.add(lines.get(i));
        continue;
      }
      begun = endOfLeaning(i, closest);
      if (begun == i && i > 0 && (isBeside(i) || goesOn(i, above, closest))) {
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
      if (!isBeside(i)) {
        closest = Math.min(closest, step(i));
      }
    }
    return closest;
  }

  /**
   * Whether a line overlaps the one before it in height and fills other columns: it stands beside
   * that line, as texts do that are centred in the height of their row.
   */
  private boolean isBeside(int i) {
    double size = lines.get(i).line().line().size();
    if (step(i) >= BESIDE * size || isRuledOff(i)) {
      return false;
    }
    boolean[] before = filledIn(List.of(lines.get(i - 1)));
    boolean[] here = filledIn(List.of(lines.get(i)));
    for (int c = 0; c < here.length; c++) {
      if (before[c] && here[c]) {
        return false;
      }
    }
    return true;
  }

  private double step(int line) {
    return lines.get(line).line().line().baseline() - lines.get(line - 1).line().line().baseline();
  }

  /**
   * The end of a row whose texts stand at the foot of their cells, so that wrapped words come
   * first: such lines stand clearly nearer to the line below, which goes on with their texts and
   * fills more columns.
   *
   * @param i the number of the first line
   * @return the number behind the row's last line; {@code i} where no such row begins there
   */
  private int endOfLeaning(int i, double closest) {
    boolean[] words = filledIn(List.of(lines.get(i)));
    boolean apart = i > 0 && step(i) > NEARER * closest;
    if (!apart || words[0] || hasFigures(words)) {
      return i;
    }
    for (int k = i + 1; k < lines.size(); k++) {
      boolean near = step(k) <= NEARER * closest && step(k) * NEARER <= usualStep;
      if (!near || step(k) * NEARER > step(i) || isRuledOff(k)) {
        return i;
      }
      boolean[] here = filledIn(List.of(lines.get(k)));
      for (int c = 0; c < here.length; c++) {
        if (words[c] && !here[c]) {
          return i;
        }
      }
      if (here[0] && count(here) > count(words)) {
        return k + 1;
      }
    }
    return i;
  }

  private boolean hasFigures(boolean[] filled) {
    for (int c = 0; c < filled.length; c++) {
      if (filled[c] && figures[c]) {
        return true;
      }
    }
    return false;
  }

  private boolean goesOn(int i, List<LineCells> row, double closest) {
    if (step(i) > SAME_ROW_STEP * closest || isRuledOff(i)) {
      return false;
    }
    if (spacedRows) {
      return true;
    }
    // lines beside each other go on together, or begin a row together
    for (int k = i; k == i || k < lines.size() && isBeside(k); k++) {
      if (!addsWords(lines.get(k), row)) {
        return false;
      }
    }
    return true;
  }

  /** Whether a line adds words only, fewer than a row has, to columns of words that are filled. */
  private boolean addsWords(LineCells line, List<LineCells> row) {
    boolean[] above = filledIn(row);
    int filledAbove = count(above);
    for (Part part : line.parts()) {
      int at = LineCells.home(part, columns);
      boolean startsRow = at == 0 && !wideRows && !isLowerCase(part.text());
      if (startsRow || figures[at] || !above[at]) {
        return false;
      }
    }
    return line.parts().size() < filledAbove;
  }

  /**
   * Whether space alone tells the rows, as where cells have a margin: every line after a wide step
   * begins at the left, and every line after a close one adds to texts right above it, fewer than a
   * row has.
   */
  private boolean areSpaced(double closest) {
    List<LineCells> row = new ArrayList<>(lines.subList(0, Math.min(1, lines.size())));
    int joined = 0;
    for (int i = 1; i < lines.size(); i++) {
      LineCells line = lines.get(i);
      boolean[] filled = filledIn(List.of(line));
      if (step(i) > SAME_ROW_STEP * closest) {
        if (!filled[0]) {
          return false;
        }
        row = new ArrayList<>();
      } else {
        boolean[] above = filledIn(row);
        for (int c = 0; c < filled.length; c++) {
          if (filled[c] && !above[c]) {
            return false;
          }
        }
        if (count(filled) >= count(above) || isRuledOff(i) || goesOnWithFigures(line, row)) {
          return false;
        }
        joined++;
      }
      row.add(line);
    }
    return joined > 0;
  }

  /** Whether a line has a figure below one of its row: then both are rows. */
  private boolean goesOnWithFigures(LineCells line, List<LineCells> row) {
    boolean[] above = new boolean[columns.size()];
    for (LineCells one : row) {
      for (Part part : one.parts()) {
        // a hyphen at its end says that it goes on below
        boolean whole = Figures.isFigure(part.text()) && !part.text().endsWith("-");
        above[LineCells.home(part, columns)] |= whole;
      }
    }
    return line.parts().stream()
        .filter(p -> Figures.isFigure(p.text()))
        .map(p -> LineCells.home(p, columns))
        .anyMatch(c -> figures[c] && above[c]);
  }

  /** Which columns some lines fill. */
  private boolean[] filledIn(List<LineCells> some) {
    boolean[] filled = new boolean[columns.size()];
    for (LineCells line : some) {
      line.parts().forEach(p -> filled[LineCells.home(p, columns)] = true);
    }
    return filled;
  }

  private static int count(boolean[] filled) {
    int count = 0;
    for (boolean one : filled) {
      count += one ? 1 : 0;
    }
    return count;
  }

  private static boolean isLowerCase(String text) {
    return Character.isLowerCase(text.codePointAt(0));
  }

  private boolean isRuledOff(int line) {
    return rulings.part(lines.get(line - 1), lines.get(line));
  }
}
