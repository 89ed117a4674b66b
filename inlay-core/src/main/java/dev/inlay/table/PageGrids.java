package dev.inlay.table;

import dev.inlay.find.Frame;
import dev.inlay.find.OpenFrame;
import dev.inlay.find.PageColumns;
import dev.inlay.find.PageMeasure;
import dev.inlay.find.PieceLine;
import dev.inlay.find.Ruling;
import dev.inlay.find.RulingFinder;
import dev.inlay.geom.Box;
import dev.inlay.grid.Grid;
import dev.inlay.grid.OpenGridBuilder;
import dev.inlay.page.Glyph;
import dev.inlay.page.GlyphIndex;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import dev.inlay.page.Turn;
import dev.inlay.propose.RoleRegions;
import dev.inlay.score.RoleReading;
import dev.inlay.score.Zone;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The grids of one page: those whose cells rulings box first, because rulings are drawn on purpose,
 * then those that the roles of the other lines tell.
 *
 * @param grids from top to bottom, those that begin at the same height from left to right
 * @param outside the lines that stand in none of them
 */
record PageGrids(List<Grid> grids, List<TextLine> outside) {

  /** Finds the grids of a page. */
  static PageGrids find(Page page, GlyphIndex index, PageMeasure measure) {
    return find(page, index, measure, RulingUse.WEIGH);
  }

  /** Finds the grids of a page; rulings that are to be ignored are not on it any more. */
  static PageGrids find(Page page, GlyphIndex index, PageMeasure measure, RulingUse use) {
    List<Ruling> rulings = RulingFinder.find(page, measure);
    Zone drawn = zoneOf(List.of(), page, rulings, measure);
    RuledGrids ruled = RuledGrids.find(page, index, rulings, measure, use);
    List<Grid> grids = new ArrayList<>();
    for (Grid grid : ruled.grids()) {
      grids.add(
          RuledRows.zone(grid, index, drawn)
              .map(zone -> UndrawnEdges.part(RuledRows.tell(grid, zone)))
              .orElse(grid));
    }
    List<TextLine> outside = outside(page, index, grids);
    if (use == RulingUse.USE) {
      return new PageGrids(grids, outside);
    }
    List<TextLine> turned =
        outside.stream()
            .filter(l -> l.turn() == Turn.UPWARDS || l.turn() == Turn.DOWNWARDS)
            .toList();
    List<TextLine> loose = new ArrayList<>(outside);
    loose.removeIf(l -> !isOutside(l, ruled.forms()));
    for (Frame frame : ruled.boxed()) {
      Zone zone = drawn.withLines(linesIn(frame.box(), loose));
      List<OpenFrame> regions = RoleRegions.ofBox(page.number(), zone, turned);
      if (!regions.isEmpty()) {
        regions.forEach(open -> grids.add(OpenGridBuilder.build(open)));
        loose.removeIf(l -> !isOutside(l, List.of(frame.box())));
      }
    }
    for (Zone zone : zones(loose, drawn)) {
      for (OpenFrame open : RoleRegions.of(page.number(), zone, turned)) {
        grids.add(OpenGridBuilder.build(open));
      }
    }
    HeaderBoxes.join(grids, measure);
    grids.sort(
        Comparator.comparingDouble((Grid g) -> g.frame().box().top())
            .thenComparingDouble(g -> g.frame().box().left()));
    return new PageGrids(grids, outsideOf(grids, outside));
  }

  /**
   * The zones of a page as its tables are read from them, each ruled table and box one of its own.
   */
  static List<Zone> zones(Page page, GlyphIndex index, PageMeasure measure) {
    List<Ruling> rulings = RulingFinder.find(page, measure);
    Zone drawn = zoneOf(List.of(), page, rulings, measure);
    RuledGrids ruled = RuledGrids.find(page, index, rulings, measure, RulingUse.WEIGH);
    List<TextLine> loose = new ArrayList<>(outside(page, index, ruled.grids()));
    loose.removeIf(l -> !isOutside(l, ruled.forms()));
    List<Zone> zones = new ArrayList<>();
    for (Frame frame : ruled.boxed()) {
      Zone zone = drawn.withLines(linesIn(frame.box(), loose));
      if (!RoleRegions.ofBox(page.number(), zone, List.of()).isEmpty()) {
        zones.add(zone);
        loose.removeIf(l -> !isOutside(l, List.of(frame.box())));
      }
    }
    zones.addAll(0, zones(loose, drawn));
    ruled.grids().forEach(g -> RuledRows.zone(g, index, drawn).ifPresent(zones::add));
    return zones;
  }

  private static List<PieceLine> linesIn(Box box, List<TextLine> lines) {
    return PieceLine.of(
        lines.stream()
            .filter(l -> l.turn() == Turn.UPRIGHT && !isOutside(l, List.of(box)))
            .sorted(Comparator.comparingDouble(TextLine::baseline))
            .toList());
  }

  /** The frame of lines that are known to be one table; empty where they leave no gutter. */
  static Optional<OpenFrame> whole(List<TextLine> lines, Page page, PageMeasure measure) {
    List<PieceLine> sorted =
        PieceLine.of(
            lines.stream().sorted(Comparator.comparingDouble(TextLine::baseline)).toList());
    Zone zone = zoneOf(sorted, page, RulingFinder.find(page, measure), measure);
    return sorted.isEmpty() ? Optional.empty() : RoleRegions.whole(page.number(), zone);
  }

  /** A frame whose lines all belong to one table, with their roles. */
  static OpenFrame withRoles(OpenFrame open, Page page, PageMeasure measure) {
    Zone zone = zoneOf(open.lines(), page, RulingFinder.find(page, measure), measure);
    return open.withRoles(RoleReading.of(zone).inside());
  }

  private static Zone zoneOf(
      List<PieceLine> lines, Page page, List<Ruling> rulings, PageMeasure measure) {
    List<Ruling> horizontals = rulings.stream().filter(Ruling::horizontal).toList();
    List<Ruling> verticals = rulings.stream().filter(r -> !r.horizontal()).toList();
    return new Zone(lines, horizontals, verticals, page.fills(), page.height(), measure.typeSize());
  }

  /** The zones of some lines, column by column of the page. */
  private static List<Zone> zones(List<TextLine> lines, Zone drawn) {
    List<TextLine> upright =
        lines.stream()
            .filter(l -> l.turn() == Turn.UPRIGHT)
            .sorted(Comparator.comparingDouble(TextLine::baseline))
            .toList();
    List<Zone> zones = new ArrayList<>();
    for (List<TextLine> part : PageColumns.part(upright, drawn.horizontals())) {
      List<PieceLine> pieces = PieceLine.of(part);
      if (!pieces.isEmpty()) {
        zones.add(drawn.withLines(pieces));
      }
    }
    return zones;
  }

  /** The lines that stand in none of the grids' frames. */
  private static List<TextLine> outsideOf(List<Grid> grids, List<TextLine> lines) {
    return lines.stream()
        .filter(l -> isOutside(l, grids.stream().map(g -> g.frame().box()).toList()))
        .toList();
  }

  private static boolean isOutside(TextLine line, List<Box> boxes) {
    Box box = line.box();
    return boxes.stream().noneMatch(b -> b.contains(box.centreX(), box.centreY()));
  }

  private static List<TextLine> outside(Page page, GlyphIndex index, List<Grid> grids) {
    Set<Glyph> inside = Collections.newSetFromMap(new IdentityHashMap<>());
    grids.forEach(g -> inside.addAll(index.within(g.frame().box())));
    return LineComposer.compose(page.glyphs().stream().filter(g -> !inside.contains(g)).toList());
  }
}
