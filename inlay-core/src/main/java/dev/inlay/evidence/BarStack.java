package dev.inlay.evidence;

import dev.inlay.page.Glyph;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Upright bars and crossings that stand one below the other, line for line.
 *
 * @param at x of their middles, in points
 * @param glyphs from top to bottom, at least {@link #LEAST}
 */
record BarStack(double at, List<Glyph> glyphs) {

  private static final String BARS = "|\u00A6\u2502\u2503\u2551";

  /** The corners and crossings of Unicode's box drawing. */
  private static final String CROSSINGS =
      "\u250C\u2510\u2514\u2518\u251C\u2524\u252C\u2534\u253C"
          + "\u2554\u2557\u255A\u255D\u2560\u2563\u2566\u2569\u256C";

  /** A bar and the rules above and below it: the box of one line of text. */
  static final int LEAST = 3;

  /** Bars this near, in type sizes, are one below the other. */
  private static final double SAME_PLACE = 0.15;

  /** The next line is at most this many type sizes away: listings are set tight. */
  private static final double NEXT_LINE = 1.8;

  static boolean isBar(Glyph glyph) {
    return CharacterRules.isOneOf(BARS, glyph);
  }

  /** Whether a rule passes through it, as through a listing's plus sign. */
  static boolean isCrossing(Glyph glyph) {
    return CharacterRules.isOneOf(CROSSINGS, glyph) || CharacterRules.isRule(glyph);
  }

  /** The stacks among bars, crossings and rule characters; a stack without any bar is none. */
  static List<BarStack> of(List<Glyph> bars) {
    List<Glyph> sorted = new ArrayList<>(bars);
    sorted.sort(Comparator.comparingDouble(g -> g.box().centreX()));
    List<BarStack> stacks = new ArrayList<>();
    int from = 0;
    for (int i = 1; i <= sorted.size(); i++) {
      if (i == sorted.size() || !isBelow(sorted.get(from), sorted.get(i))) {
        addStacks(new ArrayList<>(sorted.subList(from, i)), stacks);
        from = i;
      }
    }
    return stacks;
  }

  private static boolean isBelow(Glyph first, Glyph glyph) {
    return glyph.box().centreX() - first.box().centreX() <= SAME_PLACE * first.size();
  }

  private static void addStacks(List<Glyph> column, List<BarStack> stacks) {
    column.sort(Comparator.comparingDouble(Glyph::baseline));
    int from = 0;
    for (int i = 1; i <= column.size(); i++) {
      if (i == column.size()
          || column.get(i).baseline() - column.get(i - 1).baseline()
              > NEXT_LINE * column.get(i).size()) {
        List<Glyph> stack = List.copyOf(column.subList(from, i));
        if (stack.size() >= LEAST && stack.stream().anyMatch(BarStack::isBar)) {
          stacks.add(new BarStack(stack.get(0).box().centreX(), stack));
        }
        from = i;
      }
    }
  }

  /** The baseline of its first line, in points. */
  double top() {
    return glyphs.get(0).baseline();
  }

  /** The baseline of its last line, in points. */
  double bottom() {
    return glyphs.get(glyphs.size() - 1).baseline();
  }

  /** From one line to the next, in points. */
  double pitch() {
    return (bottom() - top()) / (glyphs.size() - 1);
  }

  /** The height of its type, in points. */
  double size() {
    return glyphs.get(0).size();
  }

  /** Whether it runs over the same lines as another. */
  boolean sharesLinesWith(BarStack other) {
    double near = size() / 2;
    return Math.abs(top() - other.top()) < near && Math.abs(bottom() - other.bottom()) < near;
  }

  /** Whether a glyph is one of its own. */
  boolean holds(Glyph glyph) {
    return glyphs.stream().anyMatch(g -> g == glyph);
  }
}
