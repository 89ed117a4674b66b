package dev.inlay.choose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.Frame;
import dev.inlay.evidence.PageColumns;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.evidence.PageLines;
import dev.inlay.evidence.Ruling;
import dev.inlay.evidence.UnevenSides;
import dev.inlay.geom.Box;
import dev.inlay.page.TextLine;
import dev.inlay.page.Turn;
import dev.inlay.page.Word;
import dev.inlay.propose.Grid;
import dev.inlay.propose.OpenFrame;
import dev.inlay.propose.RoleRegions;
import dev.inlay.score.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/**
 * A page cut into what is read apart: grids whose cells rulings box, boxes that rulings draw around
 * lines of tables, and the other lines column by column of the page.
 *
 * @param ruled the grids as rulings alone tell them
 * @param outside the lines that stand in none of the grids
 * @param turned those of them that are turned by a quarter
 * @param boxes the lines in boxes that hold tables
 * @param inBoxes the regions in these boxes
 * @param columns the lines outside grids, forms and boxes, column by column of the page
 */
record PageParts(
    List<Grid> ruled,
    List<TextLine> outside,
    List<TextLine> turned,
    List<Zone> boxes,
    List<OpenFrame> inBoxes,
    List<Zone> columns) {

  /** Cuts a page; where a person says that rulings tell all, there are grids alone. */
  static PageParts of(PageEvidence evidence, Proposal proposal) {
    RulingUse use = proposal.rulings();
    RuledGrids ruled = RuledGrids.find(evidence, use);
    List<TextLine> outside =
        evidence.linesOutside(ruled.grids().stream().map(g -> g.frame().box()).toList());
    List<TextLine> turned =
        outside.stream()
            .filter(l -> l.turn() == Turn.UPWARDS || l.turn() == Turn.DOWNWARDS)
            .toList();
    List<Zone> boxes = new ArrayList<>();
    List<OpenFrame> inBoxes = new ArrayList<>();
    if (use == RulingUse.USE) {
      return new PageParts(ruled.grids(), outside, turned, boxes, inBoxes, List.of());
    }
    List<TextLine> loose = new ArrayList<>(outside);
    loose.removeIf(l -> !isOutside(l, ruled.forms()));
    for (Frame frame : ruled.boxed()) {
      List<Box> box = List.of(frame.box());
      Predicate<Word> outsideBox = w -> isOutside(w.box(), box);
      List<TextLine> inside = only(loose, outsideBox.negate());
      Zone zone = Zone.of(evidence, ChunkLine.of(PageLines.upright(inside)));
      List<OpenFrame> regions =
          RoleRegions.ofBox(evidence.number(), zone, turned, proposal.roles());
      if (!regions.isEmpty()) {
        boxes.add(zone);
        inBoxes.addAll(regions);
        loose = only(loose, outsideBox);
      }
    }
    List<Zone> columns = columns(loose, evidence);
    return new PageParts(ruled.grids(), outside, turned, boxes, inBoxes, columns);
  }

  private static List<Zone> columns(List<TextLine> lines, PageEvidence evidence) {
    List<Ruling> horizontals = evidence.horizontals();
    List<Zone> zones = new ArrayList<>();
    for (List<TextLine> column : PageColumns.part(PageLines.upright(lines), horizontals)) {
      for (List<TextLine> part : UnevenSides.part(column, horizontals)) {
        List<ChunkLine> chunks = ChunkLine.of(part);
        if (!chunks.isEmpty()) {
          zones.add(Zone.of(evidence, chunks));
        }
      }
    }
    return zones;
  }

  /** The words of one kind in each line: another table may stand beside a box. */
  private static List<TextLine> only(List<TextLine> lines, Predicate<Word> wanted) {
    return lines.stream().flatMap(l -> l.only(wanted).stream()).toList();
  }

  /** Whether the middle of a line lies in none of some boxes. */
  static boolean isOutside(TextLine line, List<Box> boxes) {
    return isOutside(line.box(), boxes);
  }

  /** Whether the middle of a box lies in none of some boxes. */
  static boolean isOutside(Box box, List<Box> boxes) {
    return boxes.stream().noneMatch(b -> b.contains(box.centreX(), box.centreY()));
  }
}
