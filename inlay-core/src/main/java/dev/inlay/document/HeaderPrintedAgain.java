package dev.inlay.document;

import dev.inlay.choose.PageTable;
import dev.inlay.geom.Box;
import dev.inlay.model.RowKind;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Takes rows out of a header that is printed again: on the pages behind the first the header of a
 * table is known, so what else was read into it, as the rest of a row that the page break parts, is
 * none of it.
 */
final class HeaderPrintedAgain {

  private final PageTable first;
  private final PageTable part;

  private HeaderPrintedAgain(PageTable first, PageTable part) {
    this.first = first;
    this.part = part;
  }

  /**
   * The part with just the header of the table, and the other texts of its own as rows below.
   *
   * @param first with which the table begins
   * @param part one that may go on with it
   * @return the part as it is where its header holds nothing else, or is another
   */
  static PageTable alone(PageTable first, PageTable part) {
    boolean comparable =
        first.headerRows() > 0
            && part.headerRows() >= first.headerRows()
            && part.columns() == first.columns();
    return comparable ? new HeaderPrintedAgain(first, part).alone() : part;
  }

  private PageTable alone() {
    int header = first.headerRows();
    List<TableRow> rows = new ArrayList<>();
    List<TableCell> rests = new ArrayList<>();
    for (int r = 0; r < header; r++) {
      Optional<TableRow> again = again(r, rests);
      if (again.isEmpty()) {
        return part;
      }
      rows.add(again.get());
    }
    // what stands alone where the table has no heading may be one
    boolean below = rests.stream().anyMatch(r -> !lowest().textAt(r.column()).isEmpty());
    if (!below && (!rests.isEmpty() || part.headerRows() == header)) {
      return part;
    }
    if (below) {
      rows.add(new TableRow(RowKind.BODY, part.frame().page(), rests));
    }
    for (TableRow row : part.rows().subList(header, part.headerRows())) {
      rows.add(new TableRow(RowKind.BODY, row.page(), row.cells()));
    }
    rows.addAll(part.body());
    return part.withRows(header, rows);
  }

  /** The lowest row of the table's header. */
  private TableRow lowest() {
    return first.header().get(first.headerRows() - 1);
  }

  /**
   * A row of the header as the table's first part has it; empty where it says something else.
   *
   * @param rests gets what stands below its texts, in the lowest row only
   */
  private Optional<TableRow> again(int row, List<TableCell> rests) {
    TableRow due = first.header().get(row);
    List<TableCell> cells = new ArrayList<>();
    for (TableCell cell : part.rows().get(row).cells()) {
      String text = due.textAt(cell.column());
      if (cell.text().equals(text)) {
        cells.add(cell);
      } else if (row == first.headerRows() - 1 && cell.columnSpan() == 1 && goesOn(cell, text)) {
        addParts(cell, text, cells, rests);
      } else {
        return Optional.empty();
      }
    }
    boolean all = due.cells().stream().filter(c -> !c.text().isEmpty()).count() == texts(cells);
    return all
        ? Optional.of(new TableRow(RowKind.HEADER, part.frame().page(), cells))
        : Optional.empty();
  }

  private static long texts(List<TableCell> cells) {
    return cells.stream().filter(c -> !c.text().isEmpty()).count();
  }

  /** Whether a cell holds a text, and on new lines more. */
  private static boolean goesOn(TableCell cell, String text) {
    return text.isEmpty() || cell.text().startsWith(text) && begins(cell, text) != 0;
  }

  /** Where in a cell a line begins right behind a text; 0 where none does. */
  private static int begins(TableCell cell, String text) {
    for (int start : cell.lineStarts()) {
      if (start >= text.length() && cell.text().substring(text.length(), start).isBlank()) {
        return start;
      }
    }
    return 0;
  }

  private static void addParts(
      TableCell cell, String text, List<TableCell> header, List<TableCell> rests) {
    int start = text.isEmpty() ? 0 : begins(cell, text);
    List<Integer> above = cell.lineStarts().stream().filter(s -> s < start).toList();
    List<Integer> below =
        cell.lineStarts().stream().filter(s -> s > start).map(s -> s - start).toList();
    Box box = cell.box();
    double lines = cell.lineStarts().size() + 1.0;
    double cut = box.top() + box.height() * (text.isEmpty() ? 0 : (above.size() + 1) / lines);
    if (!text.isEmpty()) {
      Box upper = new Box(box.left(), box.top(), box.right(), cut);
      header.add(new TableCell(text, above, cell.column(), 1, cell.rowSpan(), upper));
    }
    Box lower = new Box(box.left(), cut, box.right(), box.bottom());
    String rest = cell.text().substring(start);
    rests.add(new TableCell(rest, below, cell.column(), 1, 1, lower));
  }
}
