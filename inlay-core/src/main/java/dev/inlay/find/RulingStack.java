package dev.inlay.find;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

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

  /** A text belongs between the rulings where this share of it lies over them. */
  private static final double INSIDE = 0.9;

  /** Rows are at most this many type sizes high. */
  private static final double HIGHEST_ROW = 14;

  /** A row's text stands at most this many type sizes from the ruling that bounds it. */
  private static final double CLOSE = 1;

  /** The stacks among horizontal rulings that are sorted from top to bottom. */
  static List<RulingStack> of(List<Ruling> rulings, PageMeasure measure) {
    Map<Width, RulingStack> open = new HashMap<>();
    List<RulingStack> done = new ArrayList<>();
    Map<Width, Double> reached = new HashMap<>();
    for (Ruling ruling : rulings) {
      // Rulings over some of the columns part rows as well: the next whole one may be further down.
      open.forEach(
          (width, stack) -> {
            if (stack.isAcross(ruling, measure.snap())) {
              reached.put(width, ruling.at());
            }
          });
      Width width = Width.of(ruling, measure.snap());
      Width known = width.neighbours().stream().filter(open::containsKey).findFirst().orElse(width);
      RulingStack stack = open.get(known);
      boolean near =
          stack != null
              && ruling.at() - reached.getOrDefault(known, stack.bottom)
                  <= HIGHEST_ROW * measure.typeSize();
      if (stack != null && !near) {
        done.add(stack);
      }
      open.put(
          known,
          near
              ? new RulingStack(stack.extent, stack.top, ruling.at(), stack.count + 1)
              : new RulingStack(ruling.extent(), ruling.at(), ruling.at(), 1));
    }
    done.addAll(open.values());
    return done.stream()
        .filter(s -> s.count >= LEAST)
        .sorted(Comparator.comparingDouble(RulingStack::top))
        .toList();
  }

  /** Whether a ruling lies below the last one and within its width. */
  private boolean isAcross(Ruling ruling, double snap) {
    return ruling.at() - bottom > 0
        && ruling.extent().from() >= extent.from() - snap
        && ruling.extent().to() <= extent.to() + snap
        && ruling.extent().length() < extent.length() - snap;
  }

  /** Both ends of a ruling, in steps of the snapping distance. */
  private record Width(long from, long to) {

    static Width of(Ruling ruling, double step) {
      return new Width(
          Math.round(ruling.extent().from() / step), Math.round(ruling.extent().to() / step));
    }

    /** This width and those that rounding may have made of it. */
    List<Width> neighbours() {
      List<Width> all = new ArrayList<>(List.of(this));
      for (long f = from - 1; f <= from + 1; f++) {
        for (long t = to - 1; t <= to + 1; t++) {
          all.add(new Width(f, t));
        }
      }
      return all;
    }
  }

  /** Whether the first ruling runs close below a box: it is the line under headings. */
  boolean isRightBelow(Box box, double typeSize) {
    return top > box.centreY() && top - box.bottom() < CLOSE * typeSize && isOver(box);
  }

  /** Whether the last ruling runs close above a box. */
  boolean isRightAbove(Box box, double typeSize) {
    return bottom < box.centreY() && box.top() - bottom < CLOSE * typeSize && isOver(box);
  }

  /** Whether a box stands at the height of the rulings and to one side of them. */
  boolean isBeside(Box box) {
    return box.centreY() < bottom && box.horizontal().overlap(extent) <= 0;
  }

  private boolean isOver(Box box) {
    return box.horizontal().overlap(extent) > INSIDE * box.width();
  }

  /** Whether a box lies between the first and the last ruling. */
  boolean holds(Box box) {
    return box.centreY() > top && box.centreY() < bottom && isOver(box);
  }
}
