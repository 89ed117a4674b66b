package dev.inlay.find;

import dev.inlay.geom.Box;
import java.util.List;

/**
 * Finds the headings above a block whose first line stands under rulings of spanners: rulings over
 * part of its columns, each below texts of the line above, as in a head of two levels that no
 * ruling closes at its top.
 */
final class SpannersAbove {

  /** The rulings stand at most this far from the lines above and below them, in type sizes. */
  private static final double NEAR = 1.2;

  /** A ruling over more of the block's width parts it from what stands above. */
  private static final double PART = 0.8;

  /** So many lines may stand between both levels: headings beside them that take several lines. */
  private static final int MOST_BETWEEN = 2;

  private final List<PieceLine> lines;
  private final Box block;
  private final double snap;
  private final List<Ruling> spanning;

  private SpannersAbove(
      List<PieceLine> lines, int start, Box block, List<Ruling> rulings, double snap) {
    this.lines = lines;
    this.block = block;
    this.snap = snap;
    Box first = lines.get(start).box();
    double reach = NEAR * lines.get(start).line().size();
    spanning =
        rulings.stream()
            .filter(r -> r.at() < first.centreY() && r.at() > first.top() - reach)
            .filter(r -> r.extent().overlap(block.horizontal()) > 0)
            .toList();
  }

  /**
   * The index of the first line of a block with the headings above it.
   *
   * @param lines of the page or its column, from top to bottom
   * @param start the index of the block's first line so far
   * @param block the box around the block so far, in points
   * @param rulings horizontal ones
   * @param snap lengths that differ by less are equal, in points
   */
  static int first(List<PieceLine> lines, int start, Box block, List<Ruling> rulings, double snap) {
    return new SpannersAbove(lines, start, block, rulings, snap).first(start);
  }

  private int first(int start) {
    double width = block.width();
    if (spanning.isEmpty() || spanning.stream().anyMatch(r -> r.extent().length() > PART * width)) {
      return start;
    }
    for (int i = start - 1; i >= 0 && i >= start - 1 - MOST_BETWEEN; i--) {
      PieceLine line = lines.get(i);
      boolean above = spanning.stream().allMatch(r -> line.line().baseline() < r.at());
      if (above) {
        return isOverAll(line) ? i : start;
      }
      if (spanning.stream().anyMatch(r -> r.extent().overlap(line.box().horizontal()) > 0)) {
        return start;
      }
    }
    return start;
  }

  /** Whether texts of a line stand over each ruling, and none reaches beyond its end. */
  private boolean isOverAll(PieceLine line) {
    return spanning.stream().allMatch(r -> isOver(line, r))
        && line.box().horizontal().touches(block.horizontal(), 0);
  }

  private boolean isOver(PieceLine line, Ruling ruling) {
    double gap = ruling.at() - line.line().baseline();
    List<Box> texts =
        line.pieces().stream()
            .map(Piece::box)
            .filter(b -> b.horizontal().overlap(ruling.extent()) > 0)
            .toList();
    return gap < NEAR * line.line().size()
        && !texts.isEmpty()
        && texts.stream()
            .allMatch(
                b ->
                    b.left() > ruling.extent().from() - snap
                        && b.right() < ruling.extent().to() + snap);
  }
}
