package dev.inlay.pdf;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Fill;
import dev.inlay.page.Stroke;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The path under construction, and what of the painted ones can bound a cell: straight lines along
 * the axes and boxes. Points are in page space.
 */
final class PathRecorder {

  /** A line leaning by less than this share of its length is drawn along an axis. */
  private static final double LEAN = 0.005;

  /** Corners this near, in points, are one: files round to hundredths of a point. */
  private static final double SAME_POINT = 0.02;

  private final List<Stroke> strokes = new ArrayList<>();
  private final List<Fill> fills = new ArrayList<>();

  /** From this level of each colour on, ink is not seen on paper. */
  private static final int NEARLY_WHITE = 0xFA;

  /** All that was painted, boxes and other shapes, each as the box around it. */
  private final List<Fill> grounds = new ArrayList<>();

  private final Set<Integer> groundColours = new HashSet<>();

  /** Runs of straight lines; a curve ends one. */
  private final List<List<Point2D.Double>> runs = new ArrayList<>();

  private List<Point2D.Double> run = new ArrayList<>();
  private final Outlines outlines = new Outlines();
  private boolean curved;

  void moveTo(Point2D.Double p) {
    beginRun(p);
    outlines.begin(p);
  }

  private void beginRun(Point2D.Double p) {
    run = new ArrayList<>();
    runs.add(run);
    run.add(p);
  }

  void lineTo(Point2D.Double p) {
    run.add(p);
    outlines.add(p);
  }

  void curveTo(Point2D.Double p) {
    curved = true;
    beginRun(p);
    outlines.add(p);
  }

  void closePath() {
    if (!run.isEmpty()) {
      Point2D.Double start = run.get(0);
      run.add(start);
      moveTo(start);
    }
  }

  void rectangle(Point2D.Double a, Point2D.Double b, Point2D.Double c, Point2D.Double d) {
    moveTo(a);
    lineTo(b);
    lineTo(c);
    lineTo(d);
    closePath();
  }

  void clear() {
    runs.clear();
    run = new ArrayList<>();
    runs.add(run);
    outlines.clear();
    curved = false;
  }

  /** The box around the path, if it has points. */
  Optional<Box> bounds() {
    return runs.stream()
        .flatMap(List::stream)
        .map(p -> new Box(p.x, p.y, p.x, p.y))
        .reduce(Box::union);
  }

  /** Records the path's lines along the axes as drawn by a pen. */
  void stroke(double thickness, Box clip) {
    for (List<Point2D.Double> points : runs) {
      for (int i = 1; i < points.size(); i++) {
        strokeLine(points.get(i - 1), points.get(i), thickness, clip);
      }
    }
  }

  private void strokeLine(Point2D.Double a, Point2D.Double b, double thickness, Box clip) {
    Box box = Box.ofCorners(a.x, a.y, b.x, b.y);
    double length = Math.max(box.width(), box.height());
    if (length <= thickness || Math.min(box.width(), box.height()) > LEAN * length) {
      return;
    }
    if (!box.meets(clip)) {
      return;
    }
    Box seen = box.intersection(clip);
    boolean horizontal = box.width() >= box.height();
    double at = horizontal ? seen.centreY() : seen.centreX();
    Interval extent = horizontal ? seen.horizontal() : seen.vertical();
    strokes.add(new Stroke(horizontal, at, extent, thickness));
  }

  /**
   * Records the path's boxes as painted; a shape with curves counts as the box around it, one with
   * holes as the strips around these.
   *
   * @param evenOdd the rule that tells holes
   */
  void fill(int colour, Box clip, boolean evenOdd) {
    List<Box> strips = outlines.strips(evenOdd);
    if (!strips.isEmpty()) {
      for (Box strip : strips) {
        if (strip.meets(clip)) {
          ground(colour, strip.intersection(clip));
          addFill(strip, colour, clip);
        }
      }
      return;
    }
    bounds().filter(clip::meets).ifPresent(box -> ground(colour, box.intersection(clip)));
    if (curved) {
      bounds().ifPresent(box -> addFill(box, colour, clip));
      return;
    }
    for (List<Point2D.Double> points : runs) {
      asBox(points).ifPresent(box -> addFill(box, colour, clip));
    }
  }

  /** Records that a stretch of the page was painted, in whatever shape. */
  void ground(int colour, Box box) {
    grounds.add(new Fill(box, colour));
    groundColours.add(colour);
  }

  /** Whether ink of a colour may lie on ground of the same colour: a quick first question. */
  boolean mayHide(int ink) {
    return isWhite(ink) || groundColours.contains(ink);
  }

  /** Whether ink of a colour at a place cannot be known from what was painted there last. */
  boolean hides(int ink, double x, double y) {
    for (int i = grounds.size() - 1; i >= 0; i--) {
      if (grounds.get(i).box().contains(x, y)) {
        int ground = grounds.get(i).colour();
        return ground == ink || isWhite(ground) && isWhite(ink);
      }
    }
    return isWhite(ink);
  }

  private static boolean isWhite(int colour) {
    return (colour >> 16 & 0xFF) >= NEARLY_WHITE
        && (colour >> 8 & 0xFF) >= NEARLY_WHITE
        && (colour & 0xFF) >= NEARLY_WHITE;
  }

  private void addFill(Box box, int colour, Box clip) {
    if (box.meets(clip)) {
      fills.add(new Fill(box.intersection(clip), colour));
    }
  }

  /** The box that a run of lines goes round, if it is one. */
  private static Optional<Box> asBox(List<Point2D.Double> points) {
    if (points.size() < 3) {
      return Optional.empty();
    }
    double left = points.stream().mapToDouble(p -> p.x).min().orElseThrow();
    double right = points.stream().mapToDouble(p -> p.x).max().orElseThrow();
    double top = points.stream().mapToDouble(p -> p.y).min().orElseThrow();
    double bottom = points.stream().mapToDouble(p -> p.y).max().orElseThrow();
    int corners = 0;
    for (Point2D.Double p : points) {
      boolean onLeft = p.x - left <= SAME_POINT;
      boolean onRight = right - p.x <= SAME_POINT;
      boolean onTop = p.y - top <= SAME_POINT;
      boolean onBottom = bottom - p.y <= SAME_POINT;
      if (!(onLeft || onRight) || !(onTop || onBottom)) {
        return Optional.empty();
      }
      corners |= (onLeft && onTop ? 1 : 0) | (onRight && onTop ? 2 : 0);
      corners |= (onLeft && onBottom ? 4 : 0) | (onRight && onBottom ? 8 : 0);
    }
    return corners == 15 ? Optional.of(new Box(left, top, right, bottom)) : Optional.empty();
  }

  List<Stroke> strokes() {
    return strokes;
  }

  List<Fill> fills() {
    return fills;
  }
}
