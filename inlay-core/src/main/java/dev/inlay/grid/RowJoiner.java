package dev.inlay.grid;

import dev.inlay.find.Frame;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.grid.LineCells.Part;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
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

  /** Fewer bands between rulings do not show that each is a row. */
  private static final int LEAST_BANDS = 4;

  /** Lines of one text stand further apart than this, in type sizes. */
  private static final double BESIDE = 0.75;

  /** Middles of cells centred in one row differ by at most this many type sizes. */
  private static final double CENTRED = 0.25;

  /** A band of so many lines is several rows where most of its lines begin at the left. */
  private static final int LONG_BAND = 4;

  private static final double BEGUN_SHARE = 0.8;

  /** Of the bands of several lines at most this share may hold figures one below the other. */
  private static final double LISTED_SHARE = 0.1;

  private final List<LineCells> lines;
  private final List<Interval> columns;
  private final RulingPlaces rulings;
  private final boolean[] figures;
  private boolean wideRows;
  private boolean spacedRows;

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
    wideRows = stepsBeyond(closest) >= WIDE_SHARE * (lines.size() - 1);
    spacedRows = wideRows && areSpaced(closest);
    List<List<LineCells>> ruled = betweenRulings();
    if (!ruled.isEmpty()) {
      return ruled;
    }
    List<List<LineCells>> rows = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      if (i > 0 && (isBeside(i) || goesOn(i, rows.get(rows.size() - 1), closest))) {
        rows.get(rows.size() - 1).add(lines.get(i));
      } else {
        rows.add(new ArrayList<>(List.of(lines.get(i))));
      }
    }
    return rows;
  }

  /**
   * The lines between rulings, where each such band is one row: hardly any holds figures on several
   * lines, as bands of several rows would. Empty where rulings do not tell rows.
   */
  private List<List<LineCells>> betweenRulings() {
    List<List<LineCells>> bands = new ArrayList<>();
    int several = 0;
    int listed = 0;
    for (int i = 0; i < lines.size(); i++) {
      if (i == 0 || isRuledOff(i)) {
        bands.add(new ArrayList<>());
      }
      bands.get(bands.size() - 1).add(lines.get(i));
    }
    for (List<LineCells> band : bands) {
      several += band.size() > 1 ? 1 : 0;
      listed += linesWithFigures(band) > 1 || isListed(band) || areHeadings(band) ? 1 : 0;
    }
    boolean shown = bands.size() >= LEAST_BANDS || bands.size() > 1 && areCentred(bands);
    boolean rows = shown && several > 0 && listed <= LISTED_SHARE * several;
    return rows ? withHeadingsApart(bands) : List.of();
  }

  /**
   * Whether the texts of each band stand about its middle, in different numbers of lines: cells of
   * one row, each centred in its height.
   */
  private boolean areCentred(List<List<LineCells>> bands) {
    int uneven = 0;
    for (List<LineCells> band : bands) {
      Box[] texts = new Box[columns.size()];
      for (LineCells line : band) {
        for (Part part : line.parts()) {
          int at = LineCells.home(part, columns);
          texts[at] = texts[at] == null ? part.box() : texts[at].union(part.box());
        }
      }
      double size = band.get(0).line().line().size();
      DoubleSummaryStatistics middles = new DoubleSummaryStatistics();
      DoubleSummaryStatistics heights = new DoubleSummaryStatistics();
      for (Box box : texts) {
        if (box != null) {
          middles.accept(box.centreY());
          heights.accept(box.height());
        }
      }
      if (middles.getMax() - middles.getMin() > CENTRED * size) {
        return false;
      }
      uneven += heights.getMax() > heights.getMin() + size / 2 ? 1 : 0;
    }
    return uneven * 2 >= bands.size();
  }

  /** Whether nearly every line of a band begins at the left, as rows do. */
  private static boolean isListed(List<LineCells> band) {
    long begun = band.stream().filter(l -> l.parts().get(0).first() == 0).count();
    return band.size() >= LONG_BAND && begun >= BEGUN_SHARE * band.size();
  }

  /** Whether each line of a band is one text at the left, over gutters: headings of rows. */
  private static boolean areHeadings(List<LineCells> band) {
    return band.size() > 1
        && band.stream().anyMatch(l -> l.parts().get(0).spans())
        && band.stream()
            .allMatch(
                l ->
                    l.parts().size() == 1
                        && l.parts().get(0).first() == 0
                        && !isLowerCase(l.parts().get(0).text()));
  }

  /** A bold text alone on the first line of a band is a heading of rows, not part of the first. */
  private static List<List<LineCells>> withHeadingsApart(List<List<LineCells>> bands) {
    List<List<LineCells>> rows = new ArrayList<>();
    for (List<LineCells> band : bands) {
      boolean heading =
          band.size() > 1
              && band.get(0).parts().size() == 1
              && band.get(0).parts().get(0).first() == 0
              && band.get(0).line().isBold()
              && !band.get(1).line().isBold();
      if (heading) {
        rows.add(band.subList(0, 1));
        rows.add(band.subList(1, band.size()));
      } else {
        rows.add(band);
      }
    }
    return rows;
  }

  private long linesWithFigures(List<LineCells> band) {
    return band.stream()
        .filter(
            l ->
                l.parts().stream()
                    .anyMatch(
                        p -> figures[LineCells.home(p, columns)] && Figures.isFigure(p.text())))
        .count();
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
        if (count(filled) >= count(above) || isRuledOff(i)) {
          return false;
        }
        joined++;
      }
      row.add(line);
    }
    return joined > 0;
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
    double above = lines.get(line - 1).line().line().baseline();
    double below = lines.get(line).line().line().baseline();
    return !rulings.between(above, below).isEmpty();
  }
}
