package dev.inlay.evidence;

import dev.inlay.geom.Interval;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import dev.inlay.page.Turn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Dashes on both sides of a heading in a listing, as in {@code ----- Boxed -----}, show how far it
 * reaches, as a line under it would.
 */
final class SpannerDashes {

  /** Fewer dashes show no reach, but where a whole line is made of headings between dashes. */
  private static final int LEAST = 3;

  /** Such a line has at least one on each side. */
  private static final int LEAST_OF_LINE = 2;

  /** The heading stands at most this many characters away from its dashes. */
  private static final double MOST_GAP = 2.5;

  /** Where the line under a heading would lie, in type sizes below its baseline. */
  private static final double BELOW = 0.3;

  private static final String ARROWS = "<>|";

  private SpannerDashes() {}

  /**
   * Adds the reach of headings between dashes to a page's rulings.
   *
   * @param page the page
   * @param marks its rule characters: lines with fewer than dashes on both sides take are passed by
   * @param rulings those of the page
   */
  static void addTo(Page page, List<Glyph> marks, List<Ruling> rulings) {
    Map<Double, Integer> counts = new HashMap<>();
    marks.forEach(g -> counts.merge(g.baseline(), 1, Integer::sum));
    counts.values().removeIf(count -> count < LEAST_OF_LINE);
    if (counts.isEmpty()) {
      return;
    }
    Map<Double, List<Glyph>> lines = new TreeMap<>();
    for (Glyph glyph : page.glyphs()) {
      if (glyph.turn() == Turn.UPRIGHT
          && !glyph.isBlank()
          && counts.containsKey(glyph.baseline())) {
        lines.computeIfAbsent(glyph.baseline(), b -> new ArrayList<>()).add(glyph);
      }
    }
    lines.values().forEach(line -> addReaches(line, rulings));
  }

  private static void addReaches(List<Glyph> line, List<Ruling> rulings) {
    line.sort(Comparator.comparingDouble(g -> g.box().left()));
    List<Ruling> whole = reachesOfAll(line);
    if (!whole.isEmpty()) {
      rulings.addAll(whole);
      return;
    }
    int at = 0;
    while (at < line.size()) {
      int text = dashesEnd(line, at);
      int after = text - at < LEAST ? text : textEnd(line, text);
      int end = dashesEnd(line, after);
      if (text - at >= LEAST && after > text && end - after >= LEAST) {
        rulings.add(reach(line, at, end - 1));
        at = end;
      } else {
        at = Math.max(text, at + 1);
      }
    }
  }

  /** The reaches where nothing but headings between dashes stands in a line; else none. */
  private static List<Ruling> reachesOfAll(List<Glyph> line) {
    List<Ruling> reaches = new ArrayList<>();
    int at = 0;
    while (at < line.size()) {
      int text = dashesEnd(line, at);
      int after = text;
      while (text > at && after < line.size() && isNear(line, after) && !standsAlone(line, after)) {
        after++;
      }
      int end = dashesEnd(line, after);
      // dashes beside figures alone are those of a page's number
      boolean words = line.subList(text, after).stream().anyMatch(SpannerDashes::isLetter);
      boolean heads = words && end > after && isNear(line, after);
      if (!heads || !standsAlone(line, at)) {
        return List.of();
      }
      reaches.add(reach(line, at, end - 1));
      at = end;
    }
    return reaches;
  }

  private static boolean isLetter(Glyph glyph) {
    return Character.isLetter(glyph.text().codePointAt(0));
  }

  /** Whether dashes begin at an index, with white on both sides. */
  private static boolean standsAlone(List<Glyph> line, int at) {
    int end = dashesEnd(line, at);
    boolean free = at == 0 || !CharacterRules.follows(line.get(at - 1), line.get(at));
    return end > at
        && free
        && (end == line.size() || !CharacterRules.follows(line.get(end - 1), line.get(end)));
  }

  /** The index behind the dashes that begin at an index. */
  private static int dashesEnd(List<Glyph> line, int from) {
    int end = from;
    while (end < line.size()
        && CharacterRules.isRule(line.get(end))
        && (end == from || CharacterRules.follows(line.get(end - 1), line.get(end)))) {
      end++;
    }
    return end;
  }

  /** The index of the first dash behind a text that stands close to the dashes before it. */
  private static int textEnd(List<Glyph> line, int from) {
    int end = from;
    while (end < line.size() && isNear(line, end) && dashesEnd(line, end) - end < LEAST) {
      end++;
    }
    return end < line.size() && isNear(line, end) ? end : from;
  }

  private static boolean isNear(List<Glyph> line, int at) {
    Glyph before = line.get(at - 1);
    return line.get(at).box().left() - before.box().right() <= MOST_GAP * before.box().width();
  }

  private static Ruling reach(List<Glyph> line, int first, int last) {
    int from = first > 0 && isArrow(line, first - 1, first) ? first - 1 : first;
    int to = last + 1 < line.size() && isArrow(line, last + 1, last + 1) ? last + 1 : last;
    Glyph start = line.get(from);
    return new Ruling(
        true,
        start.baseline() + BELOW * start.size(),
        new Interval(start.box().left(), line.get(to).box().right()));
  }

  private static boolean isArrow(List<Glyph> line, int at, int behind) {
    return ARROWS.contains(line.get(at).text())
        && CharacterRules.follows(line.get(behind - 1), line.get(behind));
  }
}
