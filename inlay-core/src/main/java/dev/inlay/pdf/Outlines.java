package dev.inlay.pdf;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;

/**
 * The closed outlines of a path, which leave holes where they lie in each other: borders of boxes
 * are often painted as two rectangles, the inner one a hole in the outer. Each outline counts as
 * the box around it.
 */
final class Outlines {

  /** An outline inside another may reach over its edge by this many points. */
  private static final double ON_EDGE = 0.02;

  /** Each is compared with each: a path of more is a drawing, and its holes are let be. */
  private static final int MOST_OUTLINES = 2_000;

  private record Outline(Box box, boolean clockwise) {

    boolean holds(Outline other) {
      return other != this
          && other.box.width() * other.box.height() < box.width() * box.height()
          && other.box.left() >= box.left() - ON_EDGE
          && other.box.right() <= box.right() + ON_EDGE
          && other.box.top() >= box.top() - ON_EDGE
          && other.box.bottom() <= box.bottom() + ON_EDGE;
    }
  }

  private final List<List<Point2D.Double>> points = new ArrayList<>();

  void begin(Point2D.Double p) {
    List<Point2D.Double> outline = new ArrayList<>();
    outline.add(p);
    points.add(outline);
  }

  void add(Point2D.Double p) {
    points.get(points.size() - 1).add(p);
  }

  void clear() {
    points.clear();
  }

  /**
   * The strips that are painted around and between holes.
   *
   * @param evenOdd the rule that tells holes: an outline inside an odd number of others is one;
   *     else one that runs the other way round than the one it lies in
   * @return empty where there is no hole
   */
  List<Box> strips(boolean evenOdd) {
    List<List<Point2D.Double>> areas = points.stream().filter(p -> p.size() > 2).toList();
    if (areas.size() < 2 || areas.size() > MOST_OUTLINES) {
      return List.of();
    }
    List<Outline> outlines = areas.stream().map(Outlines::outline).toList();
    List<Box> strips = new ArrayList<>();
    for (Outline outer : outlines) {
      List<Outline> holes =
          outlines.stream()
              .filter(o -> outer.holds(o) && isHole(o, outer, outlines, evenOdd))
              .toList();
      if (!holes.isEmpty()) {
        addStrips(outer.box, holes.stream().map(Outline::box).toList(), strips);
      }
    }
    return strips;
  }

  private static boolean isHole(Outline inner, Outline outer, List<Outline> all, boolean evenOdd) {
    List<Outline> around =
        all.stream()
            .filter(o -> o.holds(inner))
            .sorted(Comparator.comparingDouble(o -> o.box.width() * o.box.height()))
            .toList();
    boolean next = around.get(0) == outer;
    return next && around.size() % 2 == 1 && (evenOdd || inner.clockwise != outer.clockwise);
  }

  private static void addStrips(Box outer, List<Box> holes, List<Box> strips) {
    for (Interval x : between(outer.horizontal(), holes, Box::horizontal)) {
      strips.add(new Box(x.from(), outer.top(), x.to(), outer.bottom()));
    }
    for (Interval y : between(outer.vertical(), holes, Box::vertical)) {
      strips.add(new Box(outer.left(), y.from(), outer.right(), y.to()));
    }
  }

  /** What of a stretch no hole covers. */
  private static List<Interval> between(
      Interval all, List<Box> holes, Function<Box, Interval> side) {
    List<Interval> sorted =
        holes.stream().map(side).sorted(Comparator.comparingDouble(Interval::from)).toList();
    List<Interval> free = new ArrayList<>();
    double from = all.from();
    for (Interval hole : sorted) {
      if (hole.from() > from) {
        free.add(new Interval(from, hole.from()));
      }
      from = Math.max(from, hole.to());
    }
    if (all.to() > from) {
      free.add(new Interval(from, all.to()));
    }
    return free;
  }

  private static Outline outline(List<Point2D.Double> points) {
    double area = 0;
    Box box = null;
    for (int i = 0; i < points.size(); i++) {
      Point2D.Double a = points.get(i);
      Point2D.Double b = points.get((i + 1) % points.size());
      area += a.x * b.y - b.x * a.y;
      Box at = new Box(a.x, a.y, a.x, a.y);
      box = box == null ? at : box.union(at);
    }
    return new Outline(box, area > 0);
  }
}
