package dev.inlay.evidence;

import dev.inlay.page.Glyph;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Rule characters, bars and crossings of one line that stand close together.
 *
 * @param glyphs from left to right, at least one
 */
record CharacterRun(List<Glyph> glyphs) {

  /** The runs among rule characters, bars and crossings; bars alone are none. */
  static List<CharacterRun> of(List<Glyph> rules) {
    List<Glyph> sorted = new ArrayList<>(rules);
    sorted.sort(
        Comparator.comparingDouble(Glyph::baseline).thenComparingDouble(g -> g.box().left()));
    List<CharacterRun> runs = new ArrayList<>();
    int from = 0;
    for (int i = 1; i <= sorted.size(); i++) {
      if (i == sorted.size() || !CharacterRules.follows(sorted.get(i - 1), sorted.get(i))) {
        CharacterRun run = new CharacterRun(List.copyOf(sorted.subList(from, i)));
        if (run.length() > 0) {
          runs.add(run);
        }
        from = i;
      }
    }
    return runs;
  }

  /** How many of its characters draw a rule. */
  int length() {
    return (int) glyphs.stream().filter(CharacterRules::isRule).count();
  }

  Glyph first() {
    return glyphs.get(0);
  }

  Glyph last() {
    return glyphs.get(glyphs.size() - 1);
  }

  double baseline() {
    return first().baseline();
  }

  /** Where it lies, in points. */
  double at() {
    return glyphs.stream()
        .filter(CharacterRules::isRule)
        .findFirst()
        .map(CharacterRules::place)
        .orElse(baseline());
  }

  /** Whether a crossing of the stack is one of its characters. */
  boolean runsInto(BarStack stack) {
    return glyphs.stream().anyMatch(g -> BarStack.isCrossing(g) && stack.holds(g));
  }

  /**
   * Whether it touches a stack: one of its bars is in it, or it lies on the line next to an end.
   */
  boolean meets(BarStack stack) {
    double near = stack.size() / 2;
    if (first().box().left() > stack.at() + near || last().box().right() < stack.at() - near) {
      return false;
    }
    return baseline() > stack.top() - stack.pitch() - near
        && baseline() < stack.bottom() + stack.pitch() + near;
  }
}
