package dev.inlay.choose;

import dev.inlay.geom.Box;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import dev.inlay.page.Glyph;
import dev.inlay.page.Turn;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Recognises texts that a page prints over each other: their characters stand mixed in one cell,
 * and may look like a figure that nobody wrote.
 */
final class Overprints {

  /** Type is never set so tight that a character covers this share of the next one. */
  private static final double COVERED = 0.5;

  /** Characters on one baseline differ by less, in type sizes. */
  private static final double SAME_BASELINE = 0.05;

  private Overprints() {}

  /** A warning with the cells of a grid in which letters or digits cover each other. */
  static Optional<Warning> of(Grid grid) {
    List<Cell> mixed =
        grid.rows().stream().flatMap(List::stream).filter(Overprints::isMixed).toList();
    if (mixed.isEmpty()) {
      return Optional.empty();
    }
    String text = Warning.shortened(mixed.get(0).text());
    String message =
        "characters are printed over each other in "
            + mixed.size()
            + " cell(s), as in \""
            + text
            + "\"";
    return Optional.of(
        new Warning(WarningCode.OVERPRINTED_TEXT, grid.frame().page(), message)
            .at(mixed.get(0).box()));
  }

  /** Turned texts are left out: they are headings, and hardly ever printed over others. */
  private static boolean isMixed(Cell cell) {
    List<Glyph> signs = new ArrayList<>();
    for (Glyph glyph : cell.glyphs()) {
      if (glyph.turn() == Turn.UPRIGHT && isLetterOrDigit(glyph)) {
        signs.add(glyph);
      }
    }
    signs.sort(Comparator.comparingDouble(g -> g.box().left()));
    for (int i = 1; i < signs.size(); i++) {
      if (covers(signs.get(i - 1), signs.get(i))) {
        return true;
      }
    }
    return false;
  }

  /** Accents and signs put together of strokes are printed over others on purpose. */
  private static boolean isLetterOrDigit(Glyph glyph) {
    return !glyph.text().isEmpty() && Character.isLetterOrDigit(glyph.text().codePointAt(0));
  }

  private static boolean covers(Glyph left, Glyph right) {
    Box a = left.box();
    Box b = right.box();
    double shared = a.horizontal().overlap(b.horizontal());
    return Math.abs(left.baseline() - right.baseline()) < SAME_BASELINE * left.size()
        && shared > COVERED * Math.min(a.width(), b.width());
  }
}
