package dev.inlay.propose;

import dev.inlay.evidence.Ruling;
import java.util.Comparator;
import java.util.List;

/** Horizontal rulings by their height, for quick answers about what lies between two lines. */
final class RulingPlaces {

  private final List<Ruling> rulings;

  /** Sorts the rulings. */
  RulingPlaces(List<Ruling> rulings) {
    this.rulings = rulings.stream().sorted(Comparator.comparingDouble(Ruling::at)).toList();
  }

  /** The rulings between two heights, both left out, from top to bottom. */
  List<Ruling> between(double above, double below) {
    int from = firstBelow(above);
    int to = from;
    while (to < rulings.size() && rulings.get(to).at() < below) {
      to++;
    }
    return rulings.subList(from, to);
  }

  /** Whether a ruling parts two lines. */
  boolean part(ColumnedLine above, ColumnedLine below) {
    return !between(above.line().line().baseline(), below.line().line().baseline()).isEmpty();
  }

  private int firstBelow(double height) {
    int low = 0;
    int high = rulings.size();
    while (low < high) {
      int middle = (low + high) / 2;
      if (rulings.get(middle).at() <= height) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
  }
}
