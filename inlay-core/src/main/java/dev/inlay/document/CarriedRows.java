package dev.inlay.document;

import dev.inlay.model.TableRow;
import dev.inlay.propose.NumericTexts;
import dev.inlay.text.CarriedOver;
import java.util.List;

/**
 * Recognises sums that are carried over a page break: the last row of a page and the first of the
 * next with the same figures, or a row that says so.
 */
final class CarriedRows {

  private CarriedRows() {}

  /**
   * Whether a row is a sum carried over.
   *
   * @param rows those below the header
   * @param row the number of one that holds figures
   */
  static boolean isCarried(List<TableRow> rows, int row) {
    TableRow here = rows.get(row);
    boolean beside = isBesideBreak(rows, row);
    return here.cells().stream()
            .filter(c -> !c.text().isEmpty())
            .limit(2)
            .anyMatch(
                c ->
                    beside
                        ? CarriedOver.isSaidBesideBreak(c.text())
                        : CarriedOver.isSaidIn(c.text()))
        || row > 0 && isPair(rows.get(row - 1), here)
        || row + 1 < rows.size() && isPair(here, rows.get(row + 1));
  }

  /** Whether a row is the first or the last of its page, and the table has rows on another. */
  private static boolean isBesideBreak(List<TableRow> rows, int row) {
    int page = rows.get(row).page();
    return row > 0 && rows.get(row - 1).page() != page
        || row + 1 < rows.size() && rows.get(row + 1).page() != page;
  }

  /** Whether two rows beside a page break have the same figures under other labels. */
  private static boolean isPair(TableRow above, TableRow below) {
    if (above.page() == below.page()) {
      return false;
    }
    List<String> carried = figures(above);
    return carried.equals(figures(below))
        && carried.stream().anyMatch(f -> f.length() > 2)
        && labels(above) <= 1
        && labels(below) <= 1;
  }

  private static List<String> figures(TableRow row) {
    return row.cells().stream()
        .filter(c -> NumericTexts.isFigure(c.text()))
        .map(c -> c.column() + " " + c.text())
        .toList();
  }

  private static long labels(TableRow row) {
    return row.cells().stream().filter(c -> !c.text().isEmpty()).count() - figures(row).size();
  }
}
