package dev.inlay.evidence;

import dev.inlay.geom.Interval;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import dev.inlay.page.Turn;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Rulings that listings make of characters: lines of nothing but {@code -}, {@code =} or {@code _},
 * also with {@code +} where they cross.
 */
final class CharacterRules {

  private static final String RULE = "-=_+─━═";

  /** Fewer characters are a dash or a mark for nothing. */
  private static final int LEAST = 4;

  /** Beside a longer one a short run is a rule, too, under a narrow column. */
  private static final int LEAST_BESIDE = 2;

  /** Characters of one rule stand at most this far apart, as a share of their width. */
  private static final double GAP = 0.4;

  /** Where a rule lies above its baseline, in type sizes; an underscore lies on it. */
  private static final double RISE = 0.3;

  private CharacterRules() {}

  /** Whether a rule may consist of this character. */
  static boolean isRule(Glyph glyph) {
    return isOneOf(RULE, glyph);
  }

  /** Whether a glyph stands for one of some characters. */
  static boolean isOneOf(String signs, Glyph glyph) {
    return glyph.text().length() == 1 && signs.indexOf(glyph.text().charAt(0)) >= 0;
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
    SpannerDashes.addTo(page, marks, rulings);
    if (marks.size() < LEAST) {
      return;
    }
    // Beside text such characters are blanks to be filled in, or dashes.
    double[] withText = baselinesWithText(marks, page);
    marks.removeIf(g -> Arrays.binarySearch(withText, g.baseline()) >= 0);
    List<CharacterRun> runs = CharacterRun.of(marks);
    Set<Double> withLongOne =
        runs.stream()
            .filter(r -> r.length() >= LEAST)
            .map(CharacterRun::baseline)
            .collect(Collectors.toSet());
    for (CharacterRun run : runs) {
      if (run.length() >= LEAST_BESIDE && withLongOne.contains(run.baseline())) {
        Interval extent = new Interval(run.first().box().left(), run.last().box().right());
        rulings.add(new Ruling(true, run.at(), extent));
      }
    }
  }

  /** The baselines of rule characters that other characters stand on too, in ascending order. */
  private static double[] baselinesWithText(List<Glyph> marks, Page page) {
    double[] baselines = marks.stream().mapToDouble(Glyph::baseline).sorted().distinct().toArray();
    boolean[] withText = new boolean[baselines.length];
    for (Glyph glyph : page.glyphs()) {
      int at = Arrays.binarySearch(baselines, glyph.baseline());
      if (at >= 0 && glyph.turn() == Turn.UPRIGHT && !glyph.isBlank() && !isRule(glyph)) {
        withText[at] = true;
      }
    }
    return IntStream.range(0, baselines.length)
        .filter(i -> withText[i])
        .mapToDouble(i -> baselines[i])
        .toArray();
  }

  /** Whether a glyph stands right behind another on one baseline. */
  static boolean follows(Glyph before, Glyph glyph) {
    double gap = glyph.box().left() - before.box().right();
    return before.baseline() == glyph.baseline() && Math.abs(gap) <= GAP * glyph.box().width();
  }
}
