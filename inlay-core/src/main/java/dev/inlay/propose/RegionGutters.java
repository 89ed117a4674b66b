package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.score.Zone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * All gutters of an open region, by the white in its records, its headings, and what is drawn: each
 * way of setting columns apart that the white alone does not show adds its own.
 */
final class RegionGutters {

  /** A vertical ruling parts columns where it runs along this share of the records' height. */
  private static final double PARTING_SHARE = 0.6;

  /**
   * Less probable gutters are not believed. Of 150 strips that are gutters 3 are less sure; made
   * papers have few of the others, and on papers by others one of these is as sure as 0.75.
   */
  private static final double SURE = 0.8;

  private final List<HiddenGutter> hidden = new ArrayList<>();
  private final Zone zone;
  private final List<ChunkLine> headings;
  private final List<ChunkLine> records;
  private final List<ChunkLine> tabular;
  private double certainty = 1;

  /**
   * Prepares the gutters of a region.
   *
   * @param headings the lines of its header
   * @param records the lines that begin or continue records
   * @param tabular those of them in which columns show
   */
  RegionGutters(
      Zone zone, List<ChunkLine> headings, List<ChunkLine> records, List<ChunkLine> tabular) {
    this.zone = zone;
    this.headings = headings;
    this.records = records;
    this.tabular = tabular;
  }

  /** From left to right. */
  List<Interval> all() {
    List<Interval> seen = new ArrayList<>(LeadingSigns.before(records, GutterFinder.find(tabular)));
    addRuled(seen);
    addBelowHeadings(seen);
    List<Interval> gutters = HeadedGutters.add(headings, tabular, seen);
    LoneLabel.gutter(records)
        .or(() -> LabelsBeside.gutter(records, RoleRegions.BESIDE))
        .or(() -> LabelsOnce.gutter(headings, records))
        .or(() -> UnheadedLabels.gutter(headings, records, gutters))
        .filter(g -> gutters.isEmpty() || g.to() < gutters.get(0).from())
        .ifPresent(g -> gutters.add(0, g));
    addHidden(gutters);
    return EmptyColumns.addLast(headings, records, gutters);
  }

  /** Adds gutters hardly wider than a space. */
  private void addHidden(List<Interval> gutters) {
    if (gutters.isEmpty()) {
      return;
    }
    hidden.addAll(new HiddenGutters(headings, records, gutters).candidates());
    for (HiddenGutter one : hidden) {
      double probability = one.probability();
      if (isBelieved(probability)) {
        gutters.add(one.strip());
      }
      certainty = Math.min(certainty, Math.max(probability, 1 - probability));
    }
    gutters.sort(Comparator.comparingDouble(Interval::from));
  }

  /** Whether a strip that parts columns with this probability, 0 to 1, is taken for a gutter. */
  static boolean isBelieved(double probability) {
    return probability > SURE;
  }

  /** How probable the least sure choice about a strip inside a column is, 0.5 to 1. */
  double certainty() {
    return certainty;
  }

  /** The strips inside columns that were looked at: for training. */
  List<HiddenGutter> hidden() {
    return hidden;
  }

  /** Adds gutters that show where the headings are looked at together with the records. */
  private void addBelowHeadings(List<Interval> gutters) {
    if (headings.isEmpty()) {
      return;
    }
    List<ChunkLine> all = new ArrayList<>(headings);
    all.addAll(tabular);
    for (Interval gutter : LeadingSigns.before(tabular, GutterFinder.find(all))) {
      if (gutters.stream().noneMatch(g -> g.overlap(gutter) >= 0)
          && tabular.stream().noneMatch(r -> isCut(r, gutter.middle()))) {
        gutters.add(gutter);
      }
    }
    gutters.sort(Comparator.comparingDouble(Interval::from));
  }

  /** Adds vertical rulings that run along the records and through no gutter found so far. */
  private void addRuled(List<Interval> gutters) {
    Box box = Box.around(records, ChunkLine::box);
    double size = zone.typeSize();
    for (Ruling ruling : zone.verticals()) {
      double along = ruling.extent().overlap(box.vertical());
      boolean inside = ruling.at() > box.left() + size / 2 && ruling.at() < box.right() - size / 2;
      Interval place = new Interval(ruling.at(), ruling.at());
      if (ruling.isDrawn()
          && inside
          && along > PARTING_SHARE * box.height()
          && gutters.stream().noneMatch(g -> g.touches(place, size / 5))
          && records.stream().noneMatch(l -> isCut(l, ruling.at()))) {
        gutters.add(place);
      }
    }
    gutters.sort(Comparator.comparingDouble(Interval::from));
  }

  private static boolean isCut(ChunkLine line, double x) {
    return line.words().stream().anyMatch(w -> w.box().left() < x - 1 && w.box().right() > x + 1);
  }
}
