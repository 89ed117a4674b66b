package dev.inlay.evidence;

import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * Upright bars that stand one below the other in most lines: rules between columns of a listing. A
 * bar now and then is a sign, as in timetables.
 */
final class StackedBars {

  private static final int LEAST = 4;

  /** From the first to the last of them this share of the lines has one. */
  private static final double SHARE = 0.6;

  /** Bars this near are one below the other, in points. */
  private static final double SAME_PLACE = 2;

  private StackedBars() {}

  /** The words that are such bars, known by identity. */
  static Set<Word> in(List<TextLine> lines) {
    Map<Long, Map<Integer, Word>> places = new TreeMap<>();
    for (int i = 0; i < lines.size(); i++) {
      for (Word word : lines.get(i).words()) {
        if (word.text().equals("|")) {
          long place = Math.round(word.box().centreX() / SAME_PLACE);
          places.computeIfAbsent(place, p -> new TreeMap<>()).put(i, word);
        }
      }
    }
    Set<Word> bars = Collections.newSetFromMap(new IdentityHashMap<>());
    for (Map<Integer, Word> stack : places.values()) {
      int first = Collections.min(stack.keySet());
      int last = Collections.max(stack.keySet());
      boolean amongValues = isCovered(lines, first - 1, stack) && isCovered(lines, last + 1, stack);
      if (stack.size() >= LEAST && stack.size() >= SHARE * (last - first + 1) && !amongValues) {
        bars.addAll(stack.values());
      }
    }
    return bars;
  }

  /**
   * Whether a figure stands in the bars' place on a line: they are signs among a column's values.
   */
  private static boolean isCovered(List<TextLine> lines, int at, Map<Integer, Word> stack) {
    if (at < 0 || at >= lines.size()) {
      return false;
    }
    double place = stack.values().iterator().next().box().centreX();
    return lines.get(at).words().stream()
        .filter(w -> w.box().left() < place && place < w.box().right())
        .anyMatch(w -> w.text().chars().anyMatch(Character::isDigit));
  }
}
