package dev.inlay.choose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.Frame;
import dev.inlay.evidence.PageColumns;
import dev.inlay.evidence.PageLines;
import dev.inlay.evidence.PageMeasure;
import dev.inlay.evidence.Ruling;
import dev.inlay.evidence.RulingFinder;
import dev.inlay.evidence.UnevenSides;
import dev.inlay.geom.Box;
import dev.inlay.page.Glyph;
import dev.inlay.page.GlyphIndex;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import dev.inlay.page.Turn;
import dev.inlay.propose.Grid;
import dev.inlay.propose.OpenFrame;
import dev.inlay.propose.RoleRegions;
import dev.inlay.score.Zone;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

/**
 * A page cut into what is read apart: grids whose cells rulings box, boxes that rulings draw around
 * lines of tables, and the other lines column by column of the page.
 *
 * @param drawn a zone without lines: what is drawn on the page
 * @param ruled the grids as rulings alone tell them
 * @param outside the lines that stand in none of the grids
 * @param turned those of them that are turned by a quarter
 * @param boxes the lines in boxes that hold tables
 * @param inBoxes the regions in these boxes
 * @param columns the lines outside grids, forms and boxes, column by column of the page
 */
record PageParts(
    Zone drawn,
    List<Grid> ruled,
    List<TextLine> outside,
    List<TextLine> turned,
    List<Zone> boxes,
    List<OpenFrame> inBoxes,
    List<Zone> columns) {

  /** Cuts a page; where a person says that rulings tell all, there are grids alone. */
  static PageParts of(Page page, GlyphIndex index, PageMeasure measure, RulingUse use) {
    List<Ruling> rulings = RulingFinder.find(page, measure);
    Zone drawn = drawn(page, rulings, measure);
    RuledGrids ruled = RuledGrids.find(page, index, rulings, measure, use);
    List<TextLine> outside = outside(page, index, ruled.grids());
    List<TextLine> turned =
        outside.stream()
            .filter(l -> l.turn() == Turn.UPWARDS || l.turn() == Turn.DOWNWARDS)
            .toList();
    List<Zone> boxes = new ArrayList<>();
    List<OpenFrame> inBoxes = new ArrayList<>();
    if (use == RulingUse.USE) {
      return new PageParts(drawn, ruled.grids(), outside, turned, boxes, inBoxes, List.of());
    }
    List<TextLine> loose = new ArrayList<>(outside);
    loose.removeIf(l -> !isOutside(l, ruled.forms()));
    for (Frame frame : ruled.boxed()) {
      List<Box> box = List.of(frame.box());
      List<TextLine> inside = loose.stream().filter(l -> !isOutside(l, box)).toList();
      Zone zone = drawn.withLines(ChunkLine.of(PageLines.upright(inside)));
      List<OpenFrame> regions = RoleRegions.ofBox(page.number(), zone, turned);
      if (!regions.isEmpty()) {
        boxes.add(zone);
        inBoxes.addAll(regions);
        loose.removeIf(l -> !isOutside(l, box));
      }
    }
    List<Zone> columns = columns(loose, drawn);
    return new PageParts(drawn, ruled.grids(), outside, turned, boxes, inBoxes, columns);
  }

  /** What is drawn on a page, as a zone without lines. */
  static Zone drawn(Page page, List<Ruling> rulings, PageMeasure measure) {
    List<Ruling> horizontals = rulings.stream().filter(Ruling::horizontal).toList();
    List<Ruling> verticals = rulings.stream().filter(r -> !r.horizontal()).toList();
    return new Zone(
        List.of(), horizontals, verticals, page.fills(), page.height(), measure.typeSize());
  }

  private static List<Zone> columns(List<TextLine> lines, Zone drawn) {
    List<Zone> zones = new ArrayList<>();
    for (List<TextLine> column : PageColumns.part(PageLines.upright(lines), drawn.horizontals())) {
      for (List<TextLine> part : UnevenSides.part(column, drawn.horizontals())) {
        List<ChunkLine> chunks = ChunkLine.of(part);
        if (!chunks.isEmpty()) {
          zones.add(drawn.withLines(chunks));
        }
      }
    }
    return zones;
  }

  /** Whether the middle of a line lies in none of some boxes. */
  static boolean isOutside(TextLine line, List<Box> boxes) {
    return isOutside(line.box(), boxes);
  }

  /** Whether the middle of a box lies in none of some boxes. */
  static boolean isOutside(Box box, List<Box> boxes) {
    return boxes.stream().noneMatch(b -> b.contains(box.centreX(), box.centreY()));
  }

  private static List<TextLine> outside(Page page, GlyphIndex index, List<Grid> grids) {
    Set<Glyph> inside = Collections.newSetFromMap(new IdentityHashMap<>());
    grids.forEach(g -> inside.addAll(index.within(g.frame().box())));
    return LineComposer.compose(page.glyphs().stream().filter(g -> !inside.contains(g)).toList());
  }
}
