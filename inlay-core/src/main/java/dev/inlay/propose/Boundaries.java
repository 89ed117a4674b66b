package dev.inlay.propose;

import dev.inlay.evidence.Frame;
import dev.inlay.evidence.PageMeasure;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/**
 * The boundaries of a frame in one direction: where they run, and along which stretches a ruling is
 * drawn.
 */
final class Boundaries {

  /** A boundary counts as drawn along a cell's edge where this share of the edge is drawn. */
  private static final double DRAWN_SHARE = 0.5;

  private final List<Double> places = new ArrayList<>();
  private final List<List<Interval>> drawn = new ArrayList<>();

  private Boundaries() {}

  /** The boundaries between columns. */
  static Boundaries betweenColumns(Frame frame, PageMeasure measure) {
    return of(frame.verticals(), frame.box().horizontal(), measure);
  }

  /** The boundaries between rows. */
  static Boundaries betweenRows(Frame frame, PageMeasure measure) {
    return of(frame.horizontals(), frame.box().vertical(), measure);
  }

  private static Boundaries of(List<Ruling> rulings, Interval reach, PageMeasure measure) {
    Boundaries boundaries = new Boundaries();
    // Where the crossing rulings reach out beyond the last boundary, the outer edge is not drawn.
    boolean openStart = rulings.get(0).at() - reach.from() > measure.shortestRuling();
    if (openStart) {
      boundaries.start(reach.from());
    }
    rulings.stream()
        .sorted(Comparator.comparingDouble(Ruling::at))
        .forEach(r -> boundaries.add(r, measure.snap()));
    if (reach.to() - boundaries.last() > measure.shortestRuling()) {
      boundaries.start(reach.to());
    }
    return boundaries;
  }

  /**
   * Makes one boundary of two that lie close together with nothing printed between them: both lines
   * of a double line, or the edges of cells that each have a box of their own.
   *
   * @param widest the widest gap that is none, in points
   * @param printed where characters stand, in rising order; asked for where there is such a gap
   */
  void closeGaps(double widest, Supplier<double[]> printed) {
    if (IntStream.range(1, places.size())
        .allMatch(i -> places.get(i) - places.get(i - 1) > widest)) {
      return; // most tables
    }
    double[] characters = printed.get();
    for (int i = places.size() - 1; i > 0; i--) {
      double from = places.get(i - 1);
      double to = places.get(i);
      if (to - from <= widest && !anyWithin(characters, from, to) && gaps() > 1) {
        places.set(i - 1, (from + to) / 2);
        places.remove(i);
        drawn.get(i - 1).addAll(drawn.remove(i));
      }
    }
  }

  private static boolean anyWithin(double[] sorted, double from, double to) {
    int at = Arrays.binarySearch(sorted, from);
    int first = at < 0 ? -at - 1 : at;
    return first < sorted.length && sorted[first] <= to;
  }

  private void add(Ruling ruling, double snap) {
    if (places.isEmpty() || ruling.at() - last() > snap) {
      start(ruling.at());
    }
    drawn.get(drawn.size() - 1).add(ruling.extent());
  }

  private void start(double place) {
    places.add(place);
    drawn.add(new ArrayList<>());
  }

  private double last() {
    return places.get(places.size() - 1);
  }

  /** Where the boundaries run, in rising order. */
  List<Double> places() {
    return places;
  }

  /** How many rows or columns lie between them. */
  int gaps() {
    return places.size() - 1;
  }

  /** Whether a ruling is drawn along the boundary over the given stretch. */
  boolean isDrawn(int boundary, Interval stretch) {
    double covered = 0;
    for (Interval piece : drawn.get(boundary)) {
      covered += Math.max(0, piece.overlap(stretch));
    }
    return covered >= DRAWN_SHARE * stretch.length();
  }

  /** Whether rulings are drawn along the first and the last boundary. */
  boolean outerEdgesDrawn() {
    return isOuterEdgeDrawn(0) && isOuterEdgeDrawn(gaps());
  }

  /** Whether any ruling is drawn along the first or the last boundary. */
  boolean isOuterEdgeDrawn(int boundary) {
    return !drawn.get(boundary).isEmpty();
  }

  /** The gap that holds a place, or -1 where it lies outside the first and last boundary. */
  int gapAt(double place) {
    int found = Collections.binarySearch(places, place);
    int gap = found >= 0 ? found : -found - 2;
    return gap < gaps() ? gap : gap == gaps() && place == last() ? gap - 1 : -1;
  }
}
