package dev.inlay.choose;

import dev.inlay.evidence.CharacterBoxes;
import dev.inlay.evidence.LineNumbers;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.page.Page;
import dev.inlay.propose.Grid;
import dev.inlay.propose.HiddenGutter;
import dev.inlay.propose.OpenFrame;
import dev.inlay.propose.RoleRegions;
import dev.inlay.score.RoleChoice;
import dev.inlay.score.Zone;
import java.util.ArrayList;
import java.util.List;

/** The zones of a page as its tables are read from them: for training. */
public final class PageZones {

  private PageZones() {}

  /** The lines of a page, column by column; then those of each box, then of each ruled table. */
  public static List<Zone> of(Page page) {
    PageEvidence evidence = evidence(page);
    PageParts parts = PageParts.of(evidence, Proposal.CHOSEN);
    List<Zone> zones = new ArrayList<>(parts.columns());
    zones.addAll(parts.boxes());
    parts.ruled().forEach(g -> RuledRows.zone(g, evidence).ifPresent(zones::add));
    return zones;
  }

  /** The frames of the open and part-ruled tables of a page. */
  public static List<OpenFrame> frames(Page page) {
    return frames(page.number(), PageParts.of(evidence(page), Proposal.CHOSEN));
  }

  /** The strips inside columns of a page's open tables that may be gutters. */
  public static List<HiddenGutter> hiddenGutters(Page page) {
    List<HiddenGutter> hidden = new ArrayList<>();
    PageParts parts = PageParts.of(evidence(page), Proposal.CHOSEN);
    for (Zone zone : parts.columns()) {
      RoleRegions regions = RoleRegions.in(page.number(), zone, parts.turned(), RoleChoice.BEST);
      regions.regions();
      hidden.addAll(regions.hiddenGutters());
    }
    return hidden;
  }

  /** The grids of the upright tables of a page. */
  public static List<Grid> grids(Page page) {
    return PageGrids.find(evidence(page)).grids();
  }

  /** The frames of a page that is cut already. */
  static List<OpenFrame> frames(int page, PageParts parts) {
    List<OpenFrame> frames = new ArrayList<>(parts.inBoxes());
    for (Zone zone : parts.columns()) {
      frames.addAll(RoleRegions.of(page, zone, parts.turned()));
    }
    return frames;
  }

  /** Of the page without line numbers and what lies sideways, boxes of characters drawn. */
  static PageEvidence evidence(Page page) {
    Page drawn = CharacterBoxes.redraw(LineNumbers.setAside(page)).page();
    return PageEvidence.of(SidewaysTables.without(drawn, SidewaysTables.find(drawn)));
  }
}
