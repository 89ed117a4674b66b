package dev.inlay.choose;

import dev.inlay.evidence.PageEvidence;
import dev.inlay.model.Decision;
import dev.inlay.page.Page;
import dev.inlay.propose.HeadingDecisions;
import dev.inlay.propose.OpenFrame;
import dev.inlay.propose.OpenGridBuilder;
import dev.inlay.propose.StripDecisions;
import dev.inlay.propose.TextDecisions;
import dev.inlay.score.RoleDecisions;
import dev.inlay.score.Zone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Says why the lines of a page are read as what they are. Decides nothing: each stage depends on
 * nothing but what it is given, so that it can be asked again.
 */
public final class PageDecisions {

  private PageDecisions() {}

  /**
   * The decisions about the upright lines of a page, its headings and texts of its rows, from top
   * to bottom.
   *
   * @param page as it was read, without furniture that stands inside tables
   */
  public static List<Decision> of(Page page) {
    PageEvidence evidence = PageZones.evidence(page);
    PageParts parts = PageParts.of(evidence, Proposal.CHOSEN);
    List<Decision> decisions = new ArrayList<>();
    List<Zone> zones = new ArrayList<>(parts.columns());
    zones.addAll(parts.boxes());
    for (Zone zone : zones) {
      decisions.addAll(RoleDecisions.of(page.number(), zone));
    }
    parts.ruled().stream()
        .flatMap(g -> RuledRows.zone(g, evidence).stream())
        .map(zone -> RoleDecisions.ofRuled(page.number(), zone))
        .forEach(decisions::addAll);
    for (OpenFrame frame : PageZones.frames(page.number(), parts)) {
      decisions.addAll(HeadingDecisions.of(page.number(), OpenGridBuilder.layout(frame)));
      decisions.addAll(TextDecisions.of(page.number(), frame));
      decisions.addAll(StripDecisions.of(page.number(), frame));
    }
    PageGrids.find(evidence).grids().stream().map(HeaderRows::decision).forEach(decisions::add);
    decisions.sort(Comparator.comparingDouble(d -> d.place().orElseThrow().top()));
    return decisions;
  }
}
