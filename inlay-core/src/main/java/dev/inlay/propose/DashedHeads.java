package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.Ruling;
import dev.inlay.evidence.WordGaps;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Gutters that a listing prints below its headings: a line of dashes, broken where one column ends
 * and the next begins, as in {@code ---- ------- ------}. It says how wide each column is, however
 * narrow the white between them.
 */
final class DashedHeads {

  /** Fewer groups of dashes may lie under spanners. */
  private static final int LEAST_GROUPS = 3;

  /** Between two groups lie at most this many characters. */
  private static final double MOST_SPACES = 3.5;

  /** The groups reach over at least this share of the width of the records. */
  private static final double WHOLE = 0.8;

  /** A gap that texts of more than this share of the records cross parts no columns. */
  private static final double MOST_CROSSING = 0.2;

  private DashedHeads() {}

  /**
   * The gutters between the groups.
   *
   * @param horizontals the rulings in reach of the table, from top to bottom
   * @param headings the lines of the header
   * @param records the lines that begin or continue records
   * @return from left to right; empty where there are no such groups
   */
  static List<Interval> gutters(
      List<Ruling> horizontals, List<ChunkLine> headings, List<ChunkLine> records) {
    if (headings.isEmpty()) {
      return List.of();
    }
    double above = headings.get(headings.size() - 1).line().baseline();
    double below = records.get(0).line().baseline();
    List<Interval> groups =
        horizontals.stream()
            .filter(r -> r.isDrawn() && r.at() > above && r.at() < below)
            .map(Ruling::extent)
            .sorted(Comparator.comparingDouble(Interval::from))
            .toList();
    if (groups.size() < LEAST_GROUPS) {
      return List.of();
    }
    WordGaps gaps = new WordGaps(records);
    if (!gaps.isFixedWidth()) {
      return List.of();
    }
    List<Interval> between = between(groups, MOST_SPACES * gaps.fixedAdvance());
    double from = records.stream().mapToDouble(l -> l.box().left()).min().orElseThrow();
    double to = records.stream().mapToDouble(l -> l.box().right()).max().orElseThrow();
    boolean whole =
        groups.get(groups.size() - 1).to() - groups.get(0).from() >= WHOLE * (to - from);
    boolean free = between.stream().allMatch(g -> isFree(g.middle(), records));
    if (!whole || between.size() < groups.size() - 1 || !free) {
      return List.of();
    }
    List<Interval> gutters = new ArrayList<>(between);
    addBefore(groups.get(0).from(), records, gutters);
    return gutters;
  }

  /** The dash over a column of single characters is no rule: its texts show the first gutter. */
  private static void addBefore(double first, List<ChunkLine> records, List<Interval> gutters) {
    double[] ends =
        records.stream()
            .map(l -> l.words().get(0).box())
            .filter(b -> b.right() <= first)
            .mapToDouble(Box::right)
            .sorted()
            .toArray();
    if (2 * ends.length > records.size() && ends[ends.length - 1] < first) {
      gutters.add(0, new Interval(ends[ends.length - 1], first));
    }
  }

  /** What lies between groups that follow each other, where it is no more than some spaces. */
  private static List<Interval> between(List<Interval> groups, double most) {
    List<Interval> between = new ArrayList<>();
    for (int i = 1; i < groups.size(); i++) {
      double from = groups.get(i - 1).to();
      double to = groups.get(i).from();
      if (to > from && to - from <= most) {
        between.add(new Interval(from, to));
      }
    }
    return between;
  }

  private static boolean isFree(double x, List<ChunkLine> records) {
    long crossing =
        records.stream()
            .filter(
                l -> l.words().stream().anyMatch(w -> w.box().left() < x && w.box().right() > x))
            .count();
    return crossing <= MOST_CROSSING * records.size();
  }
}
