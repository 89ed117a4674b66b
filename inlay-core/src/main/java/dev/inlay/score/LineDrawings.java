package dev.inlay.score;

import dev.inlay.find.PieceLine;
import dev.inlay.find.Ruling;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Fill;
import java.util.ArrayList;
import java.util.List;

/** The rulings and shades around a line. */
final class LineDrawings {

  /** A ruling over this share of the width is one of the whole table. */
  private static final double FULL = 0.8;

  /** Broken at the gutters, rulings at one height cover this share. */
  private static final double BROKEN = 0.6;

  /** Ends this near are the same, in type sizes. */
  private static final double SAME_END = 0.5;

  /** Rows are at most this many type sizes high. */
  private static final double HIGHEST_ROW = 14;

  /** A ruling belongs to a line that is at most this far away, in type sizes. */
  private static final double NEAR = 1.8;

  /** What is drawn between two lines, or above the first, or below the last. */
  private record Gap(boolean full, boolean part, boolean shadeEdge) {}

  private final Zone zone;
  private final List<Gap> gaps = new ArrayList<>();
  private final int[] ground;

  LineDrawings(Zone zone) {
    this.zone = zone;
    List<PieceLine> lines = zone.lines();
    for (int i = 0; i <= lines.size(); i++) {
      gaps.add(gap(i == 0 ? null : lines.get(i - 1), i == lines.size() ? null : lines.get(i)));
    }
    ground = new int[lines.size()];
    for (int i = 0; i < ground.length; i++) {
      ground[i] = groundOf(lines.get(i).box());
    }
  }

  private Gap gap(PieceLine above, PieceLine below) {
    double size = (above == null ? below : above).line().size();
    double from = above == null ? below.box().top() - NEAR * size : above.box().centreY();
    double to = below == null ? above.box().bottom() + NEAR * size : below.box().centreY();
    Interval extent = (above == null ? below : above).box().horizontal();
    extent = below == null ? extent : extent.union(below.box().horizontal());
    double drawn = 0;
    boolean full = false;
    boolean shade = false;
    double at = Double.NaN;
    double most = 0;
    for (Ruling ruling : zone.horizontals()) {
      double overlap = ruling.extent().overlap(extent);
      if (ruling.at() <= from || ruling.at() >= to || overlap <= 0) {
        continue;
      }
      if (!ruling.isDrawn()) {
        shade |= overlap >= FULL * extent.length();
        continue;
      }
      full |= overlap >= FULL * extent.length();
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

  void addTo(Signs signs, int i) {
    boolean last = i + 1 == ground.length;
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
    Ruling above = null;
    Ruling below = null;
    int moreAbove = 0;
    int moreBelow = 0;
    for (Ruling ruling : zone.horizontals()) {
      if (!ruling.isDrawn() || ruling.extent().overlap(box.horizontal()) < box.width() / 2) {
        continue;
      }
      if (ruling.at() < box.centreY()) {
        moreAbove = above != null && sameEnds(above, ruling, size) ? moreAbove + 1 : 0;
        above = ruling;
      } else if (below == null) {
        below = ruling;
      } else if (sameEnds(below, ruling, size)) {
        moreBelow++;
      }
    }
    boolean inside =
        above != null
            && below != null
            && sameEnds(above, below, size)
            && below.at() - above.at() < HIGHEST_ROW * 2 * size;
    signs.add("between rulings of one width", inside);
    boolean row = inside && below.at() - above.at() < 2.2 * size;
    signs.add("alone between two rulings", row);
    boolean nearAbove = above != null && box.top() - above.at() < NEAR * size;
    signs.add("below the first ruling", nearAbove && moreAbove == 0);
    signs.add("below the second ruling", nearAbove && moreAbove == 1);
    signs.add("below the last ruling", above != null && below == null && nearAbove);
    signs.add("more rulings below", Math.min(1, moreBelow / 6.0));
  }

  private static boolean sameEnds(Ruling a, Ruling b, double size) {
    return Math.abs(a.extent().from() - b.extent().from()) < SAME_END * size
        && Math.abs(a.extent().to() - b.extent().to()) < SAME_END * size;
  }

  private boolean isBetweenVerticals(int i) {
    return verticalsAt(zone.lines().get(i).box().centreY(), zone.lines().get(i)) > 0;
  }

  private int verticalsAt(double y, PieceLine line) {
    double reach = 2 * line.line().size();
    int count = 0;
    for (Ruling ruling : zone.verticals()) {
      boolean beside =
          ruling.at() > line.box().left() - reach && ruling.at() < line.box().right() + reach;
      count += beside && ruling.extent().from() < y && ruling.extent().to() > y ? 1 : 0;
    }
    return count;
  }

  /** Whether a vertical ruling runs from one line to the next. */
  boolean isHeldByVerticals(int i) {
    PieceLine above = zone.lines().get(i - 1);
    PieceLine below = zone.lines().get(i);
    for (Ruling ruling : zone.verticals()) {
      double reach = 2 * below.line().size();
      boolean beside =
          ruling.at() > below.box().left() - reach && ruling.at() < below.box().right() + reach;
      if (beside
          && ruling.isDrawn()
          && ruling.extent().from() < above.box().centreY()
          && ruling.extent().to() > below.box().centreY()) {
        return true;
      }
    }
    return false;
  }
}
