package dev.inlay;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.PageColumns;
import dev.inlay.evidence.PageMeasure;
import dev.inlay.evidence.Ruling;
import dev.inlay.evidence.RulingFinder;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import dev.inlay.page.Turn;
import dev.inlay.propose.OpenFrame;
import dev.inlay.propose.RoleRegions;
import dev.inlay.score.Zone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The zones and regions of pages made by hand. */
public final class Regions {

  private static final PageMeasure MEASURE = new PageMeasure(10);

  private Regions() {}

  /** The zones of a page, column by column. */
  public static List<Zone> zones(PageBuilder builder) {
    Page page = builder.build();
    List<Ruling> rulings = RulingFinder.find(page, MEASURE);
    List<Ruling> horizontals = rulings.stream().filter(Ruling::horizontal).toList();
    List<Ruling> verticals = rulings.stream().filter(r -> !r.horizontal()).toList();
    List<TextLine> upright =
        LineComposer.compose(page.glyphs()).stream()
            .filter(l -> l.turn() == Turn.UPRIGHT)
            .sorted(Comparator.comparingDouble(TextLine::baseline))
            .toList();
    List<Zone> zones = new ArrayList<>();
    for (List<TextLine> lines : PageColumns.part(upright, horizontals)) {
      zones.add(
          new Zone(ChunkLine.of(lines), horizontals, verticals, page.fills(), page.height(), 10));
    }
    return zones;
  }

  /** The regions that are proposed on a page. */
  public static List<OpenFrame> of(PageBuilder builder) {
    List<TextLine> turned =
        LineComposer.compose(builder.build().glyphs()).stream()
            .filter(l -> l.turn() != Turn.UPRIGHT)
            .toList();
    List<OpenFrame> regions = new ArrayList<>();
    zones(builder).forEach(z -> regions.addAll(RoleRegions.of(1, z, turned)));
    return regions;
  }
}
