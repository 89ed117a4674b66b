package dev.inlay.table;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.grid.Figures;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** Whether two parts of tables on following pages have the same headings, or the same columns. */
final class LikeParts {

  /**
   * Column boundaries this near on two pages are at the same place, as a share of the table's mean
   * column width.
   */
  private static final double SAME_PLACE = 0.1;

  /** Gutters are found on each page anew, and lie as wide as that page's texts leave them. */
  private static final double SAME_GUTTER = 0.4;

  /** On a later page this share of the headings may be worded otherwise. */
  private static final double REWORDED_SHARE = 0.25;

  private LikeParts() {}

  /**
   * Whether a part without header has columns like those before it, in order, place and content.
   */
  static boolean continuesColumns(PageTable before, PageTable part) {
    if (sameColumns(before, part)) {
      return true;
    }
    for (int c = 0; c < part.columns(); c++) {
      double old = figureShare(before, c);
      double now = figureShare(part, c);
      if (old >= 0 && now >= 0 && old > 0.5 != now > 0.5) {
        return false;
      }
    }
    if (!before.isRuled() && keepApart(before, part)) {
      return true;
    }
    List<Double> old = before.columnEdges();
    List<Double> now = part.columnEdges();
    double width = old.get(old.size() - 1) - old.get(0);
    int last = old.size() - 1;
    return !before.isRuled()
        && Math.abs(old.get(0) - now.get(0)) < SAME_PLACE * width
        && Math.abs(old.get(last) - now.get(last)) < SAME_PLACE * width;
  }

  /** Whether gutters remain when the texts of both parts stand below each other. */
  private static boolean keepApart(PageTable before, PageTable part) {
    double right = Double.NEGATIVE_INFINITY;
    for (int c = 0; c < part.columns(); c++) {
      int column = c;
      List<Box> texts =
          Stream.of(before, part)
              .flatMap(t -> t.body().stream())
              .flatMap(r -> r.cells().stream())
              .filter(cell -> cell.column() == column && cell.columnSpan() == 1)
              .map(TableCell::box)
              .toList();
      if (texts.stream().mapToDouble(Box::left).min().orElse(right) < right) {
        return false;
      }
      right = texts.stream().mapToDouble(Box::right).max().orElse(right);
    }
    return true;
  }

  /** Which share of a column's texts are figures; negative where it has none. */
  private static double figureShare(PageTable table, int column) {
    int figures = 0;
    int all = 0;
    for (TableRow row : table.body()) {
      for (TableCell cell : row.cells()) {
        if (cell.column() == column && cell.columnSpan() == 1 && !cell.text().isEmpty()) {
          all++;
          figures += Figures.isFigure(cell.text()) ? 1 : 0;
        }
      }
    }
    return all == 0 ? -1 : (double) figures / all;
  }

  /** Whether a part has a header, the one of the part before. */
  static boolean repeatsHeader(PageTable before, PageTable part) {
    return part.headerRows() > 0
        && sayTheSame(headerText(before), headerText(part))
        && (!before.isRuled() || sameColumns(before, part));
  }

  /** Whether the boundaries of both parts lie at the same places. */
  static boolean sameColumns(PageTable before, PageTable part) {
    List<Double> old = before.columnEdges();
    double width = new Interval(old.get(0), old.get(old.size() - 1)).length() / before.columns();
    for (int i = 0; i < old.size(); i++) {
      double near = before.isRuled() ? SAME_PLACE : SAME_GUTTER;
      if (Math.abs(old.get(i) - part.columnEdges().get(i)) > near * width) {
        return false;
      }
    }
    return true;
  }

  /** Whether nearly all headings are the same: one may be reworded, or shortened. */
  private static boolean sayTheSame(List<String> before, List<String> now) {
    if (before.size() != now.size()) {
      return false;
    }
    int same = 0;
    for (int i = 0; i < before.size(); i++) {
      same += before.get(i).equals(now.get(i)) ? 1 : 0;
    }
    return before.size() - same <= REWORDED_SHARE * before.size();
  }

  private static List<String> headerText(PageTable part) {
    return part.header().stream()
        .flatMap(r -> r.cells().stream())
        .filter(c -> !c.text().isEmpty())
        .map(c -> c.column() + " " + c.columnSpan() + " " + plain(c.text()))
        .toList();
  }

  /** A title or heading without what stands in brackets, points and case. */
  static String plain(String title) {
    String bare = title.toLowerCase(Locale.ROOT).replaceAll("\\([^)]*\\)", " ");
    return bare.replaceAll("[\\s.:,]+", " ").strip();
  }
}
