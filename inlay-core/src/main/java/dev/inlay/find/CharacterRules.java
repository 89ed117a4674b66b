package dev.inlay.find;

import dev.inlay.geom.Interval;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import dev.inlay.page.Turn;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Rulings that listings make of characters: lines of nothing but {@code -}, {@code =} or {@code _},
 * also with {@code +} where they cross.
 */
final class CharacterRules {

  private static final String RULE = "-=_+─━═";

  /** Fewer characters are a dash or a mark for nothing. */
  private static final int LEAST = 4;

  /** Characters of one rule stand at most this far apart, as a share of their width. */
  private static final double GAP = 0.4;

  /** Where a rule lies above its baseline, in type sizes; an underscore lies on it. */
  private static final double RISE = 0.3;

  private CharacterRules() {}

  /** Whether a rule may consist of this character. */
  static boolean isRule(Glyph glyph) {
    return glyph.text().length() == 1 && RULE.indexOf(glyph.text().charAt(0)) >= 0;
  }

  /** Where a rule of this character lies, in points. */
  static double place(Glyph glyph) {
    return glyph.baseline() - (glyph.text().equals("_") ? 0 : RISE * glyph.size());
  }

  /** Adds a page's rules made of characters to its rulings. */
  static void addTo(Page page, List<Ruling> rulings) {
    List<Glyph> marks = new ArrayList<>();
    for (Glyph glyph : page.glyphs()) {
      if (glyph.turn() == Turn.UPRIGHT && !glyph.isBlank() && isRule(glyph)) {
        marks.add(glyph);
      }
    }
    if (marks.size() < LEAST) {
      return;
    }
    SpannerDashes.addTo(page, marks, rulings);
    // Beside text such characters are blanks to be filled in, or dashes.
    Set<Double> withText = baselinesOfText(page);
    marks.removeIf(g -> withText.contains(g.baseline()));
    for (CharacterRun run : CharacterRun.of(marks)) {
      if (run.length() >= LEAST) {
        Interval extent = new Interval(run.first().box().left(), run.last().box().right());
        rulings.add(new Ruling(true, run.at(), extent));
      }
    }
  }

  private static Set<Double> baselinesOfText(Page page) {
    Set<Double> baselines = new HashSet<>();
    for (Glyph glyph : page.glyphs()) {
      if (glyph.turn() == Turn.UPRIGHT && !glyph.isBlank() && !isRule(glyph)) {
        baselines.add(glyph.baseline());
      }
    }
    return baselines;
  }

  /** Whether a glyph stands right behind another on one baseline. */
  static boolean follows(Glyph before, Glyph glyph) {
    double gap = glyph.box().left() - before.box().right();
    return before.baseline() == glyph.baseline() && Math.abs(gap) <= GAP * glyph.box().width();
  }
}
