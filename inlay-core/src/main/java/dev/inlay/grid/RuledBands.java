package dev.inlay.grid;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.grid.LineCells.Part;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;

/** Tells rows by the rulings between them, where each band of lines between two is one row. */
final class RuledBands {

  /** Fewer bands between rulings do not show that each is a row. */
  private static final int LEAST_BANDS = 4;

  /** Middles of cells centred in one row differ by at most this many type sizes. */
  private static final double CENTRED = 0.25;

  /** A band of so many lines is several rows where most of its lines begin at the left. */
  private static final int LONG_BAND = 4;

  private static final double BEGUN_SHARE = 0.8;

  /** Of the bands of several lines at most this share may hold figures one below the other. */
  private static final double LISTED_SHARE = 0.1;

  private final List<LineCells> lines;
  private final List<Interval> columns;
  private final boolean[] figures;
  private final RulingPlaces rulings;

  /**
   * Prepares the bands.
   *
   * @param lines below the header
   * @param columns from left to right, in points
   * @param figures which columns hold figures
   * @param rulings between the lines
   */
  RuledBands(
      List<LineCells> lines, List<Interval> columns, boolean[] figures, RulingPlaces rulings) {
    this.lines = lines;
    this.columns = columns;
    this.figures = figures;
    this.rulings = rulings;
  }

  /**
   * The lines between rulings, where each such band is one row: hardly any holds figures on several
   * lines, as bands of several rows would. Empty where rulings do not tell rows.
   */
  List<List<LineCells>> rows() {
    List<List<LineCells>> bands = new ArrayList<>();
    int several = 0;
    int listed = 0;
    for (int i = 0; i < lines.size(); i++) {
      if (i == 0 || rulings.part(lines.get(i - 1), lines.get(i))) {
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
                        && !Character.isLowerCase(l.parts().get(0).text().codePointAt(0)));
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
}
