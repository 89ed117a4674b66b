package dev.inlay.evidence;

import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;

/**
 * Horizontal rulings below each other that reach from one place to another, as those between the
 * rows of a table do, with the shorter ones between them.
 *
 * @param extent from where to where the long ones reach, in points
 * @param rulings from top to bottom; the first and the last are long ones
 */
public record RulingStack(Interval extent, List<Ruling> rulings) {

  /** Rulings of one table end within this many type sizes of each other. */
  private static final double SAME_PLACE = 0.6;

  /** Two long rulings are the edges of one band; more show rows. */
  private static final int LEAST_LONG = 3;

  /** A vertical ruling parts columns that runs along this share of the height. */
  private static final double PARTING_SHARE = 0.6;

  /** Keeps a copy that cannot change. */
  public RulingStack {
    rulings = List.copyOf(rulings);
  }

  /**
   * The stacks of a page, the widest first; a ruling stands in one of them at most. The edges of
   * shades count where they reach as far as drawn rulings do.
   *
   * @param rulings of the page
   */
  public static List<RulingStack> of(List<Ruling> rulings, PageMeasure measure) {
    double near = SAME_PLACE * measure.typeSize();
    List<Ruling> byLength =
        rulings.stream()
            .filter(Ruling::horizontal)
            .sorted(Comparator.comparingDouble((Ruling r) -> r.extent().length()).reversed())
            .toList();
    boolean[] taken = new boolean[byLength.size()];
    List<RulingStack> stacks = new ArrayList<>();
    for (int first = 0; first < taken.length; first++) {
      if (taken[first]) {
        continue;
      }
      Interval extent = byLength.get(first).extent();
      int end = first; // rulings of one extent are nearly as long
      while (end < taken.length
          && extent.length() - byLength.get(end).extent().length() < 2 * near) {
        end++;
      }
      List<Ruling> all = take(byLength, taken, first, end, r -> isLike(r, extent, near));
      if (all.size() >= LEAST_LONG && all.stream().anyMatch(Ruling::isDrawn)) {
        double top = all.stream().mapToDouble(Ruling::at).min().orElseThrow();
        double bottom = all.stream().mapToDouble(Ruling::at).max().orElseThrow();
        all.addAll(
            take(
                byLength,
                taken,
                first,
                taken.length,
                r -> r.isDrawn() && r.at() > top && r.at() < bottom && isIn(r, extent, near)));
        all.sort(Comparator.comparingDouble(Ruling::at));
        stacks.add(new RulingStack(extent, all));
      }
    }
    return stacks;
  }

  /** Takes those of some rulings that are free and fit. */
  private static List<Ruling> take(
      List<Ruling> rulings, boolean[] taken, int from, int to, Predicate<Ruling> fits) {
    List<Ruling> found = new ArrayList<>();
    for (int i = from; i < to; i++) {
      if (!taken[i] && fits.test(rulings.get(i))) {
        taken[i] = true;
        found.add(rulings.get(i));
      }
    }
    return found;
  }

  private static boolean isLike(Ruling ruling, Interval extent, double near) {
    return Math.abs(ruling.extent().from() - extent.from()) < near
        && Math.abs(ruling.extent().to() - extent.to()) < near;
  }

  private static boolean isIn(Ruling ruling, Interval extent, double near) {
    return ruling.extent().from() > extent.from() - near
        && ruling.extent().to() < extent.to() + near;
  }

  /**
   * The heights of the rulings from top to bottom, of those closer together the first, in points.
   */
  public List<Double> places(double closest) {
    List<Double> places = new ArrayList<>();
    for (Ruling ruling : rulings) {
      if (places.isEmpty() || ruling.at() - places.get(places.size() - 1) > closest) {
        places.add(ruling.at());
      }
    }
    return places;
  }

  /**
   * Where vertical rulings run inside it, whole or in pieces, along most of a height.
   *
   * @param rulings of the page
   * @param height from where to where the rows reach
   * @return from left to right, in points
   */
  public List<Double> columnsIn(List<Ruling> rulings, Interval height, PageMeasure measure) {
    double near = SAME_PLACE * measure.typeSize();
    List<Double> places = new ArrayList<>();
    List<Ruling> verticals =
        rulings.stream()
            .filter(r -> !r.horizontal() && r.isDrawn() && r.extent().overlap(height) > 0)
            .filter(r -> r.at() > extent.from() + near && r.at() < extent.to() - near)
            .sorted(Comparator.comparingDouble(Ruling::at))
            .toList();
    for (int i = 0; i < verticals.size(); i++) {
      double at = verticals.get(i).at();
      double along = verticals.get(i).extent().overlap(height);
      while (i + 1 < verticals.size() && verticals.get(i + 1).at() - at < measure.snap()) {
        i++;
        along += verticals.get(i).extent().overlap(height);
      }
      if (along >= PARTING_SHARE * height.length()) {
        places.add(at);
      }
    }
    return places;
  }

  /**
   * A height with what vertical rulings that begin or end at it reach beyond it: an open row.
   *
   * @param rulings of the page
   * @param places of vertical rulings, in points
   */
  public static Interval reach(
      List<Ruling> rulings, List<Double> places, Interval height, PageMeasure measure) {
    double near = SAME_PLACE * measure.typeSize();
    Interval reach = height;
    for (Ruling ruling : rulings) {
      boolean here = places.stream().anyMatch(x -> Math.abs(x - ruling.at()) < measure.snap());
      if (!ruling.horizontal() && here && ruling.extent().touches(height, near)) {
        reach = reach.union(ruling.extent());
      }
    }
    return reach;
  }

  /**
   * How many rulings between two heights begin inside and end at the right edge: they part the rows
   * of one label.
   */
  public long partingRows(double from, double to, PageMeasure measure) {
    double near = SAME_PLACE * measure.typeSize();
    return rulings.stream()
        .filter(r -> r.at() > from && r.at() < to)
        .filter(r -> r.extent().from() > extent.from() + near)
        .filter(r -> r.extent().to() > extent.to() - near)
        .filter(r -> 2 * r.extent().length() > extent.length())
        .count();
  }
}
