package dev.inlay.score;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Fill;
import java.util.ArrayList;
import java.util.List;

/** The rulings and shades around a line. */
final class LineDrawings {

  /** A ruling over this share of the width is one of the whole table. */
  private static final double FULL_WIDTH_SHARE = 0.8;

  /** Broken at the gutters, rulings at one height cover this share. */
  private static final double BROKEN = 0.6;

  /** Ends this near are the same, in type sizes. */
  private static final double SAME_END = 0.5;

  /** Rows are at most this many type sizes high. */
  private static final double HIGHEST_ROW = 14;

  /** A ruling belongs to a line that is at most this far away, in type sizes. */
  private static final double MOST_RULING_DISTANCE = 1.8;

  /** Of further rulings below a line at most this many are counted. */
  private static final int MOST_BELOW = 6;

  /** What is drawn between two lines, or above the first, or below the last. */
  private record Gap(boolean full, boolean part, boolean shadeEdge) {}

  private final Zone zone;
  private final List<Gap> gaps = new ArrayList<>();
  private final int[] ground;

  LineDrawings(Zone zone) {
    this.zone = zone;
    List<ChunkLine> lines = zone.lines();
    for (int i = 0; i <= lines.size(); i++) {
      gaps.add(gap(i == 0 ? null : lines.get(i - 1), i == lines.size() ? null : lines.get(i)));
    }
    ground = new int[lines.size()];
    for (int i = 0; i < ground.length; i++) {
      ground[i] = groundOf(lines.get(i).box());
    }
  }

  private Gap gap(ChunkLine above, ChunkLine below) {
    double size = (above == null ? below : above).line().size();
    double from =
        above == null ? below.box().top() - MOST_RULING_DISTANCE * size : above.box().centreY();
    double to =
        below == null ? above.box().bottom() + MOST_RULING_DISTANCE * size : below.box().centreY();
    Interval extent = (above == null ? below : above).box().horizontal();
    extent = below == null ? extent : extent.union(below.box().horizontal());
    double drawn = 0;
    boolean full = false;
    boolean shade = false;
    double at = Double.NaN;
    double most = 0;
    List<Ruling> rulings = zone.horizontals();
    for (int k = firstBelow(from); k < rulings.size() && rulings.get(k).at() < to; k++) {
      Ruling ruling = rulings.get(k);
      double overlap = ruling.extent().overlap(extent);
      if (ruling.at() <= from || overlap <= 0) {
        continue;
      }
      if (!ruling.isDrawn()) {
        shade |= overlap >= FULL_WIDTH_SHARE * extent.length();
        continue;
      }
      full |= overlap >= FULL_WIDTH_SHARE * extent.length();
      drawn = Math.abs(ruling.at() - at) < 1 ? drawn + overlap : overlap;
      at = ruling.at();
      most = Math.max(most, drawn);
    }
    boolean broken = most >= BROKEN * extent.length();
    return new Gap(full || broken, most > 0 && !full && !broken, shade);
  }

  private int groundOf(Box box) {
    int colour = Fill.WHITE;
    for (Fill fill : zone.fills()) {
      Box area = fill.box();
      boolean behind =
          area.contains(box.left() + 1, box.centreY()) && area.height() < zone.pageHeight() / 2;
      colour = behind ? fill.colour() : colour;
    }
    return colour;
  }

  boolean isFullyRuledAbove(int i) {
    return gaps.get(i).full();
  }

  boolean isPartlyRuledAbove(int i) {
    return gaps.get(i).part();
  }

  boolean isShadeEdgeAbove(int i) {
    return gaps.get(i).shadeEdge();
  }

  boolean groundChangesAbove(int i) {
    return i > 0 && ground[i] != ground[i - 1];
  }

  boolean haveOneGround(int i, int other) {
    return ground[i] == ground[other];
  }

  void addTo(Signs signs, int i) {
    boolean last = i + 1 == ground.length;
    signs.about(Aspect.DRAWINGS);
    signs.add("ruled above", gaps.get(i).full());
    signs.add("ruled below", gaps.get(i + 1).full());
    signs.add("partly ruled above", gaps.get(i).part());
    signs.add("partly ruled below", gaps.get(i + 1).part());
    signs.add("ruled on both sides", gaps.get(i).full() && gaps.get(i + 1).full());
    signs.add("shaded", ground[i] != Fill.WHITE);
    boolean above = i > 0 && ground[i - 1] == ground[i];
    boolean below = !last && ground[i + 1] == ground[i];
    signs.add("shaded otherwise than below", ground[i] != Fill.WHITE && !below);
    signs.add("shaded otherwise than above", ground[i] != Fill.WHITE && !above);
    signs.add("first line shaded", ground[i] != Fill.WHITE && !isShadedAbove(i));
    addStack(signs, i);
    signs.add("between vertical rulings", isBetweenVerticals(i));
  }

