package dev.inlay.choose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.evidence.PageLines;
import dev.inlay.geom.Box;
import dev.inlay.page.TextLine;
import dev.inlay.propose.BandedGrid;
import dev.inlay.propose.Grid;
import dev.inlay.propose.OpenFrame;
import dev.inlay.propose.OpenGridBuilder;
import dev.inlay.propose.RoleRegions;
import dev.inlay.score.RoleReading;
import dev.inlay.score.Zone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The grids of one page: those whose cells rulings box first, because rulings are drawn on purpose,
 * then those that the roles of the other lines tell.
 *
 * @param grids from top to bottom, those that begin at the same height from left to right
 * @param outside the lines that stand in none of them
 * @param possible stretches of these lines that may be tables all the same
 */
record PageGrids(List<Grid> grids, List<TextLine> outside, List<PossibleTable> possible) {

  /** Finds the grids of a page. */
  static PageGrids find(PageEvidence evidence) {
    return find(evidence, Proposal.CHOSEN);
  }

  /** Finds the grids of a page; rulings that are to be ignored are not on it any more. */
  static PageGrids find(PageEvidence evidence, Proposal proposal) {
    PageParts parts = PageParts.of(evidence, proposal);
    List<Grid> grids = new ArrayList<>();
    for (Grid grid : parts.ruled()) {
      grids.add(
          RuledRows.zone(grid, evidence).map(zone -> read(grid, zone, proposal)).orElse(grid));
    }
    if (proposal.rulings() == RulingUse.USE) {
      return new PageGrids(grids, parts.outside(), List.of());
    }
    parts.inBoxes().forEach(open -> grids.add(OpenGridBuilder.build(proposal.columnsOf(open))));
    List<PossibleTables> rests = new ArrayList<>();
    for (Zone zone : parts.columns()) {
      RoleRegions read = RoleRegions.in(evidence.number(), zone, parts.turned(), proposal.roles());
      read.regions().stream()
          .map(open -> OpenGridBuilder.build(proposal.columnsOf(open)))
          .filter(grid -> !PlainText.is(grid))
          .forEach(grids::add);
      rests.add(new PossibleTables(zone.lines(), read.reading()));
    }
    HeaderBoxes.join(grids, evidence.measure());
    SumBoxes.join(grids);
    grids.sort(
        Comparator.comparingDouble((Grid g) -> g.frame().box().top())
            .thenComparingDouble(g -> g.frame().box().left()));
    List<Box> frames = grids.stream().map(g -> g.frame().box()).toList();
    return new PageGrids(
        grids,
        parts.outside().stream().filter(l -> PageParts.isOutside(l, frames)).toList(),
        rests.stream().flatMap(r -> r.outside(frames).stream()).toList());
  }

  private static Grid read(Grid ruled, Zone zone, Proposal proposal) {
    Grid grid = RuledRows.withRoles(ruled, zone, proposal.roles());
    return grid.isClosed() ? UndrawnEdges.part(grid) : BandedGrid.withHeadings(grid, zone);
  }

  /** The frame of lines that are known to be one table; empty where they leave no gutter. */
  static Optional<OpenFrame> whole(List<TextLine> lines, PageEvidence evidence) {
    List<ChunkLine> sorted = ChunkLine.of(PageLines.upright(lines));
    return sorted.isEmpty()
        ? Optional.empty()
        : RoleRegions.whole(evidence.number(), Zone.of(evidence, sorted));
  }

  /** A frame whose lines all belong to one table, with their roles. */
  static OpenFrame withRoles(OpenFrame open, PageEvidence evidence) {
    return open.withRoles(RoleReading.of(Zone.of(evidence, open.lines())).inside());
  }
}
