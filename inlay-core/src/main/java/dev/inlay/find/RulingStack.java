package dev.inlay.find;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.List;

/**
 * Horizontal rulings of one width, one below the other: the edges of the rows of one table.
 *
 * @param extent from where to where they run, in points
 * @param top y of the first, in points
 * @param bottom y of the last, in points
 * @param count how many there are
 */
record RulingStack(Interval extent, double top, double bottom, int count) {

  /** Fewer rulings of one width may be those above and below two tables. */
  private static final int LEAST = 5;

  /** Rows are at most this many type sizes high. */
  private static final double HIGHEST_ROW = 14;

  /** The stacks among rulings that are sorted from top to bottom. */
  static List<RulingStack> of(List<Ruling> rulings, PageMeasure measure) {
    List<RulingStack> open = new ArrayList<>();
    for (Ruling ruling : rulings) {
      RulingStack longer = null;
      for (RulingStack stack : open) {
        boolean near = ruling.at() - stack.bottom <= HIGHEST_ROW * measure.typeSize();
        if (near && stack.isAsWideAs(ruling, measure.snap())) {
          longer = stack;
        }
      }
      if (longer == null) {
        open.add(new RulingStack(ruling.extent(), ruling.at(), ruling.at(), 1));
      } else {
        open.remove(longer);
        open.add(new RulingStack(longer.extent, longer.top, ruling.at(), longer.count + 1));
      }
    }
    return open.stream().filter(s -> s.count >= LEAST).toList();
  }

  private boolean isAsWideAs(Ruling ruling, double snap) {
    return Math.abs(ruling.extent().from() - extent.from()) <= snap
        && Math.abs(ruling.extent().to() - extent.to()) <= snap;
  }

  /** Whether a box lies between the first and the last ruling. */
  boolean holds(Box box) {
    return box.centreY() > top
        && box.centreY() < bottom
        && box.horizontal().overlap(extent) > 0.9 * box.width();
  }
}
