package dev.inlay.document;

import dev.inlay.choose.PageTable;
import dev.inlay.choose.PartComparison;
import dev.inlay.model.RowKind;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Puts the rows of a table's parts together: the header and headings of rows that are printed again
 * are kept once, and a row that a page break parts is made whole.
 */
final class PartRows {

  private final PageTable first;
  private PageTable before;
  private final List<TableRow> rows = new ArrayList<>();

  /** What the headings of rows say, as far as they are read. */
  private final Set<String> headings = new HashSet<>();

  private PartRows(PageTable first) {
    this.first = first;
    before = first;
    rows.addAll(first.header());
  }

  /**
   * The rows of a table, the header first.
   *
   * @param parts in the order of the pages, at least one
   */
  static List<TableRow> of(List<PageTable> parts) {
    PartRows table = new PartRows(parts.get(0));
    parts.forEach(table::add);
    table.endWithoutHeading();
    return table.rows;
  }

  private void add(PageTable part) {
    List<TableRow> more = part == first ? part.body() : withoutRepeatedHeader(part);
    List<TableRow> fresh = withoutHeaderAmong(withoutRepeatedHeadings(more));
    Optional<TableRow> whole =
        part != first && !fresh.isEmpty() && !rows.isEmpty()
            ? BrokenRow.join(rows, fresh.get(0), before.frame().endsOpen(), part)
            : Optional.empty();
    whole.ifPresent(row -> rows.set(rows.size() - 1, row));
    rows.addAll(whole.isPresent() ? fresh.subList(1, fresh.size()) : fresh);
    fresh.stream().filter(r -> r.kind() == RowKind.GROUP).forEach(r -> headings.add(heading(r)));
    before = part;
  }

  /** The rows of a part that goes on: all but the header printed again. */
  private List<TableRow> withoutRepeatedHeader(PageTable part) {
    if (part.headerRows() == 0 || PartComparison.repeatsHeader(first, part)) {
      return part.body();
    }
    // Nothing but its place made the first row a header, and it stands below the one before.
    return part.withoutHeader().rows();
  }

  /** The rows of a part without headings printed again after the page break. */
  private List<TableRow> withoutRepeatedHeadings(List<TableRow> more) {
    int from = 0;
    while (from < more.size() && isHeadingAgain(more.get(from))) {
      from++;
    }
    return more.subList(from, more.size());
  }

  /** The rows of a part without a header printed again among them, and group headings after it. */
  private List<TableRow> withoutHeaderAmong(List<TableRow> more) {
    if (first.headerRows() == 0) {
      return more;
    }
    List<String> header = texts(first.header().get(first.headerRows() - 1));
    List<TableRow> kept = new ArrayList<>();
    boolean behind = false;
    for (TableRow row : more) {
      boolean again = header.size() > 1 && texts(row).equals(header);
      behind = again || behind && isHeadingAgain(row);
      if (!behind) {
        kept.add(row);
      }
      if (row.kind() == RowKind.GROUP) {
        headings.add(heading(row));
      }
    }
    return kept;
  }

  private boolean isHeadingAgain(TableRow row) {
    return row.kind() == RowKind.GROUP && headings.contains(heading(row));
  }

  private static String heading(TableRow row) {
    return PartComparison.plain(row.cells().get(0).text());
  }

  private static List<String> texts(TableRow row) {
    return row.cells().stream().map(TableCell::text).filter(t -> !t.isEmpty()).toList();
  }

  /** What has no rows below it heads none. */
  private void endWithoutHeading() {
    int last = rows.size() - 1;
    TableRow bottom = rows.get(last);
    if (bottom.kind() == RowKind.GROUP) {
      rows.set(last, new TableRow(RowKind.NOTE, bottom.page(), bottom.cells()));
    }
  }
}