  /** Whether one of the lines above is shaded in the same colour. */
  private boolean isShadedAbove(int i) {
    for (int k = Math.max(0, i - 12); k < i; k++) {
      if (ground[k] == ground[i]) {
        return true;
      }
    }
    return false;
  }

  /** Where the line stands among rulings with the same ends. */
  private void addStack(Signs signs, int i) {
    Box box = zone.lines().get(i).box();
    double size = zone.lines().get(i).line().size();
    List<Ruling> over = stack(box, size, firstBelow(box.centreY()) - 1, -1, 3);
    List<Ruling> under = stack(box, size, firstBelow(box.centreY()), 1, MOST_BELOW + 1);
    boolean any = !over.isEmpty() && !under.isEmpty();
    double height = any ? under.get(0).at() - over.get(0).at() : 0;
    boolean inside =
        any && sameEnds(over.get(0), under.get(0), size) && height < HIGHEST_ROW * 2 * size;
    signs.add("between rulings of one width", inside);
    signs.add("alone between two rulings", inside && height < 2.2 * size);
    boolean nearAbove =
        !over.isEmpty() && box.top() - over.get(0).at() < MOST_RULING_DISTANCE * size;
    signs.add("below the first ruling", nearAbove && over.size() == 1);
    signs.add("below the second ruling", nearAbove && over.size() == 2);
    signs.add("below the last ruling", under.isEmpty() && nearAbove);
    signs.add("more rulings below", Math.max(0, under.size() - 1) / (double) MOST_BELOW);
  }

  /**
   * The drawn rulings over or under most of a box, from the nearest on: above it those that follow
   * each other with the same ends, below it all with the ends of the nearest.
   */
  private List<Ruling> stack(Box box, double size, int from, int direction, int most) {
    List<Ruling> stack = new ArrayList<>();
    List<Ruling> rulings = zone.horizontals();
    for (int k = from; k >= 0 && k < rulings.size() && stack.size() < most; k += direction) {
      Ruling ruling = rulings.get(k);
      if (!ruling.isDrawn() || ruling.extent().overlap(box.horizontal()) < box.width() / 2) {
        continue;
      }
      Ruling last = stack.isEmpty() ? ruling : stack.get(direction < 0 ? stack.size() - 1 : 0);
      if (sameEnds(last, ruling, size)) {
        stack.add(ruling);
      } else if (direction < 0) {
        break;
      }
    }
    return stack;
  }

  /** The number of the first horizontal ruling at a height or below it. */
  private int firstBelow(double y) {
    List<Ruling> rulings = zone.horizontals();
    int from = 0;
    int to = rulings.size();
    while (from < to) {
      int middle = (from + to) / 2;
      if (rulings.get(middle).at() < y) {
        from = middle + 1;
      } else {
        to = middle;
      }
    }
    return from;
  }

  private static boolean sameEnds(Ruling a, Ruling b, double size) {
    return Math.abs(a.extent().from() - b.extent().from()) < SAME_END * size
        && Math.abs(a.extent().to() - b.extent().to()) < SAME_END * size;
  }

  private boolean isBetweenVerticals(int i) {
    ChunkLine line = zone.lines().get(i);
    double y = line.box().centreY();
    return zone.verticals().stream().anyMatch(r -> isBeside(r, line) && runs(r, y, y));
  }

  /** Whether a vertical ruling runs from one line to the next. */
  boolean isHeldByVerticals(int i) {
    ChunkLine below = zone.lines().get(i);
    double from = zone.lines().get(i - 1).box().centreY();
    double to = below.box().centreY();
    return zone.verticals().stream()
        .anyMatch(r -> r.isDrawn() && isBeside(r, below) && runs(r, from, to));
  }

  private static boolean isBeside(Ruling vertical, ChunkLine line) {
    double reach = 2 * line.line().size();
    return vertical.at() > line.box().left() - reach && vertical.at() < line.box().right() + reach;
  }

  private static boolean runs(Ruling vertical, double from, double to) {
    return vertical.extent().from() < from && vertical.extent().to() > to;
  }
}
