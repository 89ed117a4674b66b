package dev.inlay.evidence;

import dev.inlay.geom.Box;
import dev.inlay.geom.Groups;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Finds the frames of ruled tables: rulings that cross or meet, directly or through others, belong
 * to one frame.
 */
public final class FrameFinder {

  /** A frame has two edges each way; fewer rulings box nothing in, unless they cross. */
  private static final int LEAST_RULINGS = 2;

  private FrameFinder() {}

  /**
   * Finds the frames of a page.
   *
   * @param page the page's number, from 1
   * @param rulings those of the page, horizontal ones first, as {@link RulingFinder} gives them
   * @param measure of the page
   * @return from top to bottom, those that begin at the same height from left to right
   */
  public static List<Frame> find(int page, List<Ruling> rulings, PageMeasure measure) {
    Groups groups = new Groups(rulings.size());
    joinCrossing(rulings, measure.snap(), groups);

    Map<Integer, List<Ruling>> byGroup = new HashMap<>();
    for (int i = 0; i < rulings.size(); i++) {
      byGroup.computeIfAbsent(groups.of(i), g -> new ArrayList<>()).add(rulings.get(i));
    }
    List<Frame> frames = new ArrayList<>();
    for (List<Ruling> members : byGroup.values()) {
      List<Ruling> horizontals = members.stream().filter(Ruling::horizontal).toList();
      List<Ruling> verticals = members.stream().filter(r -> !r.horizontal()).toList();
      if (verticals.size() >= LEAST_RULINGS
          && (horizontals.size() >= LEAST_RULINGS
              || isCrossed(horizontals, verticals, measure.snap()))) {
        frames.add(new Frame(page, around(members), horizontals, verticals));
      }
    }
    frames.sort(
        Comparator.comparingDouble((Frame f) -> f.box().top())
            .thenComparingDouble(f -> f.box().left()));
    return frames;
  }

  /**
   * Whether one horizontal ruling crosses all the verticals, as a line under headings does between
   * columns parted by lines; the axes and grid of a chart end at each other.
   */
  private static boolean isCrossed(List<Ruling> horizontals, List<Ruling> verticals, double snap) {
    return horizontals.size() == 1
        && verticals.stream()
            .allMatch(
                v ->
                    v.extent().from() < horizontals.get(0).at() - snap
                        && v.extent().to() > horizontals.get(0).at() + snap);
  }

  /** Walks each horizontal ruling along the verticals that stand within its extent. */
  private static void joinCrossing(List<Ruling> rulings, double snap, Groups groups) {
    int firstVertical = 0;
    while (firstVertical < rulings.size() && rulings.get(firstVertical).horizontal()) {
      firstVertical++;
    }
    double[] places = rulings.stream().skip(firstVertical).mapToDouble(Ruling::at).toArray();
    for (int h = 0; h < firstVertical; h++) {
      Ruling horizontal = rulings.get(h);
      int v = firstNotBelow(places, horizontal.extent().from() - snap);
      for (; v < places.length && places[v] <= horizontal.extent().to() + snap; v++) {
        if (horizontal.crosses(rulings.get(firstVertical + v), snap)) {
          groups.join(h, firstVertical + v);
        }
      }
    }
  }

  private static int firstNotBelow(double[] sorted, double limit) {
    int low = 0;
    int high = sorted.length;
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (sorted[middle] < limit) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
  }

  private static Box around(List<Ruling> rulings) {
    return rulings.stream().map(Ruling::box).reduce(Box::union).orElseThrow();
  }
}
