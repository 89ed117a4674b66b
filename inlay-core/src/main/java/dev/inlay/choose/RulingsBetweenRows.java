package dev.inlay.choose;

import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Glyph;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import java.util.List;

/**
 * Whether rulings part the rows of a grid and none stands below the last one: a page break then
 * parts that row.
 */
final class RulingsBetweenRows {

  /** Fewer rulings between rows may part something else. */
  private static final int LEAST_PARTED = 3;

  /** Rulings part the rows where they stand between this share of them. */
  private static final double PARTED_SHARE = 0.8;

  /** A ruling parts rows that covers this share of the width. */
  private static final double COVERED_SHARE = 0.8;

  private RulingsBetweenRows() {}

  /** Looks at the rows below the header. */
  static boolean leaveLastOpen(Grid grid, int header) {
    List<Ruling> across =
        grid.frame().horizontals().stream()
            .filter(r -> r.extent().length() >= COVERED_SHARE * grid.frame().box().width())
            .toList();
    if (across.size() < LEAST_PARTED) {
      return false;
    }
    int pairs = 0;
    int parted = 0;
    Interval above = null;
    for (List<Cell> row : grid.rows().subList(header, grid.rows().size())) {
      Interval text = text(row);
      if (text != null) {
        if (above != null) {
          pairs++;
          parted += isBetween(above, text, across) ? 1 : 0;
        }
        above = text;
      }
    }
    double last = above == null ? 0 : above.middle();
    return parted >= LEAST_PARTED
        && parted >= PARTED_SHARE * pairs
        && across.stream().noneMatch(r -> r.at() > last);
  }

  private static boolean isBetween(Interval above, Interval below, List<Ruling> across) {
    return across.stream().anyMatch(r -> r.at() > above.middle() && r.at() < below.middle());
  }

  /** The height of the texts that stand in a row alone, or null where there are none. */
  private static Interval text(List<Cell> row) {
    List<Glyph> glyphs =
        row.stream()
            .filter(c -> c.rowSpan() == 1)
            .flatMap(c -> c.glyphs().stream())
            .filter(g -> !g.isBlank())
            .toList();
    return glyphs.isEmpty() ? null : Box.around(glyphs, Glyph::box).vertical();
  }
}
