package dev.inlay.score;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.evidence.Ruling;
import dev.inlay.page.Fill;
import java.util.List;

/**
 * The lines of one column of a page, with what is drawn around them: all that the roles of the
 * lines are read from.
 *
 * @param lines upright ones, from top to bottom
 * @param horizontals the page's horizontal rulings, from top to bottom
 * @param verticals the page's vertical rulings, from left to right
 * @param fills the page's painted boxes, in the order in which they are drawn
 * @param pageHeight in points
 * @param typeSize the height of the page's ordinary type, in points
 */
public record Zone(
    List<ChunkLine> lines,
    List<Ruling> horizontals,
    List<Ruling> verticals,
    List<Fill> fills,
    double pageHeight,
    double typeSize) {

  /** Keeps copies that cannot change. */
  public Zone {
    lines = List.copyOf(lines);
    horizontals = List.copyOf(horizontals);
    verticals = List.copyOf(verticals);
    fills = List.copyOf(fills);
  }

  /** Some lines of a page with what is drawn on it. */
  public static Zone of(PageEvidence page, List<ChunkLine> lines) {
    return new Zone(
        lines,
        page.horizontals(),
        page.verticals(),
        page.page().fills(),
        page.page().height(),
        page.typeSize());
  }

  /** The same drawings around other lines. */
  public Zone withLines(List<ChunkLine> others) {
    return new Zone(others, horizontals, verticals, fills, pageHeight, typeSize);
  }
}
