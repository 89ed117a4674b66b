package dev.inlay.evidence;

import dev.inlay.evidence.Ruling.Kind;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Fill;
import dev.inlay.page.Page;
import dev.inlay.page.Stroke;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Finds the rulings of a page: strokes, thin filled boxes and pictures, and the edges of filled
 * boxes, with collinear pieces joined.
 */
public final class RulingFinder {

  /** A thin box is a line only where it is clearly longer than thick; else it is a dot. */
  private static final double LINE_SHAPE = 2;

  /** A shade edge is drawn where a ruling covers this share of it. */
  private static final double DRAWN_SHARE = 0.5;

  private final PageMeasure measure;

  private RulingFinder(PageMeasure measure) {
    this.measure = measure;
  }

  /**
   * Finds the rulings.
   *
   * @return horizontal ones from top to bottom, then vertical ones from left to right
   */
  public static List<Ruling> find(Page page, PageMeasure measure) {
    RulingFinder finder = new RulingFinder(measure);
    List<Ruling> pieces = new ArrayList<>();
    for (Stroke stroke : page.strokes()) {
      pieces.add(new Ruling(stroke.horizontal(), stroke.at(), stroke.extent()));
    }
    for (Fill fill : page.fills()) {
      finder.addFill(fill, pieces);
    }
    for (Box picture : page.pictures()) {
      finder.addThin(picture, pieces);
    }
    CharacterRules.addTo(page, pieces);
    List<Ruling> rulings = new ArrayList<>(finder.join(pieces, true));
    rulings.addAll(finder.join(pieces, false));
    return rulings;
  }

  private void addFill(Fill fill, List<Ruling> pieces) {
    Box box = fill.box();
    double thin = Math.min(box.width(), box.height());
    double thick = Math.max(box.width(), box.height());
    boolean seen = fill.colour() != Fill.WHITE;
    if (!seen || thick < LINE_SHAPE * thin && thick <= measure.lineThickness()) {
      return;
    }
    if (thin <= measure.lineThickness()) {
      addThin(box, pieces);
      return;
    }
    pieces.add(new Ruling(true, box.top(), box.horizontal(), Kind.SHADE_EDGE));
    pieces.add(new Ruling(true, box.bottom(), box.horizontal(), Kind.SHADE_EDGE));
    pieces.add(new Ruling(false, box.left(), box.vertical(), Kind.SHADE_EDGE));
    pieces.add(new Ruling(false, box.right(), box.vertical(), Kind.SHADE_EDGE));
  }

  /** Adds a box as a line along its middle, if it is thin; some programs draw lines as pictures. */
  private void addThin(Box box, List<Ruling> pieces) {
    boolean horizontal = box.width() >= box.height();
    if (Math.min(box.width(), box.height()) <= measure.lineThickness()) {
      pieces.add(
          new Ruling(
              horizontal,
              horizontal ? box.centreY() : box.centreX(),
              horizontal ? box.horizontal() : box.vertical()));
    }
  }

  /** The rulings of one direction, and the shade edges along which none is drawn. */
  private List<Ruling> join(List<Ruling> pieces, boolean horizontal) {
    List<Ruling> drawn = join(pieces, horizontal, Kind.DRAWN);
    List<Ruling> all = new ArrayList<>(drawn);
    for (Ruling edge : join(pieces, horizontal, Kind.SHADE_EDGE)) {
      if (drawn.stream().noneMatch(d -> isAlong(d, edge))) {
        all.add(edge);
      }
    }
    all.sort(Comparator.comparingDouble(Ruling::at));
    return all;
  }

  /** Whether a ruling is drawn over most of a shade edge. */
  private boolean isAlong(Ruling drawn, Ruling edge) {
    return Math.abs(drawn.at() - edge.at()) <= measure.lineThickness()
        && drawn.extent().overlap(edge.extent()) >= DRAWN_SHARE * edge.extent().length();
  }

  /** Joins pieces of one kind that lie in one line and touch, and leaves out short results. */
  private List<Ruling> join(List<Ruling> pieces, boolean horizontal, Kind kind) {
    List<Ruling> sorted = new ArrayList<>();
    for (Ruling piece : pieces) {
      if (piece.horizontal() == horizontal && piece.kind() == kind) {
        sorted.add(piece);
      }
    }
    sorted.sort(Comparator.comparingDouble(Ruling::at));
    List<Ruling> joined = new ArrayList<>();
    int start = 0;
    for (int i = 1; i <= sorted.size(); i++) {
      if (i == sorted.size() || sorted.get(i).at() - sorted.get(start).at() > measure.snap()) {
        joinInLine(sorted.subList(start, i), joined);
        start = i;
      }
    }
    return joined;
  }

  private void joinInLine(List<Ruling> line, List<Ruling> joined) {
    List<Ruling> pieces = new ArrayList<>(line);
    pieces.sort(Comparator.comparingDouble((Ruling r) -> r.extent().from()));
    double weight = 0;
    double weightedAt = 0;
    Interval extent = null;
    for (Ruling piece : pieces) {
      if (extent != null && !extent.touches(piece.extent(), measure.dashGap())) {
        addIfLong(piece, weightedAt / weight, extent, joined);
        extent = null;
        weight = 0;
        weightedAt = 0;
      }
      extent = extent == null ? piece.extent() : extent.union(piece.extent());
      // The longest pieces say best where the line runs.
      double share = Math.max(piece.extent().length(), Double.MIN_NORMAL);
      weight += share;
      weightedAt += share * piece.at();
    }
    if (extent != null) {
      addIfLong(pieces.get(0), weightedAt / weight, extent, joined);
    }
  }

  private void addIfLong(Ruling one, double at, Interval extent, List<Ruling> joined) {
    if (extent.length() >= measure.shortestRuling()) {
      joined.add(new Ruling(one.horizontal(), at, extent, one.kind()));
    }
  }
}
