package dev.inlay.choose;

import dev.inlay.geom.Box;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import java.util.List;
import java.util.Optional;

/**
 * Warns of lines that were read as running text and may be rows of a table: they stand right above
 * it or below it, or, where it ends a page, at the head of the next one.
 */
public final class PossibleRows {

  /** Rows stand at most this many times the height of their lines away from the table. */
  private static final double REACH = 1.5;

  private PossibleRows() {}

  /** Warnings of lines right above a table, or below it, on its page. */
  public static List<Warning> beside(PageTables page, PageTable table) {
    return page.possible().stream()
        .filter(p -> isBeside(p, table.frame().box()))
        .map(p -> warning(page.page(), p))
        .toList();
  }

  /** Whether lines stand no further above a frame, or below it, than rows do. */
  static boolean isBeside(PossibleTable lines, Box table) {
    Box place = lines.place();
    double reach = REACH * place.height() / lines.lines();
    double away = Math.max(place.top() - table.bottom(), table.top() - place.bottom());
    return away < reach && place.horizontal().overlap(table.horizontal()) > 0;
  }

  /** A warning of lines at the head of a page, where the table before ends the page before. */
  public static Optional<Warning> behindBreak(PageTables page, PageTable before) {
    return page.possibleAtHead()
        .filter(p -> before.last() && page.page() == before.frame().page() + 1)
        .map(p -> warning(page.page(), p));
  }

  /** The warning of lines on a page. */
  static Warning warning(int page, PossibleTable lines) {
    return new Warning(WarningCode.POSSIBLE_ROWS, page, lines.message("rows of it"))
        .at(lines.place());
  }
}
